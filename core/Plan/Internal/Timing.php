<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Calendar\Hands;
use Hakama\Machine\BatchTime;
use Hakama\Needles\BatchNeedles;
use Hakama\Plan\BatchJob;
use Hakama\Plan\Changes;
use Hakama\Plan\Lane;
use Hakama\Plan\Placed;
use Hakama\Plan\Sequence;
use Hakama\Plan\Unplaced;
use Hakama\Plan\Wait;
use Hakama\Plan\Workload;
use Hakama\Words\Text;

/**
 * One pass over a sequence: among the next batch of every machine the one whose changeover can start
 * earliest is placed, as early as hours, frames and hands allow, and so on until none is left.
 *
 * @internal
 */
final class Timing
{
    /** @var list<Placed> */
    private array $placed = [];
    /** @var array<string, Placed> machine => what it ran last */
    private array $last = [];

    public function __construct(private readonly Workload $workload) {}

    /** @return array{list<Placed>, list<Unplaced>} */
    public function run(Sequence $sequence): array
    {
        $unplaced = [];
        foreach ($sequence->batches as $machine => $ids) {
            foreach ($ids as $id) {
                $reason = $this->workload->obstacle($this->workload->batches[$id], $this->workload->lanes[$machine]);
                if ($reason !== null) {
                    $unplaced[] = new Unplaced($id, $reason);
                    $sequence = $sequence->without($id);
                }
            }
        }
        // A batch that fits no span leaves the rack untouched, so what follows it is worked out anew.
        while (($stuck = $this->pass($sequence)) !== []) {
            foreach ($stuck as $id) {
                $isForSome = $this->workload->able($this->workload->batches[$id]) !== [];
                $unplaced[] = new Unplaced($id, new Text($isForSome ? 'plan.unplaced.nobody_able' : 'plan.unplaced.no_span'));
                $sequence = $sequence->without($id);
            }
        }

        return [$this->placed, $unplaced];
    }

    /** @return array<array-key, string> by machine, the first batch of its queue that found no place */
    private function pass(Sequence $sequence): array
    {
        $this->placed = $this->last = $needles = $stuck = [];
        foreach ($this->workload->lanes as $machine => $lane) {
            $needles[$machine] = $this->workload->needles($lane, $sequence->on($machine));
        }
        $next = array_fill_keys(array_keys($this->workload->lanes), 0);
        // Machine => where its next batch would go; null where that is to be found.
        $candidates = array_map(static fn(Lane $lane): ?Placed => null, $this->workload->lanes);

        while (true) {
            $best = null;
            foreach ($candidates as $machine => $candidate) {
                if ($candidate === null) {
                    $id = isset($stuck[$machine]) ? null : $sequence->on($machine)[$next[$machine]] ?? null;
                    if ($id === null) {
                        unset($candidates[$machine]);
                        continue;
                    }
                    $candidate = $this->place(
                        $this->workload->batches[$id],
                        $this->workload->lanes[$machine],
                        $needles[$machine][$next[$machine]],
                    );
                    if ($candidate === null) {
                        $stuck[$machine] = $id;
                        unset($candidates[$machine]);
                        continue;
                    }
                    $candidates[$machine] = $candidate;
                }
                if ($best === null || $candidate->changeoverStart < $best->changeoverStart) {
                    $best = $candidate;
                }
            }
            if ($best === null) {
                return $stuck;
            }
            // What others placed meanwhile can only push a batch back: of all the places that were found before, only
            // the first has to be looked at again, and one that still holds is still the earliest.
            $machine = $best->machine;
            $candidates[$machine] = null;
            if ($this->obstacle($best, $this->workload->lanes[$machine]) !== null) {
                continue;
            }
            $this->placed[] = $best;
            $this->last[$machine] = $best;
            $next[$machine]++;
        }
    }

    private function place(BatchJob $batch, Lane $lane, BatchNeedles $needles): ?Placed
    {
        $last = $this->last[$lane->id] ?? null;
        $driver = $this->workload->frames[$batch->equipment->frame]->driver;
        $standingDriver =
            $last === null ? $lane->driver : $this->workload->frames[$last->batch->equipment->frame]->driver;
        $frameChange = $batch->equipment->frame !== ($last->batch->equipment->frame ?? $lane->frame);
        $needleChanges = $this->workload->needleChanges($lane, $batch, $last?->batch);
        $style = ! $batch->alreadySetUp && $batch->equipment->isNewStyleAfter($last?->batch->equipment);
        $changeoverS = $batch->alreadySetUp
            ? 0
            : $this->workload->changeover->seconds(
                $batch->goesOn($last?->batch),
                $frameChange,
                $this->workload->driverS($lane, $standingDriver, $driver),
                count($needles->load),
                $needleChanges,
                $lane->heads,
                $style,
            );
        $loadsS = (new BatchTime(
            $batch->pieces,
            $lane->heads,
            $batch->sewing->framesPerHead,
            $batch->sewing->hoopS,
            $batch->sewing->swapS,
            $batch->sewing->sewS[$lane->id],
        ))->loadsS();

        // What is fixed is set up just before, so that frames and hands are free until then. Nothing starts before what was
        // placed already: what a machine had before its last is not looked at any more.
        $earliest = max(
            $this->workload->now,
            $last?->end() ?? $this->workload->now,
            $this->placed === [] ? 0 : $this->placed[count($this->placed) - 1]->changeoverStart,
            ($batch->fixed->startAt ?? 0) - $changeoverS,
        );
        $wait = null;
        foreach ([$earliest, ...$this->endsAfter($earliest, $batch)] as $from) {
            $changeoverStart = $lane->hours->fit($from, $changeoverS);
            if ($changeoverStart === null) {
                return null;
            }
            $loads = $this->loads(
                $lane,
                max($changeoverStart + $changeoverS, $batch->promise->readyAt, $batch->fixed->startAt ?? 0),
                $loadsS,
            );
            if ($loads === null) {
                return null;
            }
            $placed = new Placed(
                $batch,
                $lane->id,
                $changeoverStart,
                $changeoverS,
                new Changes(
                    $standingDriver !== $driver,
                    $frameChange,
                    $needles,
                    $needleChanges,
                    ! $batch->alreadySetUp && $batch->goesOn($last?->batch),
                    $style,
                ),
                $loads,
                $wait,
            );
            $obstacle = $this->obstacle($placed, $lane);
            if ($obstacle === null) {
                return $placed;
            }
            // What stood in its way first is what it waits for.
            $wait ??= $obstacle;
        }

        return null;
    }

    /**
     * @param list<int> $loadsS
     *
     * @return list<array{int, int}>|null
     */
    private function loads(Lane $lane, int $from, array $loadsS): ?array
    {
        $loads = [];
        foreach ($loadsS as $traceS) {
            $start = $lane->hours->fit($from, $traceS);
            if ($start === null) {
                return null;
            }
            $loads[] = [$start, ($from = $start + $traceS)];
        }

        return $loads;
    }

    /**
     * The moments at which frames and hands come free, or people come: only then can a batch that did not fit before
     * fit.
     *
     * @return list<int> rising
     */
    private function endsAfter(int $time, BatchJob $batch): array
    {
        $ends = [
            ...$this->workload->hands->times,
            ...array_merge(...array_column($this->workload->able($batch), 'times'), ...[[]]),
            ...array_map(static fn(Placed $one): int => $one->end(), array_values($this->last)),
        ];
        $ends = array_values(array_filter($ends, static fn(int $end): bool => $end > $time));
        sort($ends);

        return $ends;
    }

    /**
     * What is too little of. Frames and hands are held from changeover start to end. What is placed never starts before
     * what was placed already, so a machine has at most what it was given last, and has it from the start of this one
     * at the latest: use is highest there, and hands fall only where a person goes.
     */
    private function obstacle(Placed $wanted, Lane $lane): ?Wait
    {
        $frames = $lane->heads * $wanted->batch->sewing->framesPerHead;
        $running = [];
        foreach ($this->last as $other) {
            if ($other->end() > $wanted->changeoverStart) {
                $running[] = $other;
                $frames +=
                    $other->batch->equipment->frame === $wanted->batch->equipment->frame
                        ? $this->workload->lanes[$other->machine]->heads * $other->batch->sewing->framesPerHead
                        : 0;
            }
        }
        if ($frames > $this->workload->frames[$wanted->batch->equipment->frame]->count) {
            return Wait::Frames;
        }
        if (! self::tend($this->workload->hands, $wanted, $running)) {
            return Wait::Hands;
        }
        foreach ($this->workload->able($wanted->batch) as $skill => $able) {
            $alike = array_filter(
                $running,
                static fn(Placed $other): bool => in_array((string) $skill, $other->batch->equipment->skills, true),
            );
            if (! self::tend($able, $wanted, $alike)) {
                return Wait::Able;
            }
        }

        return null;
    }

    /** @param array<Placed> $running what has to be tended beside it, as long as each of them runs */
    private static function tend(Hands $hands, Placed $wanted, array $running): bool
    {
        $moments = array_filter(
            $hands->times,
            static fn(int $goes): bool => $goes > $wanted->changeoverStart && $goes < $wanted->end(),
        );
        foreach ([$wanted->changeoverStart, ...$moments] as $moment) {
            $beside = array_filter($running, static fn(Placed $other): bool => $other->end() > $moment);
            if (1 + count($beside) > $hands->at($moment)) {
                return false;
            }
        }

        return true;
    }
}
