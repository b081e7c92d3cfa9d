<?php

declare(strict_types=1);

namespace Tests\Core\Needles;

use Hakama\Machine\Rack;
use Hakama\Needles\Assignment;
use Hakama\Needles\ConeChange;
use Hakama\Needles\Demand;
use Hakama\Needles\Reloading;
use Hakama\Needles\Swaps;
use Hakama\Needles\ThreadNeeds;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class AssignmentTest extends TestCase
{
    #[Test]
    public function what_is_right_already_stays_and_an_empty_needle_is_filled_first(): void
    {
        $done = Assignment::of(Rack::of(4, [1 => 'white', 2 => 'red']), [
            new Demand('b1', ['white', 'navy', 'white']),
        ]);

        self::assertEquals([new ConeChange(3, null, 'navy', 1)], $done->batches[0]->load);
        self::assertSame([1, 3, 1], $done->batches[0]->order);
        self::assertSame('navy', $done->rackAfter->thread(3));
    }

    #[Test]
    public function the_thread_needed_furthest_in_the_future_gives_way(): void
    {
        $batches = [
            new Demand('b1', ['d']),
            new Demand('b2', ['a']),
            new Demand('b3', ['b']),
            new Demand('b4', ['c']),
        ];
        $done = Assignment::of(Rack::of(3, [1 => 'a', 2 => 'b', 3 => 'c']), $batches);

        self::assertEquals([new ConeChange(3, 'c', 'd', 1)], $done->batches[0]->load);
        self::assertSame(2, $done->changes(), 'd comes in, and c once more at the end');
    }

    #[Test]
    public function a_pinned_needle_keeps_its_thread(): void
    {
        $done = Assignment::of(Rack::of(2, [1 => 'white', 2 => 'red'], pinned: [1]), [
            new Demand('b1', ['navy']),
            new Demand('b2', ['red']),
        ]);

        self::assertSame('white', $done->rackAfter->thread(1));
        self::assertSame(2, $done->changes());
    }

    #[Test]
    public function fine_thread_goes_on_the_fine_needle_only(): void
    {
        $rack = Rack::of(
            3,
            [1 => 'a-40', 2 => 'b-40', 3 => 'c-40'],
            sizes: [1 => '75/11', 2 => '65/9', 3 => '75/11'],
        );
        $needs = new ThreadNeeds(['white-60' => '65/9', 'd-40' => '75/11']);
        $done = Assignment::of($rack, [new Demand('b1', ['d-40', 'white-60']), new Demand('b2', ['a-40'])], $needs);

        self::assertSame([3, 2], $done->batches[0]->order);
        self::assertSame(2, $done->changes(), 'needle 1 keeps a-40 for the next batch');
    }

    #[Test]
    public function a_thread_that_no_needle_may_take_is_refused_with_its_reason(): void
    {
        self::assertStringContainsString('Batch b1: no unpinned needle can take white-60, which needs a 65/9 needle', Said::refusalOf(fn(): mixed => Assignment::of(
            Rack::of(2, sizes: [1 => '75/11', 2 => '75/11']),
            [new Demand('b1', ['white-60'])],
            new ThreadNeeds(['white-60' => '65/9']),
        )));
    }

    #[Test]
    public function more_colours_than_needles_are_swapped_at_stops_and_no_more_often_than_must_be(): void
    {
        // Two needles, blocks a b c a b: Belady swaps c in for b, then b in again: two swaps besides the first two
        // loads.
        $done = Assignment::of(Rack::of(2), [new Demand('b1', ['a', 'b', 'c', 'a', 'b'])]);

        self::assertSame(4, $done->changes());
        self::assertSame(
            [1, 1, 3, 5],
            array_map(static fn(ConeChange $c): int => $c->beforeBlock, $done->batches[0]->load),
        );
        self::assertSame([1, 2, 2, 1], array_slice($done->batches[0]->order, 0, 4));
    }

    #[Test]
    public function a_piece_with_more_colours_than_needles_wants_the_swaps_that_a_hand_counts(): void
    {
        // a b c on two needles, piece after piece: a b, swap c for one of them; then one more for what was given up.
        self::assertSame(2, Swaps::perPiece(Rack::of(2), new Demand('x', ['a', 'b', 'c'])));
        self::assertSame(0, Swaps::perPiece(Rack::of(3), new Demand('x', ['a', 'b', 'c'])));
        // a comes back in between: it stays, and b and c change places once a piece each.
        self::assertSame(2, Swaps::perPiece(Rack::of(2), new Demand('x', ['a', 'b', 'a', 'c'])));
        self::assertNull(
            Swaps::perPiece(
                Rack::of(1, sizes: [1 => '75/11']),
                new Demand('x', ['fine']),
                new ThreadNeeds(['fine' => '65/9']),
            ),
        );
    }

    #[Test]
    public function codes_of_digits_are_threads_like_any_other(): void
    {
        $done = Assignment::of(Rack::of(2, [1 => '101']), [new Demand('b1', ['101', '202'])]);

        self::assertEquals([new ConeChange(2, null, '202', 1)], $done->batches[0]->load);
    }

    #[Test]
    public function loading_the_rack_anew_for_each_batch_is_counted_as_the_other_school_does_it(): void
    {
        // b1 puts navy and red on needles 2 and 3 (two changes), b2 red on 2 again (one more): the rule needs two in
        // all.
        $rack = Rack::of(3, [1 => 'white', 2 => 'grey', 3 => 'green'], pinned: [1]);
        $batches = [new Demand('b1', ['white', 'navy', 'red']), new Demand('b2', ['red'])];

        self::assertSame(3, Reloading::changes($rack, $batches));
        self::assertSame(2, Assignment::of($rack, $batches)->changes());
    }

    #[Test]
    public function no_way_of_loading_needs_fewer_changes(): void
    {
        mt_srand(5);
        $compared = 0;
        for ($round = 0; $round < 200; $round++) {
            $needles = mt_rand(2, 4);
            $colours = mt_rand(3, 6);
            $threads = [];
            for ($n = 1; $n <= $needles; $n++) {
                if (mt_rand(0, 3) > 0) {
                    $threads[$n] = 't'.mt_rand(0, $colours - 1);
                }
            }
            $pinned = isset($threads[1]) && mt_rand(0, 2) === 0 ? [1] : [];
            $batches = [];
            for ($i = mt_rand(1, 5); $i > 0; $i--) {
                $batches[] = array_map(
                    static fn(): string => 't'.mt_rand(0, $colours - 1),
                    range(1, mt_rand(1, min($needles, 3))),
                );
            }
            $fewest = self::fewestByTryingAll($needles, $threads, $pinned, $batches);
            if ($fewest === null) {
                continue;
            }
            $compared++;
            $done = Assignment::of(
                Rack::of($needles, $threads, $pinned),
                array_map(
                    static fn(array $blocks, int $i): Demand => new Demand("b{$i}", $blocks),
                    $batches,
                    array_keys($batches),
                ),
            );
            self::assertSame(
                $fewest,
                $done->changes(),
                (string) json_encode([$needles, $threads, $pinned, $batches]),
            );
            foreach ($done->batches as $i => $batch) {
                self::assertCount(count($batches[$i]), $batch->order);
            }
        }
        self::assertGreaterThan(150, $compared);
    }

    /**
     * Every way of putting missing threads on unpinned needles, batch after batch.
     *
     * @param array<int, string>          $threads
     * @param list<int>                   $pinned
     * @param list<non-empty-list<string>> $batches
     */
    private static function fewestByTryingAll(int $needles, array $threads, array $pinned, array $batches): ?int
    {
        $start = array_map(static fn(int $n): ?string => $threads[$n] ?? null, range(1, $needles));
        $states = [json_encode($start) => 0];
        foreach ($batches as $blocks) {
            $wanted = array_unique($blocks);
            $next = [];
            foreach ($states as $state => $changes) {
                $rack = json_decode((string) $state, true);
                $missing = array_values(array_diff($wanted, array_filter($rack)));
                $try = static function (array $rack, int $m) use (
                    &$try,
                    &$next,
                    $missing,
                    $wanted,
                    $pinned,
                    $needles,
                    $changes,
                ): void {
                    if ($m === count($missing)) {
                        if (array_diff($wanted, array_filter($rack)) === []) {
                            $key = json_encode($rack);
                            $next[$key] = min($next[$key] ?? PHP_INT_MAX, $changes + count($missing));
                        }

                        return;
                    }
                    for ($n = 0; $n < $needles; $n++) {
                        if (! in_array($n + 1, $pinned, true)) {
                            $try(array_replace($rack, [$n => $missing[$m]]), $m + 1);
                        }
                    }
                };
                $try($rack, 0);
            }
            $states = $next;
        }

        return $states === [] ? null : min($states);
    }
}
