<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Closure;

/** A step or a caution: when it is shown, and in which words. */
final readonly class NoteRule
{
    /** @param Closure(Decided): bool $applies */
    public function __construct(
        public string $code,
        public string $when,
        public Closure $applies,
        public string $text,
    ) {}
}
