<?php

declare(strict_types=1);

namespace Tests\Core\Thread;

use Hakama\Thread\ShelfDiff;
use Hakama\Thread\ShelfForecast;
use Hakama\Thread\ShelfRow;
use Hakama\Thread\ThreadDemand;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class ShelfTest extends TestCase
{
    private const CELLS = [
        'code' => 'D-01',
        'name' => 'Ink',
        'colour' => '#1d2433',
        'weight' => '40',
        'cone' => '2',
        'shelf' => 'A1',
        'metres_left' => '600',
    ];

    #[Test]
    public function a_row_is_read_and_written_in_the_order_of_the_columns(): void
    {
        $row = ShelfRow::of([...self::CELLS, 'code' => '  D-01 ', 'colour' => '#1D2433']);

        self::assertEquals(new ShelfRow('D-01', 'Ink', '#1d2433', 40, 2, 'A1', 600), $row);
        self::assertSame(array_values(self::CELLS), $row->cells());
        self::assertSame(1, ShelfRow::of([...self::CELLS, 'cone' => ''])->cone, 'one cone needs no number');
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function unfit(): iterable
    {
        yield 'no code' => ['code', ' ', 'Enter a code of at most 32 letters'];
        yield 'a code that breaks the line' => ['code', "D\n1", 'Enter a code of at most 32 letters'];
        yield 'a name without end' => ['name', str_repeat('x', 81), 'Enter a name of at most 80'];
        yield 'a colour by name' => ['colour', 'ink', '“ink” is no colour'];
        yield 'no weight' => ['weight', '', 'Enter a whole number from 5 to 200'];
        yield 'half a weight' => ['weight', '40.5', 'Enter a whole number from 5 to 200'];
        yield 'a cone of none' => ['cone', '0', 'Enter a whole number from 1 to 999'];
        yield 'a shelf without end' => ['shelf', str_repeat('x', 33), 'Enter a shelf of at most 32'];
        yield 'less than nothing' => ['metres_left', '-1', 'Enter a whole number from 0 to 100000, not “-1”'];
        yield 'a number that is too large' => [
            'metres_left',
            '99999999999999999999',
            'Enter a whole number from 0 to 100000',
        ];
    }

    #[Test]
    #[DataProvider('unfit')]
    public function a_cell_that_says_nothing_is_named_with_what_is_wanted(
        string $column,
        string $given,
        string $message,
    ): void {
        self::assertStringContainsString(
            "{$column}: {$message}",
            Said::refusalOf(fn(): mixed => ShelfRow::of([...self::CELLS, $column => $given])),
        );
    }

    #[Test]
    public function a_list_says_what_it_would_change_and_leaves_the_rest_alone(): void
    {
        $now = [self::row('A', 1, 100), self::row('A', 2, 50), self::row('B', 1, 10)];
        $diff = ShelfDiff::of($now, [self::row('a', 1, 90), self::row('A', 2, 50), self::row('C', 1, 5)]);

        self::assertEquals([self::row('C', 1, 5)], $diff->added);
        self::assertEquals(
            [[self::row('a', 1, 90), ['metres left 100 → 90']]],
            array_map(static fn(array $one): array => [$one[0], Said::each($one[1])], $diff->changed),
            'a code is the same in small letters',
        );
        self::assertSame([1, []], [$diff->same, $diff->problems]);
        $moved = ShelfDiff::of([self::row('A', 1, 5)], [new ShelfRow('A', 'Other', '#ffffff', 60, 1, '', 5)]);
        self::assertSame(
            ['name Ink → Other', 'colour #1d2433 → #ffffff', 'weight 40 → 60', 'shelf A1 → none'],
            Said::each($moved->changed[0][1]),
        );
    }

    #[Test]
    public function rows_that_contradict_each_other_are_problems(): void
    {
        $twice = ShelfDiff::of([], [self::row('A', 1, 5), self::row('a', 1, 6), self::row('A', 1, 7)]);
        self::assertSame(
            ['a, cone 1 is in the list twice.', 'A, cone 1 is in the list twice.'],
            Said::each($twice->problems),
        );
        $named = ShelfDiff::of([], [self::row('A', 1, 5), new ShelfRow('A', 'Else', '#1d2433', 40, 2, '', 5)]);
        self::assertSame(
            ['A has different names, colours or weights in different rows.'],
            Said::each($named->problems),
        );
    }

    #[Test]
    public function a_shelf_read_back_never_differs_from_itself(): void
    {
        mt_srand(8);
        for ($round = 0; $round < 60; $round++) {
            $rows = [];
            for ($thread = mt_rand(1, 8); $thread > 0; $thread--) {
                for ($cone = mt_rand(1, 3); $cone > 0; $cone--) {
                    $rows[] = new ShelfRow(
                        "T-{$thread}",
                        "Name {$thread}",
                        sprintf('#%06x', 4711 * $thread),
                        40,
                        $cone,
                        ['', 'A1'][mt_rand(0, 1)],
                        mt_rand(0, 5000),
                    );
                }
            }
            $read = array_map(
                static fn(ShelfRow $row): ShelfRow => ShelfRow::of(array_combine(ShelfRow::COLUMNS, $row->cells())),
                $rows,
            );
            $diff = ShelfDiff::of($rows, $read);

            self::assertSame(
                [[], [], count($rows), []],
                [$diff->added, $diff->changed, $diff->same, $diff->problems],
            );
            self::assertCount(count($rows), ShelfDiff::of([], $read)->added);
        }
    }

    #[Test]
    public function the_forecast_agrees_with_running_the_shelf_down_demand_by_demand(): void
    {
        mt_srand(9);
        for ($round = 0; $round < 80; $round++) {
            $metres = ['a' => (float) mt_rand(0, 60), 'b' => (float) mt_rand(0, 60)];
            $demands = [];
            for ($i = mt_rand(1, 9); $i > 0; $i--) {
                $demands[] = new ThreadDemand(
                    ['a', 'b', 'c'][mt_rand(0, 2)],
                    (float) mt_rand(1, 25),
                    10 * $i,
                    "B-{$i}",
                );
            }
            shuffle($demands);
            $forecast = ShelfForecast::of($metres, $demands);

            $left = [...$metres, 'c' => 0.0];
            $short = [];
            for ($at = 10; $at <= 90; $at += 10) {
                foreach ($demands as $demand) {
                    if ($demand->at === $at) {
                        $left[$demand->thread] -= $demand->metres;
                        $short += $left[$demand->thread] < 0 ? [$demand->thread => $demand->for] : [];
                    }
                }
            }
            ksort($short);
            $found = array_map(static fn(ThreadDemand $demand): string => $demand->for, $forecast->short);
            ksort($found);
            self::assertSame($short, $found);
            foreach ($forecast->left as $thread => $rest) {
                self::assertEqualsWithDelta($left[$thread], $rest, 1e-9);
            }
        }
    }

    private static function row(string $code, int $cone, int $metres): ShelfRow
    {
        return new ShelfRow($code, 'Ink', '#1d2433', 40, $cone, 'A1', $metres);
    }
}
