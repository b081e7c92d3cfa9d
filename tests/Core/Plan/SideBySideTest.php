<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Plan\Search;
use Hakama\Plan\SideBySide;
use Hakama\Plan\Timetable;
use Hakama\Plan\Workload;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class SideBySideTest extends TestCase
{
    #[Test]
    public function the_same_seed_and_number_of_searchers_come_to_the_same_plan(): void
    {
        mt_srand(5);
        $workload = RandomWorkload::of(48, 4, hands: 2);
        $one = self::team($workload, 3, 11)->run(300)->run(300);
        $again = self::team($workload, 3, 11)->run(300)->run(300);

        self::assertEquals($one->best(), $again->best());
        self::assertSame(600, $one->done());
        self::assertNotEquals($one->best(), self::team($workload, 3, 12)->run(300)->run(300)->best());
    }

    #[Test]
    public function together_they_have_the_best_of_what_each_has_and_one_alone_finds_what_a_search_finds(): void
    {
        mt_srand(6);
        $workload = RandomWorkload::of(48, 4, hands: 2);
        $seeds = SideBySide::seeds(4, 3);
        self::assertCount(3, array_unique($seeds));
        self::assertSame([4], SideBySide::seeds(4, 1));
        $alone = array_map(static fn(int $seed): float => Search::of($workload, $seed, 500)->run(250)->cost(), $seeds);

        // After the first stretch nobody was shown anything yet.
        $searches = array_map(static fn(int $seed): Search => Search::of($workload, $seed, 500), $seeds);
        $team = new SideBySide(...self::split($searches));
        $team->run(250);
        self::assertEqualsWithDelta(min($alone), Timetable::of($workload, $team->best())->totals->cost, 1e-6);

        $single = self::team($workload, 1, 4)->run(250)->run(250);
        self::assertEquals(Search::of($workload, 4, 600)->run(500)->best(), $single->best());
        self::assertFalse($single->isProven());
        self::assertLessThanOrEqual(Timetable::of($workload, $single->best())->totals->cost, $single->bound());
    }

    #[Test]
    public function a_small_shop_is_proven_by_whoever_proves_it_first(): void
    {
        mt_srand(7);
        $workload = RandomWorkload::of(5, 2, hands: 2);
        $team = self::team($workload, 2, 1);
        for ($i = 0; $i < 50 && ! $team->isProven(); $i++) {
            $team->run(400);
        }
        self::assertTrue($team->isProven());
        self::assertEqualsWithDelta(Timetable::of($workload, $team->best())->totals->cost, $team->bound(), 1e-6);
    }

    private static function team(Workload $workload, int $searchers, int $seed): SideBySide
    {
        return new SideBySide(...self::split(array_map(
            static fn(int $one): Search => Search::of($workload, $one, 600),
            SideBySide::seeds($seed, $searchers),
        )));
    }

    /**
     * @param list<Search> $searches
     *
     * @return array{Search, list<Search>}
     */
    private static function split(array $searches): array
    {
        assert($searches !== []);

        return [$searches[0], array_slice($searches, 1)];
    }
}
