<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

/** What the shop has logged of one kind of time: real over planned. */
final readonly class Logged
{
    /** With fewer than this the spread is anybody's guess. */
    public const LEAST = 12;

    /** @param list<float> $ratios above 0 */
    public function __construct(private array $ratios) {}

    public function count(): int
    {
        return count($this->ratios);
    }

    /** The coefficient of variation, from the sample standard deviation; null where too little is logged. */
    public function cv(): ?float
    {
        $count = $this->count();
        if ($count < self::LEAST) {
            return null;
        }
        $mean = array_sum($this->ratios) / $count;
        $squares = array_sum(array_map(static fn(float $ratio): float => ($ratio - $mean) ** 2, $this->ratios));

        return sqrt($squares / ($count - 1)) / $mean;
    }
}
