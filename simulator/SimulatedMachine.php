<?php

declare(strict_types=1);

namespace Simulator;

use Hakama\Machine\Timeline;

/**
 * The inside of a machine: a clock that advances while it sews, a needle that is at some stitch, and
 * a thread that breaks now and then. It knows nothing of the network.
 */
final class SimulatedMachine
{
    /** @var list<float> seconds from the load's start at which each stitch is sewn, on an undisturbed run */
    private array $sewnAt = [];
    /** @var list<int> stitches at which the thread breaks */
    private array $breaks = [];
    /** @var list<int> stitches after which it halts, because a hand is wanted */
    private array $halts = [];
    private float $sewingS = 0.0;
    private float $clockS = 0.0;
    private int $stitch = 0;

    /** @param float $breaksPer1000 chance of a break per head and 1000 stitches */
    public function __construct(private readonly float $breaksPer1000) {}

    /**
     * Takes up a load, at its beginning or where it was left.
     *
     * @param int       $seed  the same seed breaks the thread at the same stitches
     * @param list<int> $halts stitches after which it halts
     */
    public function load(
        Timeline $timeline,
        int $heads,
        int $seed,
        int $stitch = 0,
        float $clockS = 0.0,
        array $halts = [],
    ): void {
        $this->sewnAt = $timeline->sewnAt();
        $this->breaks = self::breaksFor(count($this->sewnAt), $this->breaksPer1000 * $heads, $seed);
        $this->stitch = min($stitch, count($this->sewnAt));
        $this->sewingS = $this->stitch === 0 ? 0.0 : $this->sewnAt[$this->stitch - 1];
        $this->clockS = max($clockS, $this->sewingS);
        $ahead = fn(int $at): bool => $at > $this->stitch;
        $this->breaks = array_values(array_filter($this->breaks, $ahead));
        $this->halts = array_values(array_filter($halts, $ahead));
    }

    /** Sews for so many seconds of the machine's own time; stops short at a break, at a halt or at the end. */
    public function sew(float $seconds): Happening
    {
        $until = $this->sewingS + $seconds;
        $end = count($this->sewnAt);
        while ($this->stitch < $end && $this->sewnAt[$this->stitch] <= $until) {
            $this->stitch++;
            if ($this->breaks !== [] && $this->stitch >= $this->breaks[0]) {
                array_shift($this->breaks);
                $this->advanceTo($this->sewnAt[$this->stitch - 1]);

                return Happening::ThreadBroke;
            }
            if ($this->halts !== [] && $this->stitch >= $this->halts[0]) {
                array_shift($this->halts);
                $this->advanceTo($this->sewnAt[$this->stitch - 1]);

                return Happening::HandStop;
            }
        }
        if ($this->stitch >= $end) {
            $this->advanceTo($this->sewnAt[$end - 1] ?? 0.0);

            return Happening::Sewn;
        }
        $this->advanceTo($until);

        return Happening::Nothing;
    }

    /** Time passes while it stands still: it belongs to the load all the same. */
    public function wait(float $seconds): void
    {
        $this->clockS += $seconds;
    }

    public function stitch(): int
    {
        return $this->stitch;
    }

    public function clockS(): float
    {
        return $this->clockS;
    }

    private function advanceTo(float $sewingS): void
    {
        $this->clockS += max(0.0, $sewingS - $this->sewingS);
        $this->sewingS = max($this->sewingS, $sewingS);
    }

    /** @return list<int> */
    private static function breaksFor(int $stitches, float $per1000, int $seed): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $breaks = [];
        for ($thousand = 0; $thousand * 1000 < $stitches; $thousand++) {
            if ($random->getInt(0, 9999) < 10_000 * $per1000) {
                $breaks[] = $thousand * 1000 + $random->getInt(1, 999);
            }
        }

        return array_values(array_filter($breaks, static fn(int $at): bool => $at < $stitches));
    }
}
