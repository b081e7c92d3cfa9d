<?php

declare(strict_types=1);

namespace App\Artwork\Events;

use Illuminate\Foundation\Events\Dispatchable;

/** The stitches of an artwork, or where it stops, are others now. */
final readonly class ArtworkChanged
{
    use Dispatchable;

    /** @param bool $isRead its tape was read, not only its stop sheet changed */
    public function __construct(public int $artworkId, public bool $isRead = false) {}
}
