<?php

declare(strict_types=1);

namespace App\Books\Queries;

use App\Floor\Projections\DaySums;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;

/** The books as a list: a line for each day, machine and order, below what its columns are. */
final class BookRows
{
    public const COLUMNS = [
        'day',
        'machine',
        'order',
        'stitches',
        'pieces_done',
        'pieces_spoiled',
        'spoiled_by',
        'planned_min',
        'real_min',
    ];

    /** @return iterable<list<int|float|string|CarbonImmutable>> */
    public static function between(CarbonImmutable $from, CarbonImmutable $to): iterable
    {
        foreach (DaySums::between($from, $to) as $entry) {
            yield self::row($entry);
        }
    }

    /** @return list<int|float|string|CarbonImmutable> */
    private static function row(Entry $entry): array
    {
        $causes = array_map(
            static fn(string $cause, int $n): string => "{$cause} {$n}",
            array_keys($entry->spoiled),
            $entry->spoiled,
        );

        return [
            CarbonImmutable::parse($entry->day),
            $entry->machine,
            $entry->order,
            $entry->stitches,
            $entry->done,
            $entry->spoiledPieces(),
            implode('; ', $causes),
            round($entry->plannedS / 60, 1),
            round($entry->realS / 60, 1),
        ];
    }
}
