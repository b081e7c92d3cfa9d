<?php

declare(strict_types=1);

namespace Tests\Core\Books;

use DateTimeImmutable;
use Hakama\Books\Entry;
use Hakama\Books\Period;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class PeriodTest extends TestCase
{
    /** @return iterable<string, array{Period, string, string, string}> */
    public static function days(): iterable
    {
        yield 'a day' => [Period::Day, '2026-03-04', '2026-03-04', '2026-03-04'];
        yield 'a week from Monday' => [Period::Week, '2026-03-04', '2026-03-02', '2026-03-08'];
        yield 'its Sunday' => [Period::Week, '2026-03-08', '2026-03-02', '2026-03-08'];
        yield 'a week over the year' => [Period::Week, '2027-01-02', '2026-12-28', '2027-01-03'];
        yield 'a month' => [Period::Month, '2024-02-11', '2024-02-01', '2024-02-29'];
        yield 'a year' => [Period::Year, '2026-07-01', '2026-01-01', '2026-12-31'];
    }

    #[Test, DataProvider('days')]
    public function every_day_lies_in_one_period(
        Period $period,
        string $day,
        string $first,
        string $last,
    ): void {
        $day = new DateTimeImmutable($day);

        self::assertSame(
            [$first, $last],
            [$period->first($day)->format('Y-m-d'), $period->last($day)->format('Y-m-d')],
        );
    }

    #[Test]
    public function a_period_is_the_sum_of_its_days(): void
    {
        $entry = static fn(string $day, int $done, array $spoiled): Entry => new Entry(
            $day,
            'M1',
            '1001',
            100 * $done,
            $done,
            $spoiled,
            60.0 * $done,
            66.0 * $done,
        );
        $entries = [
            $entry('2026-03-02', 4, ['puckering' => 1]),
            $entry('2026-03-08', 3, []),
            $entry('2026-03-09', 5, ['puckering' => 2, 'colour' => 1]),
        ];
        $weeks = Period::Week->sums($entries);

        self::assertSame(['2026-03-09', '2026-03-02'], array_keys($weeks));
        self::assertSame([5, 7], array_map(static fn(Entry $e): int => $e->done, array_values($weeks)));
        self::assertSame(['puckering' => 1], $weeks['2026-03-02']->spoiled);
        [$month] = array_values(Period::Month->sums($entries));
        self::assertSame(
            [1200, 12, ['puckering' => 3, 'colour' => 1], 720.0, 792.0],
            [$month->stitches, $month->done, $month->spoiled, $month->plannedS, $month->realS],
        );
        self::assertSame([], Period::Year->sums([]));
    }
}
