<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Plan\Beside\SearcherBeside;
use Hakama\Plan\Search;
use Hakama\Plan\SideBySide;
use PHPUnit\Framework\Attributes\Test;
use Tests\Core\Plan\RandomWorkload;
use Tests\Feature\FeatureTestCase;

/** Searches in processes of their own come to what they come to one after the other. */
final class SearchersBesideTest extends FeatureTestCase
{
    #[Test]
    public function at_once_they_find_what_they_find_in_turn(): void
    {
        mt_srand(5);
        $workload = RandomWorkload::of(40, 4, hands: 2);
        $beside = SearcherBeside::several($workload, 2, 3, 400, null);
        self::assertCount(1, self::children());
        $beside->run(200)->run(200);
        [$first, $second] = SideBySide::seeds(3, 2);
        $inTurn = new SideBySide(Search::of($workload, $first, 400), [Search::of($workload, $second, 400)]);

        self::assertEquals($inTurn->run(200)->run(200)->best(), $beside->best());
        unset($beside);
        self::assertSame([], self::children(), 'it ends with whoever began it');
    }

    #[Test]
    public function the_others_go_on_without_one_that_is_killed(): void
    {
        mt_srand(6);
        $workload = RandomWorkload::of(40, 4, hands: 2);
        $beside = SearcherBeside::several($workload, 2, 3, 400, null);
        $beside->run(100);
        $before = Search::costOf($workload, $beside->best());
        foreach (self::children() as $pid) {
            posix_kill($pid, SIGKILL);
        }
        $beside->run(100)->run(200);

        self::assertSame(400, $beside->done());
        self::assertLessThanOrEqual($before, Search::costOf($workload, $beside->best()));
    }

    #[Test]
    public function a_shop_that_one_looks_through_at_once_begins_no_second(): void
    {
        mt_srand(7);
        $beside = SearcherBeside::several(RandomWorkload::of(8, 2, hands: 2), 4, 1, 400, null);

        self::assertSame([], self::children());
        self::assertCount(8, array_merge(...array_values($beside->run(50)->best()->batches)));
    }

    /** @return list<int> processes that this one has begun to look for plans */
    private static function children(): array
    {
        return array_values(array_map(intval(...), array_filter(
            explode(' ', trim((string) file_get_contents('/proc/self/task/'.getmypid().'/children'))),
            static fn(string $pid): bool => str_contains(
                (string) @file_get_contents("/proc/{$pid}/cmdline"),
                'plan:beside',
            ),
        )));
    }
}
