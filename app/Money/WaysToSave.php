<?php

declare(strict_types=1);

namespace App\Money;

use App\Models\Artwork;
use App\Models\Decoration;
use App\Models\OrderLine;
use App\Plan\OpenBatch;
use App\Plan\PlanBoard;
use App\Shop\House;
use Hakama\Money\Job;
use Hakama\Money\Savings;
use Hakama\Money\Work;

/** What would make a line of an order cheaper: another machine, a colour less, run together, copies regrouped. */
final readonly class WaysToSave
{
    public function __construct(private WorkOf $works, private House $house, private ShopRates $rates, private PlanBoard $board) {}

    /**
     * @param Job $job of the line, its works in the order of the decorations that have one
     *
     * @return list<array{string, int}> what is done otherwise, and how many cents less it costs
     */
    public function of(OrderLine $line, Job $job): array
    {
        $ways = [];
        $which = 0;
        foreach ($line->decorations->whereNull('split_from_id') as $decoration) {
            if ($decoration->artwork?->read_at === null) {
                continue;
            }
            $work = $job->works[$which];
            foreach ($this->ways($decoration, $decoration->artwork, $work) as [$words, $instead]) {
                $ways[] = ["{$words}, {$work->name}", $which, $instead];
            }
            $which++;
        }

        return Savings::of($job, $this->rates->on($line->fabric), $ways);
    }

    /** @return list<array{string, Work}> */
    private function ways(Decoration $decoration, Artwork $artwork, Work $work): array
    {
        $changeS = $this->house->rules()->runTime()->aChangeS();
        $ways = [];
        foreach ($this->works->elsewhere($decoration, $artwork, $work) as $machine => $there) {
            $ways[] = ["Sewn on {$machine}", $there];
        }
        if ($artwork->copies === 1 && $artwork->changes > 0) {
            $ways[] = ['One colour less', $work->sewnIn($work->sewS - $changeS, $work->perLoad)];
        }
        // Of copies in file order every one changes colours; regrouped they do so together.
        $once = intdiv($artwork->changes + 1, $artwork->copies) - 1;
        if ($artwork->copies > 1 && $artwork->changes > $once && $once >= 0) {
            $ways[] = [
                'Copies regrouped by colour',
                $work->sewnIn($work->sewS - ($artwork->changes - $once) * $changeS, $work->perLoad),
            ];
        }
        $alike = $this->alike($decoration);
        if ($alike !== null) {
            $ways[] = ["Run together with {$alike->code}", $work->setUpIn(0.0)];
        }

        return $ways;
    }

    /** Another batch with the same design in the same frame that is still to run. */
    private function alike(Decoration $decoration): ?OpenBatch
    {
        $own = $decoration->batch === null ? null : $this->board->batches()[$decoration->batch->code] ?? null;
        foreach ($own === null ? [] : $this->board->batches() as $other) {
            if (
                $other->code !== $own?->code
                && $other->batch->equipment->design === $own?->batch->equipment->design
                && $other->batch->equipment->frame === $own->batch->equipment->frame
            ) {
                return $other;
            }
        }

        return null;
    }
}
