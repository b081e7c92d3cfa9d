<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use App\Foundation\Database\Transaction;
use App\Stock\Models\Cloth;

/** Cloth on the bolt, to be laid on. */
final class ClothList implements CatalogueList
{
    public function columns(): array
    {
        return [
            new Column('code', ['required', 'string', 'max:32']),
            new Column('name', ['required', 'string', 'max:80']),
            new Column('colour', ['required', 'regex:/^#[0-9a-f]{6}$/iD']),
            new Column('width_mm', ['required', 'numeric', 'between:20,5000'], unit: 'mm'),
            new Column('length_mm', ['required', 'numeric', 'between:0,500000'], unit: 'mm'),
            new Column('fusible', ['nullable', 'in:yes,no'], ['yes', 'no']),
        ];
    }

    public function rows(): array
    {
        return array_values(
            Cloth::query()
                ->orderBy('code')
                ->get()
                ->map(
                    static fn(Cloth $cloth): array => [
                        $cloth->code,
                        $cloth->name,
                        $cloth->hex,
                        (string) $cloth->width_mm,
                        (string) $cloth->length_mm,
                        $cloth->fusible ? 'yes' : 'no',
                    ],
                )
                ->all(),
        );
    }

    public function take(array $rows): int
    {
        Transaction::run(static function () use ($rows): void {
            foreach ($rows as $row) {
                Cloth::query()->updateOrCreate(
                    ['code' => trim($row['code'])],
                    [
                        'name' => trim($row['name']),
                        'hex' => strtolower(trim($row['colour'])),
                        'width_mm' => (float) $row['width_mm'],
                        'length_mm' => (float) $row['length_mm'],
                        'fusible' => ($row['fusible'] ?? '') === 'yes',
                    ],
                );
            }
        });

        return count($rows);
    }
}
