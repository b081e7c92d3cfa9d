<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Bound;
use Hakama\Plan\Changeover;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Odds\Odds;
use Hakama\Plan\Odds\Spread;
use Hakama\Plan\People;
use Hakama\Plan\Placed;
use Hakama\Plan\Promise;
use Hakama\Plan\Search;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Wait;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What not everybody may do is planned only while enough of those are in who may. */
final class SkillsTest extends TestCase
{
    private const HOUR = 3600;

    #[Test]
    public function those_who_may_are_counted_span_by_span(): void
    {
        $able = Hands::able(0, 3, [[100, 200, 1], [150, 300, 1], [300, 300, 5]]);

        self::assertSame(
            [0, 3, 6, 3, 0],
            array_map($able->at(...), [99, 100, 150, 200, 300]),
        );
        self::assertSame(6, $able->most());
        self::assertSame(0, Hands::able(1, 2, [[10, 20, -2]])->at(15), 'nobody is in twice too few');
    }

    #[Test]
    public function as_a_hand_works_it_out(): void
    {
        // One who may do caps is in for the first two hours and from the fourth on. A cap takes a changeover of 180 s
        // and four loads of 100 s; the long one twenty loads, 2 180 s.
        $workload = self::shop(Hands::able(0, 1, [[0, 2 * self::HOUR, 1], [4 * self::HOUR, 20 * self::HOUR, 1]]), [
            'A' => 4, 'B' => 4, 'long' => 61, 'flat' => 4,
        ]);
        $timed = Timetable::of($workload, new Sequence(['M1' => ['A', 'flat', 'long'], 'M2' => ['B']]));
        $at = static fn(string $id): array => [$timed->find($id)?->changeoverStart, $timed->find($id)?->end()];

        self::assertSame([0, 580], $at('A'));
        self::assertSame([580, 1160], $at('B'));
        self::assertSame(Wait::Able, $timed->find('B')?->wait);
        self::assertSame([580, 1160], $at('flat'), 'everybody may do that');
        // From 1 160 s on it would still run when whoever may goes home, at 7 200 s.
        self::assertSame([4 * self::HOUR, 4 * self::HOUR + 6280], $at('long'));
        self::assertSame([], $timed->unplaced);

        $nobody = Timetable::of(
            self::shop(Hands::able(0, 1), ['A' => 4, 'flat' => 4]),
            new Sequence(['M1' => ['A', 'flat']]),
        );
        self::assertSame(['A'], array_column($nobody->unplaced, 'batch'));
        self::assertSame('plan.unplaced.nobody_able', $nobody->unplaced[0]->reason->key);
        self::assertSame([0, 580], [$nobody->find('flat')?->changeoverStart, $nobody->find('flat')?->end()]);
    }

    #[Test]
    public function a_plan_is_timed_as_by_looking_at_every_moment_and_found_as_by_trying_every_order(): void
    {
        $waits = $proven = $timed = 0;
        for ($seed = 1; $seed <= 30; $seed++) {
            mt_srand(4200 + $seed);
            $workload = self::withSkills(RandomWorkload::of(3 + $seed % 2, 2, hands: 2, goes: $seed % 3 === 0));
            $least = INF;
            foreach (AllOrders::onTwo(array_keys($workload->batches)) as $sequence) {
                $plan = Timetable::of($workload, $sequence);
                if ($plan->unplaced !== []) {
                    continue;
                }
                $least = min($least, $plan->totals->cost);
                $waits += count(array_filter($plan->placed, static fn(Placed $one): bool => $one->wait === Wait::Able));
                self::assertSame(self::startsByHand($workload, $plan), self::starts($plan), "seed {$seed}");
                $timed++;
            }
            if ($least === INF) {
                continue;
            }
            $search = Search::of($workload, 1, 2000)->run(2000);
            self::assertEqualsWithDelta(Timetable::of($workload, $search->best())->totals->cost, $search->cost(), 1e-6);
            self::assertGreaterThan($least - 1e-6, $search->cost(), "seed {$seed}");
            self::assertLessThanOrEqual($least + 1e-6, Bound::of($workload)->cost);
            if ($search->isProven()) {
                self::assertEqualsWithDelta($least, $search->cost(), 1e-6, "seed {$seed}");
                $proven++;
            }
        }
        self::assertGreaterThan(20, $proven);
        self::assertGreaterThan(100, $waits);
        self::assertGreaterThan(1000, $timed);
    }

    #[Test]
    public function with_nothing_spread_a_plan_comes_out_as_it_is_planned(): void
    {
        $kept = 0;
        for ($seed = 1; $seed <= 12; $seed++) {
            mt_srand(4300 + $seed);
            $workload = self::withSkills(RandomWorkload::of(8, 3, hands: 3));
            $plan = Timetable::of($workload, Dispatch::byDue($workload));
            $odds = Odds::of($plan, new Spread(), runs: 2);
            foreach ($odds->batches as $id => $one) {
                self::assertSame($plan->find((string) $id)?->end(), $one->endP50, "seed {$seed}, {$id}");
                $kept++;
            }
        }
        self::assertGreaterThan(60, $kept);
    }

    /**
     * When each changeover begins, found anew: of all the moments at which anything changes the first at which nothing
     * is short until the batch ends.
     *
     * @return array<string, int>
     */
    private static function startsByHand(Workload $workload, Timetable $plan): array
    {
        $starts = [];
        foreach ($plan->placed as $k => $one) {
            $before = array_slice($plan->placed, 0, $k);
            $own = array_filter($before, static fn(Placed $other): bool => $other->machine === $one->machine);
            $from = max([
                $workload->now,
                ...array_map(static fn(Placed $other): int => $other->end(), array_values($own)),
                ...array_map(static fn(Placed $other): int => $other->changeoverStart, $before),
            ]);
            $hours = $workload->lanes[$one->machine]->hours;
            $moments = [$from];
            foreach ([$workload->hands, ...array_values($workload->people->able)] as $hands) {
                $moments = [...$moments, ...$hands->times];
            }
            foreach ([...$before, ...array_values($own)] as $other) {
                $moments[] = $other->end();
            }
            $moments = array_filter($moments, static fn(int $moment): bool => $moment >= $from);
            sort($moments);
            foreach ($moments as $moment) {
                $start = $hours->fit($moment, $one->changeoverS);
                if ($start === null) {
                    continue;
                }
                $end = $start + $one->changeoverS;
                $end = max($end, $one->batch->promise->readyAt);
                foreach ($one->loads as [$a, $b]) {
                    $end = (int) $hours->fit($end, $b - $a) + $b - $a;
                }
                if (self::isFree($workload, $one, $before, $start, $end)) {
                    $starts[$one->batch->id] = $start;
                    break;
                }
            }
        }
        ksort($starts);

        return $starts;
    }

    /** @param list<Placed> $before */
    private static function isFree(Workload $workload, Placed $one, array $before, int $start, int $end): bool
    {
        // Nothing gets scarcer but at these moments.
        $looked = [$start, ...array_map(static fn(Placed $other): int => $other->changeoverStart, $before)];
        foreach ([$workload->hands, ...array_values($workload->people->able)] as $hands) {
            $looked = [...$looked, ...$hands->times];
        }
        foreach ($looked as $at) {
            if ($at < $start || $at >= $end) {
                continue;
            }
            $running = array_filter(
                $before,
                static fn(Placed $other): bool => $other->changeoverStart <= $at && $other->end() > $at,
            );
            $frames = $workload->lanes[$one->machine]->heads * $one->batch->sewing->framesPerHead;
            $skilled = 1;
            foreach ($running as $other) {
                if ($other->batch->equipment->frame === $one->batch->equipment->frame) {
                    $frames += $workload->lanes[$other->machine]->heads * $other->batch->sewing->framesPerHead;
                }
                $skilled += in_array('caps', $other->batch->equipment->skills, true) ? 1 : 0;
            }
            if (
                $frames > $workload->frames[$one->batch->equipment->frame]->count
                || 1 + count($running) > $workload->hands->at($at)
                || ($one->batch->equipment->skills !== [] && $skilled > $workload->people->able['caps']->at($at))
            ) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, int> */
    private static function starts(Timetable $plan): array
    {
        $starts = [];
        foreach ($plan->placed as $one) {
            $starts[$one->batch->id] = $one->changeoverStart;
        }
        ksort($starts);

        return $starts;
    }

    /** About two of three batches want somebody who may do caps: one or two are in for most of each day. */
    private static function withSkills(Workload $workload): Workload
    {
        $batches = array_map(
            static fn(BatchJob $one): BatchJob => new BatchJob(
                $one->id,
                $one->pieces,
                $one->sewing,
                new Equipment(
                    $one->equipment->threads,
                    $one->equipment->frame,
                    $one->equipment->needle,
                    $one->equipment->design,
                    $one->equipment->style,
                    mt_rand(1, 3) === 1 ? [] : ['caps'],
                ),
                $one->promise,
            ),
            array_values($workload->batches),
        );
        $spans = [];
        for ($day = 0; $day < 12; $day++) {
            $from = $day * 86400 + RandomWorkload::EIGHT + mt_rand(0, 3) * 1800;
            $spans[] = [$from, $from + mt_rand(10, 30) * 3600, mt_rand(1, 2)];
        }

        return new Workload(
            $workload->now,
            array_values($workload->lanes),
            array_values($workload->frames),
            $batches,
            $workload->changeover,
            $workload->hands,
            $workload->weights,
            $workload->needs,
            new People(able: ['caps' => Hands::able(0, 1, $spans)]),
        );
    }

    /** @param array<string, int> $pieces of each batch; all but the flat one want somebody who may do caps */
    private static function shop(Hands $able, array $pieces): Workload
    {
        $hours = Hours::of([[0, 86_400]]);
        $lane = static fn(string $id): Lane => new Lane($id, 1, Rack::of(2, [1 => 't']), 'flat', 'F', $hours);
        $batches = [];
        foreach ($pieces as $id => $count) {
            $batches[] = new BatchJob(
                $id,
                $count,
                new BatchSewing(['M1' => 100, 'M2' => 100], 0, 0, 2),
                new Equipment(['t'], 'F', skills: $id === 'flat' ? [] : ['caps']),
                new Promise(0, 86_400),
            );
        }

        return new Workload(
            0,
            [$lane('M1'), $lane('M2')],
            [new FrameStock('F', 'flat', 4)],
            $batches,
            new Changeover(180, 240, 150, []),
            Hands::always(2),
            new Weights(10, 1, 0),
            people: new People(able: ['caps' => $able]),
        );
    }
}
