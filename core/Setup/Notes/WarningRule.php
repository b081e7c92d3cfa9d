<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Closure;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Words\Text;

/** Something that may stand in the way: when, and in which words. */
final readonly class WarningRule
{
    /**
     * @param bool|Closure(SetupDecision): bool $stops whether it cannot be sewn as asked
     * @param Closure(SetupDecision): ?Text $says    null when it does not apply
     */
    public function __construct(
        public string $code,
        private bool|Closure $stops,
        public Closure $says,
    ) {}

    /** What raises it, for people who read the table. */
    public function when(): Text
    {
        return new Text("when.warning.{$this->code}");
    }

    public function mayStop(): bool
    {
        return $this->stops !== false;
    }

    public function stops(SetupDecision $decided): bool
    {
        return is_bool($this->stops) ? $this->stops : ($this->stops)($decided);
    }

    /** "stops", "warns", or, where the case decides, "depends". */
    public function weight(): string
    {
        return match ($this->stops) {
            true => 'stops',
            false => 'warns',
            default => 'depends',
        };
    }
}
