<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use App\Foundation\Database\Transaction;
use App\Stock\Models\Hardware;
use Hakama\Money\Amount;

/** Snaps, rings, hooks and zips of made items. */
final class HardwareList implements CatalogueList
{
    public function columns(): array
    {
        return [
            new Column('code', ['required', 'string', 'max:32']),
            new Column('name', ['required', 'string', 'max:80']),
            new Column('unit_price', ['required', 'numeric', 'between:0,10000']),
            new Column('count', ['required', 'integer', 'between:0,1000000']),
        ];
    }

    public function rows(): array
    {
        $left = Hardware::left();

        return array_values(
            Hardware::query()
                ->orderBy('code')
                ->get()
                ->map(
                    static fn(Hardware $one): array => [
                        $one->code,
                        $one->name,
                        Amount::plain($one->unit_cents),
                        (string) max(0, $left[$one->id] ?? 0),
                    ],
                )
                ->all(),
        );
    }

    public function take(array $rows): int
    {
        Transaction::run(static function () use ($rows): void {
            $left = Hardware::left();
            foreach ($rows as $row) {
                $one = Hardware::query()->firstOrNew(['code' => trim($row['code'])]);
                $one->fill(['name' => trim($row['name']), 'unit_cents' => Amount::read($row['unit_price'])]);
                // The number that is shown is what should be left: only another one is a count.
                if (! $one->exists || (int) $row['count'] !== max(0, $left[$one->id] ?? 0)) {
                    $one->count((int) $row['count']);
                }
                $one->save();
            }
        });

        return count($rows);
    }
}
