<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Words\Text;

/** Something that stands in the way. When it stops the job, the text says what would make it possible. */
final readonly class Warning
{
    public function __construct(public string $code, public Text $text, public bool $stops) {}
}
