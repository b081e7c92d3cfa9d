<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Words\Text;

/** A step to take or a caution to mind, by its code and in words. */
final readonly class Note
{
    public function __construct(public string $code, public Text $text, public WorkStage $stage) {}
}
