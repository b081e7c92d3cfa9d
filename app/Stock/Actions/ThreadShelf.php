<?php

declare(strict_types=1);

namespace App\Stock\Actions;

use App\Floor\Models\FloorEvent;
use App\Foundation\Database\Transaction;
use App\Foundation\StateHash;
use App\Stock\Models\Cone;
use App\Stock\Models\Thread;
use App\Stock\StaleShelf;
use Carbon\CarbonImmutable;
use Hakama\Thread\ColourCard;
use Hakama\Thread\ShelfRow;
use Illuminate\Support\Facades\DB;

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
        return StateHash::of([
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
     * @throws StaleShelf when the shelf is no longer the one that was looked at
     */
    public static function takeOver(array $rows, string $seen): void
    {
        Transaction::run(static function () use ($rows, $seen): void {
            // One at a time, so that what was seen is what is changed.
            if (self::sign() !== $seen) {
                throw new StaleShelf(
                    __('stock.thread_shelf.somebody_changed_the_shelf_since_this'),
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
            $after = (int) FloorEvent::query()->max('seq');
            $ids = array_change_key_case(Thread::query()->pluck('id', 'code')->all());
            foreach (array_chunk($rows, 500) as $some) {
                Cone::query()->upsert(
                    array_map(
                        static fn(ShelfRow $row): array => [
                            'thread_id' => $ids[strtolower($row->code)],
                            'number' => $row->cone,
                            'shelf' => $row->shelf,
                            'metres_left' => $row->metresLeft,
                            'measured_m' => $row->metresLeft,
                            'after_seq' => $after,
                            'measured_at' => $now,
                        ],
                        $some,
                    ),
                    ['thread_id', 'number'],
                    ['shelf', 'metres_left', 'measured_m', 'after_seq', 'measured_at'],
                );
            }
        });
    }

    /**
     * Puts threads of the colour card on the shelf that are not there yet, a whole cone of each.
     *
     * @param list<string> $codes
     *
     * @return int how many
     */
    public static function ofCard(array $codes): int
    {
        $known = DB::table('threads')->pluck('code')->all();
        $rows = array_values(
            array_diff_key(array_intersect_key(ColourCard::threads(), array_flip($codes)), array_flip($known)),
        );
        self::takeOver($rows, self::sign());

        return count($rows);
    }
}
