<?php

declare(strict_types=1);

namespace App\Plan\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use App\Foundation\Words\Words;
use App\Plan\Beside\SearcherBeside;
use App\Plan\Jobs\FindPlan;
use App\Plan\PlanJson;
use Hakama\Needles\ConeChange;
use Hakama\Plan\Bound;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Lane;
use Hakama\Plan\Odds\ExpectedCost;
use Hakama\Plan\Odds\Robust;
use Hakama\Plan\Odds\Spread;
use Hakama\Plan\Placed;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Unplaced;
use Hakama\Plan\Workload;
use Hakama\Words\Text;

final class PlanSolve extends JsonCommand
{
    protected $signature = 'plan:solve {file : JSON, or - for standard input} {--seed=1} {--iterations=20000} '.
        '{--searchers=1 : look at once, where no spread is given; the same number comes to the same plan} '.
        '{--evaluate : price the sequence that is given}';
    protected $description = 'Says which machine runs which batch and when, or prices an order that is given';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $json = Json::of($file, $this->contents($file));
        $spread = $json->has('spread') ? PlanJson::spread($json) : null;
        $given = PlanJson::of($json);
        $seed = $this->number('seed', 0, PHP_INT_MAX);
        $iterations = $this->number('iterations', 0, 100_000_000);
        $searchers = $this->number('searchers', 1, 64);
        if ($this->option('evaluate')) {
            $iterations = 0;
            $sequence =
                $given->sequence ??
                throw UnfitInput::at($json->where('sequence'), 'is missing, and --evaluate prices it');
        } elseif ($spread !== null) {
            $robust = Robust::of($given->workload, $spread, $seed, $iterations, $given->sequence);
            $sequence = $robust->sequence;
        } else {
            $search = SearcherBeside::several($given->workload, $searchers, $seed, $iterations, $given->sequence);
            for ($left = $iterations; $left > 0 && ! $search->isProven(); $left -= FindPlan::AT_ONCE) {
                $search->run(min(FindPlan::AT_ONCE, $left));
            }
            $sequence = $search->best();
        }
        $plan = Timetable::of($given->workload, $sequence);
        $booked = Timetable::of($given->workload, Dispatch::asBooked($given->workload));

        return [
            'placed' => array_map(self::placed(...), $plan->placed),
            'unplaced' => [
                ...array_map(
                    static fn(Unplaced $one): array => ['batch' => $one->batch, 'reason' => Words::say($one->reason)],
                    $plan->unplaced,
                ),
                ...self::nowhere($given->workload, $sequence),
            ],
            'totals' => self::totals($plan, $spread, $seed),
            'as_booked' => self::totals($booked, $spread, $seed),
            'lower_bound' => round(($search ?? null)?->bound() ?? Bound::of($given->workload)->cost, 3),
            'iterations' => $iterations,
            'seed' => $seed,
        ];
    }

    /** @return array<string, mixed> */
    private static function placed(Placed $one): array
    {
        $time = static fn(int $seconds): string => gmdate('Y-m-d\TH:i:s', $seconds);

        return [
            'batch' => $one->batch->id,
            'machine' => $one->machine,
            'setup_start' => $time($one->changeoverStart),
            'start' => $time($one->start()),
            'end' => $time($one->end()),
            'setup_min' => round($one->changeoverS / 60, 3),
            'driver_change' => $one->changes->driver,
            'frame_change' => $one->changes->frame,
            'threads' => array_map(
                static fn(ConeChange $change): array => [
                    'needle' => $change->needle,
                    'from' => $change->from,
                    'to' => $change->to,
                ],
                $one->changes->cones->load,
            ),
            'order' => $one->changes->cones->order,
            'late_min' => round($one->lateS() / 60, 3),
        ];
    }

    /** @return array<string, mixed> */
    private static function totals(Timetable $plan, ?Spread $spread, int $seed): array
    {
        $totals = $plan->totals;
        $expected = $spread === null ? null : ExpectedCost::of($plan, $spread, ExpectedCost::RUNS, $seed);

        return [
            'cost' => round($totals->cost, 3),
            'weighted_late_min' => round($totals->weightedLateMin, 3),
            'late_batches' => $totals->lateBatches,
            'setup_min' => round($totals->changeoverMin, 3),
            'thread_changes' => $totals->threadChanges,
            'driver_changes' => $totals->driverChanges,
            'frame_changes' => $totals->frameChanges,
            'flow_min' => round($totals->flowMin, 3),
            'unfit_min' => round($totals->unfitMin, 3),
            'keep_min' => round($totals->movedCost, 3),
            // What the cost is the sum of.
            'parts' => array_map(
                static fn(float $part): float => round($part, 3),
                $totals->parts(),
            ),
            // On the average, where it is said how times spread.
            ...$expected === null
                ? []
                : [
                    'expected_cost' => round($expected->cost, 3),
                    'expected_kept' => round($expected->kept, 3),
                    'runs' => $expected->runs,
                    'seed' => $expected->seed,
                ],
        ];
    }

    /**
     * @return list<array{batch: string, reason: string}> batches that stand on no machine, each with why every one of
     *     them is barred
     */
    private static function nowhere(Workload $workload, Sequence $sequence): array
    {
        $nowhere = [];
        foreach ($workload->batches as $id => $batch) {
            if ($sequence->machineOf((string) $id) !== null) {
                continue;
            }
            $reasons = array_filter(
                array_map(
                    static fn(Lane $lane): ?Text => $workload->obstacle($batch, $lane),
                    array_values($workload->lanes),
                ),
                static fn(?Text $one): bool => $one !== null,
            );
            $nowhere[] = [
                'batch' => (string) $id,
                'reason' =>
                    count($reasons) === count($workload->lanes)
                        ? implode('; ', array_unique(Words::each(array_values($reasons))))
                        : 'it is on no machine',
            ];
        }

        return $nowhere;
    }
}
