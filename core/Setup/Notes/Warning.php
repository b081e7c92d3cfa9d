<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

/** Something that stands in the way. When it stops the job, the text says what would make it possible. */
final readonly class Warning
{
    public function __construct(public string $code, public string $text, public bool $stops) {}
}
