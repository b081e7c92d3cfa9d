<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\House\HouseRules;
use Hakama\Machine\BatchTime;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Changeover;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\SplitImpact;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class PartsTest extends TestCase
{
    #[Test]
    public function pieces_run_apart_on_another_machine_are_done_sooner(): void
    {
        // Ten pieces of 700 s after 180 s of changeover on one machine, or six here and four there.
        [$behind, $best] = SplitImpact::split(self::workload(), new Sequence(['M' => ['a'], 'N' => ['b']]), 'a', 4);

        self::assertSame(
            ['M', 1, 'a', 180 + 6 * 700 + 180 + 4 * 700],
            [$behind?->machine, $behind?->rank, $behind?->after(), $behind?->end],
        );
        // The short b stays in front: 1580 s, and then the part.
        self::assertSame(
            ['N', 1, 'b', 180 + 2 * 700 + 180 + 4 * 700],
            [$best?->machine, $best?->rank, $best?->after(), $best?->end],
        );
        // What is left of it ends sooner for it, and nobody later.
        self::assertSame(['a' => -4 * 700], $best->others->later);
        self::assertEqualsWithDelta(
            [3.0, 3.0],
            [$behind?->changeoverMore, $best->changeoverMore],
            1e-9,
            'either way it is loaded once more',
        );
        self::assertSame(['a' => -2800], $behind?->others->later);
    }

    #[Test]
    public function what_is_here_is_sewn_while_the_rest_waits_for_its_blanks(): void
    {
        // Ten pieces of 700 s, four of which come at 10 000 s: all of it waits until then, or six begin at once. b, two
        // pieces on the other machine, is in nobody's way.
        $shop = self::workload();
        $held = $shop->with([
            $shop->batches['a']->promised($shop->batches['a']->promise->ready(10_000)),
            $shop->batches['b'],
        ]);
        $sequence = new Sequence(['M' => ['a'], 'N' => ['b']]);
        self::assertSame(10_000 + 10 * 700, Timetable::of($held, $sequence)->find('a')?->end());

        $apart = SplitImpact::awaiting($held, $sequence, 'a', 4, 0);

        self::assertSame(180 + 6 * 700, $apart?->find('a')?->end());
        self::assertSame(10_000 + 4 * 700, $apart->find(SplitImpact::PART)?->end());
        self::assertSame(180 + 2 * 700, $apart->find('b')?->end());
    }

    #[Test]
    public function a_late_batch_on_two_machines_at_once_is_the_best_of_all_parts_and_places(): void
    {
        $paid = 0;
        for ($seed = 1; $seed <= 30; $seed++) {
            mt_srand(300 + $seed);
            $workload = RandomWorkload::of(mt_rand(3, 6), 2, hands: 2);
            $sequence = Dispatch::asBooked($workload);
            $now = Timetable::of($workload, $sequence);
            foreach ($now->placed as $placed) {
                if ($placed->lateS() === 0 || $now->unplaced !== []) {
                    continue;
                }
                $id = $placed->batch->id;
                $parts = range(1, $placed->batch->pieces - 1);
                $pays = SplitImpact::pays($workload, $sequence, $id, $parts);
                $least = self::leastApart($workload, $sequence, $id, $parts);
                if ($pays === null) {
                    self::assertGreaterThan($now->totals->cost - 1e-3, $least, "seed {$seed} {$id}");
                } else {
                    self::assertEqualsWithDelta($least, $now->totals->cost + $pays[1]->costMore, 1e-6, "seed {$seed} {$id}");
                    $paid++;
                }
            }
        }
        self::assertGreaterThan(5, $paid);
        // Nothing is late there, and what is saved is less than a moved batch costs.
        self::assertNull(SplitImpact::pays(self::workload(), new Sequence(['M' => ['a'], 'N' => ['b']]), 'a', [4]));
    }

    /** @param list<int> $parts */
    private static function leastApart(Workload $workload, Sequence $sequence, string $id, array $parts): float
    {
        $least = INF;
        $whole = $workload->batches[$id];
        foreach ($parts as $pieces) {
            $then = $workload->with([
                ...array_values(array_map(
                    static fn(BatchJob $one): BatchJob => $one->id === $id ? $one->of($one->pieces - $pieces) : $one,
                    $workload->batches,
                )),
                $whole->part('part', $pieces),
            ]);
            foreach ($workload->lanes as $lane) {
                for ($rank = 0; $rank <= count($sequence->on($lane->id)); $rank++) {
                    $timed = Timetable::of($then, $sequence->moved('part', $lane->id, $rank));
                    $least = $timed->unplaced === [] ? min($least, $timed->totals->cost) : $least;
                }
            }
        }

        return $least;
    }

    #[Test]
    public function each_of_three_hoopings_sews_its_share_with_hooping_and_swap_of_its_own(): void
    {
        $sewing = (new BatchSewing(['M' => 600, 'N' => 500], 90, 40, 1))->aHooping(3);

        // 500 s by three is 166.7: never less than it takes.
        self::assertSame([['M' => 200, 'N' => 167], 90, 40], [$sewing->sewS, $sewing->hoopS, $sewing->swapS]);
        self::assertEquals(
            new BatchSewing(['M' => 600], 90, 40, 2),
            (new BatchSewing(['M' => 600], 90, 40, 2))->aHooping(1),
        );
        // 4 pieces in 3 hoopings with one frame are 12 loads: 12 (90 + 40 + 200) s.
        self::assertSame(
            12 * 330,
            (new BatchTime(12, 1, 1, $sewing->hoopS, $sewing->swapS, $sewing->sewS['M']))->seconds(),
        );
    }

    #[Test]
    public function two_parts_put_together_are_loaded_once(): void
    {
        $workload = self::workload();
        $option = SplitImpact::join($workload, new Sequence(['M' => ['a'], 'N' => ['b']]), 'b', 'a');

        self::assertSame(['M', 0, 180 + 12 * 700], [$option?->machine, $option?->rank, $option?->end]);
        self::assertEqualsWithDelta(-3.0, $option?->changeoverMore, 1e-9);
        self::assertSame(['M' => ['a'], 'N' => []], $option?->sequence->batches);
        self::assertNull(
            SplitImpact::join($workload, new Sequence(['M' => [], 'N' => ['b']]), 'b', 'a'),
            'what stands nowhere takes nothing in',
        );
    }

    #[Test]
    public function what_runs_already_goes_on_and_its_part_is_set_up(): void
    {
        $workload = self::workload(standing: true);
        [$behind] = SplitImpact::split($workload, new Sequence(['M' => ['a'], 'N' => ['b']]), 'a', 4);

        self::assertSame(6 * 700 + 180 + 4 * 700, $behind?->end);
        self::assertSame([null, null], SplitImpact::split(self::workload(machines: []), new Sequence([]), 'a', 4));
    }

    /** @param list<string> $machines */
    private static function workload(array $machines = ['M', 'N'], bool $standing = false): Workload
    {
        $batch = static fn(string $id, int $pieces, bool $stands = false): BatchJob => new BatchJob(
            $id,
            $pieces,
            new BatchSewing(['M' => 600, 'N' => 600], 60, 40, 1),
            new Equipment(['white'], 'F'),
            new Promise(0, 99999),
            alreadySetUp: $stands,
        );
        $lanes = array_map(
            static fn(string $id): Lane => new Lane(
                $id,
                1,
                Rack::of(2, [1 => 'white']),
                'flat',
                'F',
                Hours::of([[0, 36000]]),
            ),
            $machines,
        );

        return new Workload(
            0,
            $lanes,
            [new FrameStock('F', 'flat', 9)],
            [$batch('a', 10, $standing), $batch('b', 2)],
            new Changeover(180, 240, 150),
            Hands::always(4),
            Weights::of(HouseRules::of()),
        );
    }
}
