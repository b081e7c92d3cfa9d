<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Random\Randomizer;

/**
 * What a plan is led by while it is built: which batch comes when, and what a minute of a frame or of a machine is
 * taken to be worth beside the true cost. Such prices make a batch keep off what others will want more, which its own
 * cost cannot know; the finished plan is judged without them. All of it is drawn by chance, and changed a little where a
 * plan that came of it was good.
 *
 * @internal
 */
final readonly class Guide
{
    /** A due time counts as so many thousandths of what is left until then. */
    private const URGENCY = [850, 1150];
    /** How many times its shortest run is taken off what a batch has left; in so many guides, percent, not at all. */
    private const RUNS = [1, 3];
    private const WITHOUT = 10;
    /** The dearest minute of all frames of a kind, and of a machine, of what a minute late costs. */
    private const DEAREST_FRAMES = 2.0;
    private const DEAREST_MACHINE = 0.05;
    /** Prices lie up to this many powers of ten below the dearest; of a machine, such a share is nothing, percent. */
    private const POWERS = 1;
    private const FREE = 33;
    /** They hold for so many thousandths of the batches, those that are due first: later on there may be enough. */
    private const SHARES = [200, 350, 500, 700, 1000];

    /**
     * @param array<int, int>               $urgency  batch => thousandths
     * @param array<int, float>             $frames   frame => cost of a second of one of them
     * @param array<int, array<int, float>> $machines frame => machine => cost of a second
     * @param array<int, int>               $shares   frame => thousandths of the batches that its prices hold for
     */
    private function __construct(
        private int $runs,
        private array $urgency,
        private array $frames,
        private array $machines,
        private array $shares,
    ) {}

    /** By due time, and every minute free. */
    public static function plain(Numbers $numbers): self
    {
        $free = array_fill(0, count($numbers->machines), 0.0);

        return new self(
            0,
            array_fill(0, count($numbers->batches), 1000),
            array_fill(0, count($numbers->stock), 0.0),
            array_fill(0, count($numbers->stock), $free),
            array_fill(0, count($numbers->stock), 1000),
        );
    }

    /**
     * Each of it drawn anew with a probability, percent; kept otherwise.
     *
     * @param array<int, int> $scarce frame => the share of guides in which it has a price, percent
     */
    public function changed(Numbers $numbers, float $late, array $scarce, Randomizer $chance, int $percent): self
    {
        $isIn = static fn(int $share): bool => $chance->getInt(1, 100) <= $share;
        $isNew = static fn(): bool => $isIn($percent);
        $price = static fn(float $dearest, int $priced): float => $isIn($priced)
            ? ($dearest * $late * 10 ** ((-self::POWERS * $chance->getInt(0, 1000)) / 1000)) / 60
            : 0.0;
        [$urgency, $frames, $machines, $shares] = [$this->urgency, $this->frames, $this->machines, $this->shares];
        foreach ($urgency as $batch => $_) {
            if ($isNew()) {
                $urgency[$batch] = $chance->getInt(...self::URGENCY);
            }
        }
        foreach ($frames as $frame => $_) {
            if ($isNew()) {
                $frames[$frame] = $price(self::DEAREST_FRAMES, $scarce[$frame]) / max(1, $numbers->stock[$frame]);
            }
            if ($isNew()) {
                $shares[$frame] = self::SHARES[$chance->getInt(0, count(self::SHARES) - 1)];
            }
            foreach ($machines[$frame] as $m => $__) {
                if ($isNew()) {
                    $machines[$frame][$m] = $price(self::DEAREST_MACHINE, 100 - self::FREE);
                }
            }
        }

        return new self(
            $isNew() ? ($isIn(self::WITHOUT) ? 0 : $chance->getInt(...self::RUNS)) : $this->runs,
            $urgency,
            $frames,
            $machines,
            $shares,
        );
    }

    /**
     * Batches, the most urgent first.
     *
     * @param list<int>       $batches
     * @param array<int, int> $shortestS batch => its shortest run
     *
     * @return list<int>
     */
    public function order(Numbers $numbers, array $batches, array $shortestS, int $now): array
    {
        $left = [];
        foreach ($batches as $batch) {
            $left[$batch] =
                ($numbers->due[$batch] - $now - $this->runs * $shortestS[$batch]) * $this->urgency[$batch];
        }
        asort($left);

        return array_keys($left);
    }

    /**
     * What a batch that runs so long on a machine is taken to cost beside its true cost.
     *
     * @param int $dueRank its place among all batches by due time, thousandths
     */
    public function extra(Numbers $numbers, int $m, int $batch, int $runS, int $dueRank): float
    {
        $frame = $numbers->frame[$batch];

        return $dueRank >= $this->shares[$frame]
            ? 0.0
            : ($this->frames[$frame] * $numbers->frames[$m][$batch] + $this->machines[$frame][$m]) * $runS;
    }
}
