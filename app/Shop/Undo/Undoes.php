<?php

declare(strict_types=1);

namespace App\Shop\Undo;

use App\Shop\Models\Change;

/** Gives one kind of thing back what it was before a change. */
interface Undoes
{
    /** @return string|null why it cannot be undone any more; null when it was */
    public function undo(Change $change): ?string;
}
