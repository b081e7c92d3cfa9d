<?php

declare(strict_types=1);

namespace Hakama\Books;

/** What one order came to on one machine on one day. */
final readonly class Entry
{
    /**
     * @param string             $day      YYYY-MM-DD
     * @param int                $stitches sewn, on every head
     * @param int                $done     pieces finished
     * @param array<string, int> $spoiled  cause => pieces
     * @param float              $plannedS what those pieces should have taken
     * @param float              $realS    what the machine's clock says they took
     */
    public function __construct(
        public string $day,
        public string $machine,
        public string $order,
        public int $stitches,
        public int $done,
        public array $spoiled,
        public float $plannedS,
        public float $realS,
    ) {}

    public function spoiledPieces(): int
    {
        return array_sum($this->spoiled);
    }

    /** Real over planned time; null when nothing was planned. */
    public function overPlan(): ?float
    {
        return $this->plannedS > 0 ? $this->realS / $this->plannedS : null;
    }
}
