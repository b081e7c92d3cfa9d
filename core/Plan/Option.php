<?php

declare(strict_types=1);

namespace Hakama\Plan;

/** One place a batch could stand, with all that would follow. */
final readonly class Option
{
    /**
     * @param int                $place     before which it would stand, 0 is first
     * @param float              $costMore  than the plan it is compared with
     * @param float              $setupMore minutes of set-up
     * @param array<string, int> $later     other batch => seconds it ends later; below zero sooner
     * @param list<string>       $late      other batches that are in time now and would not be
     * @param list<string>       $saved     other batches that are late now and would not be
     */
    public function __construct(
        public string $machine,
        public int $place,
        public int $end,
        public int $lateS,
        public float $costMore,
        public float $setupMore,
        public array $later,
        public array $late,
        public array $saved,
        public Sequence $sequence,
    ) {}

    public function pushesNobody(): bool
    {
        return array_filter($this->later, static fn(int $seconds): bool => $seconds > 0) === [];
    }
}
