<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Proposal;
use App\Plan\PlanBoard;
use App\Plan\WhatIfForm;
use Carbon\CarbonImmutable;
use Hakama\Plan\Search;
use Hakama\Plan\Timetable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/**
 * Looks for a better plan beside the one in force, says how far it is, and stops when it is asked to; the best so far
 * is kept.
 */
final class FindPlan implements ShouldQueue
{
    use Queueable;

    /** So many changes are tried before it says how far it is. */
    private const AT_ONCE = 400;
    public int $tries = 1;
    public int $timeout = 600;

    public function __construct(private readonly int $proposalId) {}

    public function handle(PlanBoard $board): void
    {
        $proposal = Proposal::query()->find($this->proposalId);
        if ($proposal === null || ! $proposal->isSearching()) {
            return;
        }
        $workload = WhatIfForm::read($proposal->what_if ?? [])->of($board->workload());
        $search = Search::of($workload, $proposal->seed, $proposal->iterations, $board->sequence());
        $proposal->update([
            'state' => 'searching',
            'start_cost' => Timetable::of($workload, $board->sequence())->totals->cost,
            'bound' => $search->bound(),
            ...self::found($search),
        ]);
        while (
            ! $search->isProven()
            && $search->done() < $proposal->iterations
            && ! (bool) Proposal::query()->whereKey($proposal->id)->value('stop')
        ) {
            $search->run(min(self::AT_ONCE, $proposal->iterations - $search->done()));
            $proposal->update(self::found($search));
        }
        $proposal->update([
            'state' => 'ready',
            'found_at' => CarbonImmutable::now(),
            'sequence' => $search->best()->batches,
        ]);
    }

    public function failed(?Throwable $why): void
    {
        Proposal::query()
            ->whereKey($this->proposalId)
            ->update(['state' => 'failed']);
    }

    /** @return array<string, int|float> */
    private static function found(Search $search): array
    {
        $totals = Timetable::of($search->workload, $search->best())->totals;

        return [
            'done' => $search->done(),
            'cost' => $totals->cost,
            'late_min' => $totals->weightedLateMin,
            'changeover_min' => $totals->changeoverMin,
        ];
    }
}
