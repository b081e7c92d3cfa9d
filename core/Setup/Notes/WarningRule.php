<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Closure;
use Hakama\Setup\Rules\SetupDecision;

/** Something that may stand in the way: when, and in which words. */
final readonly class WarningRule
{
    /**
     * @param bool|Closure(SetupDecision): bool $stops whether it cannot be sewn as asked
     * @param string                    $when    for people: what raises it
     * @param Closure(SetupDecision): ?string $says    null when it does not apply
     */
    public function __construct(
        public string $code,
        private bool|Closure $stops,
        public string $when,
        public Closure $says,
    ) {}

    public function mayStop(): bool
    {
        return $this->stops !== false;
    }

    public function stops(SetupDecision $decided): bool
    {
        return is_bool($this->stops) ? $this->stops : ($this->stops)($decided);
    }

    /** "stops", "warns", or, where it depends on the case, "stops or warns". */
    public function weight(): string
    {
        return match ($this->stops) {
            true => 'stops',
            false => 'warns',
            default => 'stops or warns',
        };
    }
}
