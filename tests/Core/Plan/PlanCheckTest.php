<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\House\HouseRules;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Changeover;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Placed;
use Hakama\Plan\Promise;
use Hakama\Plan\Search;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * Random plans, looked over by a checker that was written from the definitions and shares nothing with
 * what makes them: it goes through the finished plan second by second where something begins or ends.
 */
final class PlanCheckTest extends TestCase
{
    private const PEOPLE = 2;

    /** @var list<array{int, int, int}> from, to, how many people more or fewer; all at half hours */
    private static array $comings = [];
    private static int $each = 1;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 24; $seed++) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[Test]
    #[DataProvider('seeds')]
    public function a_random_plan_keeps_every_rule(int $seed): void
    {
        mt_srand($seed);
        $workload = self::randomShop();
        $sequence = $seed % 2 === 0 ? Dispatch::asBooked($workload) : Dispatch::byDue($workload);
        $this->keepsEveryRule($workload, $sequence);
    }

    #[Test]
    #[DataProvider('seeds')]
    public function a_random_plan_that_was_searched_for_keeps_every_rule(int $seed): void
    {
        mt_srand(100 + $seed);
        $workload = self::randomShop();
        $search = Search::of($workload, $seed, 600)->run(600);

        $this->keepsEveryRule($workload, $search->best());
        self::assertEqualsWithDelta(
            Timetable::of($workload, $search->best())->totals->cost,
            $search->cost(),
            1e-6,
            'what the search believed is what it comes to',
        );
    }

    private function keepsEveryRule(Workload $workload, Sequence $sequence): void
    {
        $timetable = Timetable::of($workload, $sequence);
        $this->everyBatchIsThereOnce($workload, $timetable, array_merge(...array_values($sequence->batches), ...[[]]));
        $this->allWorkLiesInWorkingHours($workload, $timetable);
        $this->machinesDoOneThingAtATime($workload, $timetable);
        $this->framesAndHandsAreNeverMoreThanThereAre($workload, $timetable);
        $this->setUpsCostWhatDiffers($workload, $timetable);
        $this->loadsTakeTheTimeTheyTake($workload, $timetable);
        $this->totalsAreTheSumOfTheirParts($workload, $timetable);
    }

    #[Test]
    #[DataProvider('seeds')]
    public function the_same_shop_gives_the_same_plan(int $seed): void
    {
        mt_srand($seed);
        $workload = self::randomShop();

        self::assertEquals(
            Timetable::of($workload, Dispatch::byDue($workload)),
            Timetable::of($workload, Dispatch::byDue($workload)),
        );
    }

    /** @param list<string> $sequenced */
    private function everyBatchIsThereOnce(Workload $workload, Timetable $timetable, array $sequenced): void
    {
        $there = [
            ...array_map(static fn(Placed $p): string => $p->batch->id, $timetable->placed),
            ...array_column($timetable->unplaced, 'batch'),
        ];

        self::assertEqualsCanonicalizing($sequenced, $there);
        self::assertCount(count($there), array_unique($there));
        foreach (array_diff(array_keys($workload->batches), $there) as $left) {
            // What the dispatch left out can go nowhere.
            foreach ($workload->lanes as $lane) {
                self::assertNotNull($workload->obstacle($workload->batches[$left], $lane));
            }
        }
    }

    private function allWorkLiesInWorkingHours(Workload $workload, Timetable $timetable): void
    {
        foreach ($timetable->placed as $placed) {
            $pieces = [[$placed->changeoverStart, $placed->changeoverStart + $placed->changeoverS], ...$placed->loads];
            foreach ($pieces as [$from, $to]) {
                $inside = array_filter(
                    $workload->lanes[$placed->machine]->hours->spans,
                    static fn(array $span): bool => $span[0] <= $from && $to <= $span[1],
                );
                self::assertCount(1, $inside, "{$placed->batch->id} from {$from} to {$to}");
            }
            foreach ($pieces as [$from, $to]) {
                for ($t = intdiv($from, 1800) * 1800; $t < $to; $t += 1800) {
                    self::assertGreaterThan(0, self::people(max($t, $from)), "somebody is in at {$t}");
                }
            }
            self::assertGreaterThanOrEqual($workload->now, $placed->changeoverStart);
            self::assertGreaterThanOrEqual($placed->changeoverStart + $placed->changeoverS, $placed->start());
            self::assertGreaterThanOrEqual($placed->batch->promise->readyAt, $placed->start());
        }
    }

    private function machinesDoOneThingAtATime(Workload $workload, Timetable $timetable): void
    {
        foreach (array_keys($workload->lanes) as $machine) {
            $free = $workload->now;
            foreach ($timetable->on($machine) as $placed) {
                self::assertGreaterThanOrEqual($free, $placed->changeoverStart);
                $at = $placed->changeoverStart + $placed->changeoverS;
                foreach ($placed->loads as [$from, $to]) {
                    self::assertGreaterThanOrEqual($at, $from);
                    $at = $to;
                }
                $free = $at;
            }
        }
    }

    private function framesAndHandsAreNeverMoreThanThereAre(Workload $workload, Timetable $timetable): void
    {
        foreach (
            [
                ...array_map(static fn(Placed $p): int => $p->changeoverStart, $timetable->placed),
                ...array_column(self::$comings, 0),
                ...array_column(self::$comings, 1),
            ] as $moment
        ) {
            $now = array_filter(
                $timetable->placed,
                static fn(Placed $p): bool => $p->changeoverStart <= $moment && $moment < $p->end(),
            );
            if (self::people($moment) > 0) {
                self::assertLessThanOrEqual(self::people($moment) * self::$each, count($now), "at {$moment}");
            }
            $used = [];
            foreach ($now as $placed) {
                $frame = $placed->batch->equipment->frame;
                $used[$frame] =
                    ($used[$frame] ?? 0) +
                    $workload->lanes[$placed->machine]->heads * $placed->batch->sewing->framesPerHead;
            }
            foreach ($used as $frame => $count) {
                self::assertLessThanOrEqual($workload->frames[$frame]->count, $count, "{$frame} at {$moment}");
            }
        }
    }

    private function setUpsCostWhatDiffers(Workload $workload, Timetable $timetable): void
    {
        foreach ($workload->lanes as $machine => $lane) {
            [$frame, $driver, $before] = [$lane->frame, $lane->driver, null];
            $rack = array_map(static fn($needle): ?string => $needle->thread, $lane->rack->needles);
            foreach ($timetable->on($machine) as $placed) {
                foreach ($placed->changes->cones->load as $change) {
                    self::assertSame($rack[$change->needle], $change->from, 'the rack stands as the plan believes');
                    self::assertFalse($lane->rack->needles[$change->needle]->pinned);
                    $rack[$change->needle] = $change->to;
                }
                foreach ($placed->batch->equipment->threads as $block => $thread) {
                    self::assertSame($thread, $rack[$placed->changes->cones->order[$block]]);
                }
                $wanted = $workload->frames[$placed->batch->equipment->frame];
                $goesOn =
                    $before !== null
                    && $before->equipment->design !== ''
                    && $before->equipment->design === $placed->batch->equipment->design
                    && $before->equipment->frame === $wanted->id;
                $style = $placed->batch->equipment->style;
                $isNew = $style !== '' && ($before === null || $before->equipment->style !== $style);
                self::assertSame($isNew, $placed->changes->style);
                $cost =
                    ($goesOn ? 50 : 180) +
                    ($isNew ? 120 : 0) +
                    ($wanted->id === $frame ? 0 : $workload->changeover->frameS) +
                    ($wanted->driver === $driver ? 0 : $workload->changeover->driverS["{$driver}>{$wanted->driver}"]) +
                    $workload->changeover->threadS * $lane->heads * count($placed->changes->cones->load);
                self::assertSame($cost, $placed->changeoverS);
                self::assertSame(
                    [$wanted->id !== $frame, $wanted->driver !== $driver],
                    [$placed->changes->frame, $placed->changes->driver],
                );
                self::assertSame($goesOn, $placed->changes->goesOn);
                [$frame, $driver, $before] = [$wanted->id, $wanted->driver, $placed->batch];
            }
        }
    }

    private function loadsTakeTheTimeTheyTake(Workload $workload, Timetable $timetable): void
    {
        foreach ($timetable->placed as $placed) {
            $batch = $placed->batch;
            $heads = $workload->lanes[$placed->machine]->heads;
            self::assertCount((int) ceil($batch->pieces / $heads), $placed->loads);
            $left = $batch->pieces;
            foreach ($placed->loads as $i => [$from, $to]) {
                $hoop = min($heads, $left) * $batch->sewing->hoopS;
                $waited =
                    $i > 0 && $batch->sewing->framesPerHead === 2
                        ? max(0, $hoop - $batch->sewing->sewS[$placed->machine])
                        : $hoop;
                self::assertSame($waited + $batch->sewing->swapS + $batch->sewing->sewS[$placed->machine], $to - $from);
                $left -= $heads;
            }
        }
    }

    private function totalsAreTheSumOfTheirParts(Workload $workload, Timetable $timetable): void
    {
        $late = $setup = $flow = 0.0;
        $walks = 0;
        foreach ($timetable->placed as $placed) {
            $walks += ! $placed->batch->alreadySetUp && count($placed->changes->cones->load) > 0 ? 1 : 0;
            $late += ($placed->batch->promise->weight * max(0, $placed->end() - $placed->batch->promise->dueAt)) / 60;
            $setup += $placed->changeoverS / 60;
            $flow += ($placed->end() - $workload->now) / 60;
        }
        // A walk is a minute, and a minute costs one.
        self::assertEqualsWithDelta(10 * $late + $setup + 0.01 * $flow + $walks, $timetable->totals->cost, 1e-6);
        self::assertEqualsWithDelta(
            [$late, $setup, $flow],
            [$timetable->totals->weightedLateMin, $timetable->totals->changeoverMin, $timetable->totals->flowMin],
            1e-6,
        );
    }

    private static function people(int $moment): int
    {
        return self::PEOPLE +
            array_sum(
                array_map(
                    static fn(array $one): int => $one[0] <= $moment && $moment < $one[1] ? $one[2] : 0,
                    self::$comings,
                ),
            );
    }

    private static function randomShop(): Workload
    {
        self::$each = mt_rand(1, 2);
        self::$comings = [];
        for ($i = mt_rand(0, 4); $i > 0; $i--) {
            $from = mt_rand(0, 5) * 86400 + 28800 + 1800 * mt_rand(0, 14);
            self::$comings[] = [$from, $from + 1800 * mt_rand(1, 16), mt_rand(0, 2) > 0 ? -1 : 1];
        }
        $hands = Hands::of(self::PEOPLE, self::$each, self::$comings);
        $spans = [];
        for ($day = 0; $day < 6; $day++) {
            $spans[] = [$day * 86400 + 28800, $day * 86400 + 43200];
            $spans[] = [$day * 86400 + 45000, $day * 86400 + 59400];
        }
        // While nobody is in, no machine is worked on.
        $hours = array_reduce(
            $hands->nobody,
            static fn(Hours $hours, array $none): Hours => $hours->without(...$none),
            Hours::of($spans),
        );
        $lanes = $frames = $batches = [];
        foreach (range(1, mt_rand(1, 3)) as $m) {
            $threads = [];
            foreach (range(1, $needles = mt_rand(4, 8)) as $n) {
                $threads[$n] = 't'.mt_rand(0, 9);
            }
            $lanes[] = new Lane(
                "M{$m}",
                mt_rand(1, 2),
                Rack::of($needles, $threads, mt_rand(0, 1) === 1 ? [1] : []),
                'flat',
                'F',
                $hours,
            );
        }
        foreach ([['F', 'flat'], ['G', 'flat'], ['K', 'cap']] as [$id, $driver]) {
            $frames[] = new FrameStock($id, $driver, mt_rand(2, 6));
        }
        foreach (range(1, mt_rand(4, 10)) as $b) {
            $sewS = [];
            foreach ($lanes as $lane) {
                if (mt_rand(0, 5) > 0) {
                    $sewS[$lane->id] = mt_rand(120, 1800);
                }
            }
            $batches[] = new BatchJob(
                "B{$b}",
                mt_rand(1, 14),
                new BatchSewing($sewS, mt_rand(30, 200), 40, mt_rand(1, 2)),
                new Equipment(
                    array_map(static fn(): string => 't'.mt_rand(0, 9), range(1, mt_rand(1, 4))),
                    $frames[mt_rand(0, 2)]->id,
                    design: ['', 'x', 'y'][mt_rand(0, 2)],
                    style: ['', 'low', 'high'][mt_rand(0, 2)],
                ),
                new Promise(28800 + mt_rand(0, 20000), 28800 + mt_rand(10000, 200000), (float) mt_rand(1, 3)),
            );
        }

        return new Workload(
            28800,
            $lanes,
            $frames,
            $batches,
            new Changeover(180, 240, 150, ['flat>cap' => 900, 'cap>flat' => 720], againS: 50, styleS: 120),
            $hands,
            Weights::of(HouseRules::of()),
        );
    }
}
