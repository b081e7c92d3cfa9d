<?php

declare(strict_types=1);

namespace App\Thread;

use App\Database\Transaction;
use App\Models\Cone;
use App\Models\Thread;
use App\Shop\Sign;
use Carbon\CarbonImmutable;
use Hakama\Thread\ShelfRow;

/** The thread shelf as a list: read whole, and changed by a list. */
final class ThreadShelf
{
    /** @return list<ShelfRow> one a cone, by code */
    public static function rows(): array
    {
        return array_values(
            Thread::query()
                ->from('threads as t')
                ->leftJoin('cones as c', 'c.thread_id', '=', 't.id')
                ->orderBy('t.code')
                ->orderBy('c.number')
                ->toBase()
                ->get(['t.code', 't.name', 't.hex', 't.weight', 'c.number', 'c.shelf', 'c.metres_left'])
                ->map(
                    static fn(object $row): ShelfRow => new ShelfRow(
                        $row->code,
                        $row->name,
                        $row->hex,
                        (int) $row->weight,
                        (int) ($row->number ?? 1),
                        (string) $row->shelf,
                        (int) round((float) $row->metres_left),
                    ),
                )
                ->all(),
        );
    }

    /** Changes whenever somebody writes on the shelf; that a machine sews from it is no change of that kind. */
    public static function sign(): string
    {
        return Sign::of([
            Thread::query()
                ->orderBy('id')
                ->toBase()
                ->get(['code', 'name', 'hex', 'weight']),
            Cone::query()
                ->orderBy('id')
                ->toBase()
                ->get(['thread_id', 'number', 'shelf', 'measured_at']),
        ]);
    }

    /**
     * @param list<ShelfRow> $rows
     *
     * @throws ShelfMovedOn when the shelf is no longer the one that was looked at
     */
    public static function takeOver(array $rows, string $seen): void
    {
        Transaction::run(static function () use ($rows, $seen): void {
            // One at a time, so that what was seen is what is changed.
            if (self::sign() !== $seen) {
                throw new ShelfMovedOn(
                    'Someone changed the shelf since this preview was made; nothing was taken over. This is what '.
                        'would change now.',
                );
            }
            foreach (array_chunk($rows, 500) as $some) {
                Thread::query()->upsert(
                    array_map(
                        static fn(ShelfRow $row): array => [
                            'code' => $row->code,
                            'name' => $row->name,
                            'hex' => $row->hex,
                            'weight' => $row->weight,
                        ],
                        $some,
                    ),
                    ['code'],
                    ['name', 'hex', 'weight'],
                );
            }
            $now = CarbonImmutable::now();
            $ids = array_change_key_case(Thread::query()->pluck('id', 'code')->all());
            foreach (array_chunk($rows, 500) as $some) {
                Cone::query()->upsert(
                    array_map(
                        static fn(ShelfRow $row): array => [
                            'thread_id' => $ids[strtolower($row->code)],
                            'number' => $row->cone,
                            'shelf' => $row->shelf,
                            'metres_left' => $row->metresLeft,
                            'measured_at' => $now,
                        ],
                        $some,
                    ),
                    ['thread_id', 'number'],
                    ['shelf', 'metres_left', 'measured_at'],
                );
            }
        });
    }
}
