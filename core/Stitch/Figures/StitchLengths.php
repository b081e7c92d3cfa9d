<?php

declare(strict_types=1);

namespace Hakama\Stitch\Figures;

/**
 * How many stitches there are of each length. Moves are whole tenths of a millimetre, so the square
 * of a length is a whole number and nothing is lost: times worked out from this agree with times
 * worked out stitch by stitch, without the tape at hand.
 */
final readonly class StitchLengths
{
    /** @param array<int, int> $counts squared length in (0.1 mm)² => stitches */
    private function __construct(public array $counts) {}

    /** @param array<int, int> $counts squared length in (0.1 mm)² => stitches */
    public static function of(array $counts): self
    {
        ksort($counts);

        return new self($counts);
    }

    public function stitches(): int
    {
        return array_sum($this->counts);
    }

    public function totalMm(): float
    {
        $sum = 0.0;
        foreach ($this->counts as $square => $count) {
            $sum += $count * sqrt($square);
        }

        return $sum / 10;
    }

    public function shortestMm(): float
    {
        return $this->counts === [] ? 0.0 : sqrt(min(array_keys($this->counts))) / 10;
    }

    public function longestMm(): float
    {
        return $this->counts === [] ? 0.0 : sqrt(max(array_keys($this->counts))) / 10;
    }

    public function shorterThan(float $mm): int
    {
        return $this->countWhere(static fn(float $length): bool => $length < $mm);
    }

    public function longerThan(float $mm): int
    {
        return $this->countWhere(static fn(float $length): bool => $length > $mm);
    }

    /** @param callable(float): bool $wanted */
    private function countWhere(callable $wanted): int
    {
        $sum = 0;
        foreach ($this->counts as $square => $count) {
            $sum += $wanted(sqrt($square) / 10) ? $count : 0;
        }

        return $sum;
    }
}
