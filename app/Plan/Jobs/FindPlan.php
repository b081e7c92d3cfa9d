<?php

declare(strict_types=1);

namespace App\Plan\Jobs;

use App\Plan\Beside\SearcherBeside;
use App\Plan\Models\Proposal;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Plan\WhatIfForm;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Plan\HandsEased;
use Hakama\Plan\Horizon;
use Hakama\Plan\Mending;
use Hakama\Plan\Odds\ExpectedCost;
use Hakama\Plan\Odds\Robust;
use Hakama\Plan\Sequence;
use Hakama\Plan\SideBySide;
use Hakama\Plan\Timetable;
use Hakama\Plan\Workload;
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

    public const QUEUE = 'plans';
    /** It looks so many iterations further before it says how far it is, and those who look at once show each other what they have. */
    public const AT_ONCE = 400;
    /** So many of the plans that it came by are weighed in the end. */
    private const WEIGHED = 4;
    /** Then it has looked long enough, whatever it was asked for. */
    private const MOST_SECONDS = 3600;
    public int $tries = 10;
    public int $timeout = 2 * self::MOST_SECONDS;

    public function __construct(private readonly int $proposalId)
    {
        $this->onQueue(self::QUEUE);
    }

    /** Begun again after it was killed, it goes on from the best that was kept. */
    public function handle(PlanBoard $board, House $house, ShopOdds $odds): void
    {
        $proposal = Proposal::query()->find($this->proposalId);
        if ($proposal === null || ! $proposal->isSearching()) {
            return;
        }
        $begun = time();
        $inForce = $board->sequence();
        $now = Timetable::of(WhatIfForm::read($proposal->what_if ?? [])->of($board->prepared()), $inForce);
        $workload = $now->workload->holding($board->held($now));
        $horizon = Horizon::of($workload, $inForce, (int) $house->rules()->value(HouseRule::SearchWeeks));
        $isWanted = static fn(): bool => time() - $begun < self::MOST_SECONDS
            && ! (bool) Proposal::query()->whereKey($proposal->id)->value('stop');
        $this->keep($proposal, ['state' => 'searching', 'start_cost' => $now->totals->cost]);
        // What people have least to change for comes first: it can be used while the search goes on.
        $moves = (int) $house->rules()->value(HouseRule::MendedMoves);
        $mending = Mending::of($horizon->near, $horizon->part($inForce), $moves, $isWanted);
        $mended = $mending->moved === [] ? null : $mending->sequence;
        if ($proposal->isForMending()) {
            $this->keep($proposal, [
                ...self::plan($workload, $mended === null ? $inForce : $horizon->whole($mended)),
                'state' => 'ready',
                'found_at' => CarbonImmutable::now(),
            ]);

            return;
        }
        $kept = $proposal->done;
        $search = SearcherBeside::several(
            $horizon->near,
            $proposal->searchers,
            $proposal->seed + $kept,
            $proposal->iterations - $kept,
            $proposal->sequence === null
                ? $mended ?? $horizon->part($inForce)
                : $horizon->part($board->takeover()->whole(new Sequence($proposal->sequence))),
        );
        $this->keep($proposal, [
            'bound' => $search->bound(),
            'weighed' => $mended === null ? null : [
                'mended' => self::one($workload, $horizon->whole($mended), null),
            ],
            ...self::found($workload, $horizon, $search, $kept),
        ]);
        $found = [$search->best()];
        while (! $search->isProven() && $kept + $search->done() < $proposal->iterations && $isWanted()) {
            $search->run(min(self::AT_ONCE, $proposal->iterations - $kept - $search->done()));
            $this->keep($proposal, self::found($workload, $horizon, $search, $kept));
            $found = [...array_slice($found, 1 - self::WEIGHED), $search->best()];
        }
        $robust = Robust::among(
            $horizon->near,
            $odds->spread(),
            $mended === null ? $found : [$mended, ...$found],
            $proposal->seed,
            $proposal->iterations,
            $horizon->part($inForce),
            $isWanted,
        );
        $isKept = $house->rules()->school(Question::ProposedPlan) === 'kept';
        $chosen = $horizon->whole($isKept ? $robust->sequence : $robust->plain);
        $plan = [
            ...self::plan($workload, $chosen),
            ...self::eased($workload, $chosen, $proposal->seed, $isWanted),
        ];
        $this->keep($proposal, [
            ...$plan,
            'weighed' => self::weighed($workload, $horizon, $robust, $plan, $mended === null ? null : [
                $mended,
                Robust::weighed($horizon->near, $odds->spread(), $mended, ExpectedCost::RUNS, $proposal->seed),
            ]),
            'state' => 'ready',
            'bound' => $search->bound(),
            'found_at' => CarbonImmutable::now(),
        ]);
    }

    /**
     * What was left meanwhile stays left.
     *
     * @param array<string, mixed> $found
     */
    private function keep(Proposal $proposal, array $found): void
    {
        Proposal::query()
            ->whereKey($proposal->id)
            ->whereIn('state', ['waiting', 'searching'])
            ->update(array_map(
                static fn(mixed $one): mixed => is_array($one) ? json_encode($one, JSON_THROW_ON_ERROR) : $one,
                $found,
            ));
    }

    public function failed(?Throwable $why): void
    {
        Proposal::query()
            ->whereKey($this->proposalId)
            ->update(['state' => 'failed']);
    }

    /** @return array<string, mixed> */
    private static function found(Workload $workload, Horizon $horizon, SideBySide $search, int $before): array
    {
        return [...self::plan($workload, $horizon->whole($search->best())), 'done' => $before + $search->done()];
    }

    /**
     * @param callable(): bool $isWanted
     *
     * @return array<string, mixed> where the house asks a price for hands that are not in; none where it does not
     */
    private static function eased(Workload $workload, Sequence $chosen, int $seed, callable $isWanted): array
    {
        return $workload->weights->beyond > 0.0
            ? self::plan($workload, HandsEased::of($workload, $chosen, $seed, $isWanted))
            : [];
    }

    /**
     * The plans that were found, where it makes a difference which of them it is.
     *
     * @param array<string, mixed>                $plan   that is proposed
     * @param array{Sequence, ExpectedCost}|null $mended of what is near
     *
     * @return array<string, array<string, mixed>>|null
     */
    private static function weighed(
        Workload $workload,
        Horizon $horizon,
        Robust $robust,
        array $plan,
        ?array $mended,
    ): ?array {
        $plans = $robust->isWorthALook()
            ? [
                'kept' => self::one($workload, $horizon->whole($robust->sequence), $robust->expected),
                'paper' => self::one($workload, $horizon->whole($robust->plain), $robust->plainExpected),
            ]
            : [
                'found' => [
                    'sequence' => $plan['sequence'],
                    'cost' => $plan['cost'],
                    'expected' => $robust->expected->cost,
                    'kept' => $robust->expected->kept,
                ],
            ];
        if ($mended !== null) {
            $one = self::one($workload, $horizon->whole($mended[0]), $mended[1]);
            $plans = in_array($one['sequence'], array_column($plans, 'sequence'), true)
                ? $plans
                : ['mended' => $one, ...$plans];
        }

        return count($plans) > 1 ? $plans : null;
    }

    /** @return array<string, mixed> as `Proposal::$weighed` keeps it */
    private static function one(Workload $workload, Sequence $sequence, ?ExpectedCost $of): array
    {
        $plan = self::plan($workload, $sequence);

        return [
            'sequence' => $plan['sequence'],
            'cost' => $plan['cost'],
            'expected' => $of?->cost,
            'kept' => $of?->kept,
        ];
    }

    /** @return array<string, mixed> */
    private static function plan(Workload $workload, Sequence $sequence): array
    {
        $totals = Timetable::of($workload, $sequence)->totals;

        return [
            'sequence' => $sequence->batches,
            'cost' => $totals->cost,
            'late_min' => $totals->weightedLateMin,
            'changeover_min' => $totals->changeoverMin,
        ];
    }
}
