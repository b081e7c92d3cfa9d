<?php

declare(strict_types=1);

namespace Hakama\Plan\Odds;

use Hakama\Plan\Placed;

/**
 * The times of one batch of a plan, drawn again for each run.
 *
 * @internal
 */
final readonly class Draws
{
    private float $sewCv;
    private float $hoopCv;
    /** Thread breaks in one piece, on average. */
    private float $breaks;

    public function __construct(
        private Placed $placed,
        private int $heads,
        private Spread $spread,
        private Chance $chance,
    ) {
        $this->sewCv = $spread->sewCvOf($placed->batch->id);
        $this->hoopCv = $spread->hoopCvOf($placed->batch->id);
        $this->breaks = (($spread->stitches[$placed->batch->id] ?? 0) / 1000) * $spread->breaksPer1000;
    }

    public function changeoverS(): int
    {
        return (int) round($this->placed->changeoverS * $this->chance->factor($this->spread->changeoverCv));
    }

    /**
     * The loads of its pieces and of those that are spoiled and sewn again at its end. A thread break stops the load in
     * which it happens, all heads of it.
     *
     * @return list<int> seconds
     */
    public function loadsS(): array
    {
        $batch = $this->placed->batch;
        $sewing = $batch->sewing;
        $pieces = $batch->pieces + $this->chance->binomial($batch->pieces, $this->spread->spoil);
        $hoopS = $sewing->hoopS * $this->chance->factor($this->hoopCv);
        $sewS = $sewing->sewS[$this->placed->machine] * $this->chance->factor($this->sewCv);
        $loads = intdiv($pieces + $this->heads - 1, $this->heads);
        $sews = array_fill(0, $loads, $sewS);
        if ($this->breaks > 0) {
            $this->breakThreads($sews, $pieces);
        }
        $lengths = [];
        $before = 0.0;
        for ($i = 0, $left = $pieces; $i < $loads; $i++, $left -= $this->heads) {
            $hooping = ($left < $this->heads ? $left : $this->heads) * $hoopS;
            $waits = $i === 0 || $sewing->framesPerHead === 1 ? $hooping : max(0, $hooping - $before);
            $lengths[] = (int) round($waits + $sewing->swapS + $sews[$i]);
            $before = $sews[$i];
        }

        return $lengths;
    }

    /** @param array<int, float> $sews load => seconds, added to here */
    private function breakThreads(array &$sews, int $pieces): void
    {
        if ($this->spread->isCounted) {
            $counted = $this->breaks * $this->heads * $this->spread->breakS;
            foreach ($sews as $load => $seconds) {
                $sews[$load] = max(0.0, $seconds - $counted);
            }
        }
        for ($count = $this->chance->poisson($this->breaks * $pieces); $count > 0; $count--) {
            $sews[intdiv($this->chance->among($pieces), $this->heads)] += $this->spread->breakS;
        }
    }
}
