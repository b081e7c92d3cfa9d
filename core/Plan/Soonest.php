<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Machine\BatchTime;

/**
 * The soonest a batch can be ready: at nobody's cost, at the cost of nobody's promise, at all. A plan is timed anew only
 * for places that can still be the soonest: what runs before a place stays as it is, so the batch ends no sooner there
 * than behind what stands before it with nothing to change over, and pushes at least what follows on the same machine.
 */
final readonly class Soonest
{
    /** @param int $timed how many plans were timed for it */
    private function __construct(
        public ?Option $behind,
        public ?Option $keeping,
        public ?Option $atAll,
        public int $timed,
    ) {}

    /**
     * @param Timetable $now   the plan as it is, with the batch in it or without; what stands on a machine stays in front
     * @param string    $batch one of the shop's
     */
    public static function of(Timetable $now, string $batch): self
    {
        $rest = $now->sequence->without($batch);
        $base = $rest->batches === $now->sequence->batches ? $now : Timetable::of($now->workload, $rest);
        $found = ['behind' => null, 'keeping' => null, 'atAll' => null];
        $timed = 0;
        foreach (self::places($now, $base, $batch) as [$soonest, $machine, $rank, $pushes, $makesLate]) {
            $may = ['behind' => ! $pushes, 'keeping' => ! $makesLate, 'atAll' => true];
            // A place that ends later than what is found for all it may be is not the soonest of any.
            $could = array_filter(
                $may,
                static fn(bool $is, string $way): bool => $is && ($found[$way]->end ?? PHP_INT_MAX) >= $soonest,
                ARRAY_FILTER_USE_BOTH,
            );
            if ($could === []) {
                continue;
            }
            $timed++;
            $option = Option::between(
                $now,
                Timetable::of($now->workload, $rest->moved($batch, $machine, $rank)),
                $batch,
            );
            if ($option === null) {
                continue;
            }
            $holds = [
                'behind' => $option->others->pushesNobody(),
                'keeping' => $option->others->late === [],
                'atAll' => true,
            ];
            foreach ($found as $way => $best) {
                $isSooner = $best === null || [$option->end, $option->costMore] < [$best->end, $best->costMore];
                $found[$way] = $holds[$way] && $isSooner ? $option : $best;
            }
        }

        return new self($found['behind'], $found['keeping'], $found['atAll'], $timed);
    }

    /**
     * @return list<array{int, string, int, bool, bool}> the soonest it could end there, machine, place, whether it surely
     *     makes another end later, and whether surely late; the soonest first
     */
    private static function places(Timetable $now, Timetable $base, string $batch): array
    {
        $workload = $now->workload;
        $job = $workload->batches[$batch];
        $places = [];
        foreach ($workload->lanes as $machine => $lane) {
            if ($workload->obstacle($job, $lane) !== null) {
                continue;
            }
            $queue = $base->sequence->on($machine);
            $loadsS = self::loadsS($job, $lane);
            $before = $workload->now;
            foreach ([...$queue, null] as $rank => $follower) {
                if ($follower === null || ! $workload->batches[$follower]->alreadySetUp) {
                    $soonest = self::end(
                        $lane,
                        max($before, $job->promise->readyAt, $job->fixed->startAt ?? 0),
                        $loadsS,
                    );
                    $pushed = $soonest === null
                        ? null
                        : self::pushed($now, $base, $lane, array_slice($queue, $rank), $soonest);
                    if ($pushed !== null) {
                        $places[] = [$soonest, $machine, $rank, ...$pushed];
                    }
                }
                $before = $follower === null ? $before : $base->find($follower)?->end() ?? $before;
            }
        }
        usort($places, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $places;
    }

    /**
     * @param list<string> $queue what would follow
     * @param int          $from  when what is put before them ends
     *
     * @return array{bool, bool}|null whether one of them surely ends later, and whether one is surely late by it; null where
     *     one would surely find no place any more
     */
    private static function pushed(Timetable $now, Timetable $base, Lane $lane, array $queue, int $from): ?array
    {
        $pushes = $late = false;
        foreach ($queue as $id) {
            $placed = $base->find($id);
            $was = $now->find($id);
            if ($placed === null || $was === null) {
                continue;
            }
            $end = self::end(
                $lane,
                max($from, $placed->batch->promise->readyAt, $placed->batch->fixed->startAt ?? 0),
                array_map(static fn(array $load): int => $load[1] - $load[0], $placed->loads),
            );
            if ($end === null) {
                return null;
            }
            $pushes = $pushes || $end > $was->end();
            $late = $late || ($was->lateS() === 0 && $end > $placed->batch->promise->dueAt);
            if ($end <= $placed->end() || ($pushes && $late)) {
                break;
            }
            $from = $end;
        }

        return [$pushes, $late];
    }

    /** @param list<int> $loadsS */
    private static function end(Lane $lane, int $from, array $loadsS): ?int
    {
        foreach ($loadsS as $loadS) {
            $start = $lane->hours->fit($from, $loadS);
            if ($start === null) {
                return null;
            }
            $from = $start + $loadS;
        }

        return $from;
    }

    /** @return list<int> */
    private static function loadsS(BatchJob $job, Lane $lane): array
    {
        return (new BatchTime(
            $job->pieces,
            $lane->heads,
            $job->sewing->framesPerHead,
            $job->sewing->hoopS,
            $job->sewing->swapS,
            $job->sewing->sewS[$lane->id],
        ))->loadsS();
    }
}
