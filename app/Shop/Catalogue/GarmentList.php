<?php

declare(strict_types=1);

namespace App\Shop\Catalogue;

use App\Foundation\Database\Transaction;
use App\Garment\Models\GarmentStyle;
use BackedEnum;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Surface;
use Hakama\Garment\Thickness;
use Hakama\Money\Amount;

/** Garments: one row a style and size. */
final class GarmentList implements CatalogueList
{
    public const FACTS = [
        'style',
        'garment',
        'fabric',
        'structure',
        'profile',
        'stretch',
        'thickness',
        'surface',
        'pale',
        'unit_value',
    ];

    public function columns(): array
    {
        return [
            new Column('style', ['required', 'string', 'max:80']),
            self::of('garment', Garment::cases()),
            self::of('fabric', Fabric::cases()),
            self::of('structure', Structure::cases(), false),
            self::of('profile', Profile::cases(), false),
            self::of('stretch', Stretch::cases(), false),
            self::of('thickness', Thickness::cases(), false),
            self::of('surface', Surface::cases(), false),
            new Column('pale', ['nullable', 'in:yes,no'], ['yes', 'no']),
            new Column('unit_value', ['nullable', 'numeric', 'between:0,1000000']),
            self::of('size', Size::cases()),
            ...array_map(
                static fn(Measure $measure): Column => new Column(
                    $measure->value.'_mm',
                    ['nullable', 'numeric', 'between:'.$measure->leastMm().','.Measure::MOST_MM],
                    unit: 'mm',
                ),
                Measure::cases(),
            ),
        ];
    }

    /** @param list<BackedEnum> $cases what can be chosen */
    private static function of(string $name, array $cases, bool $wanted = true): Column
    {
        $codes = array_map(strval(...), array_column($cases, 'value'));

        return new Column(
            $name,
            [$wanted ? 'required' : 'nullable', 'in:'.implode(',', $codes)],
            $codes,
            cases: $cases,
        );
    }

    public function rows(): array
    {
        $rows = [];
        foreach (GarmentStyle::query()->orderBy('name')->get() as $style) {
            foreach ($style->measures === [] ? ['one' => []] : $style->measures as $size => $mm) {
                $rows[] = [
                    $style->name,
                    $style->garment->value,
                    $style->fabric->value,
                    $style->structure->value,
                    $style->profile->value,
                    $style->stretch->value ?? '',
                    $style->thickness->value ?? '',
                    $style->surface->value ?? '',
                    $style->pale === null ? '' : ($style->pale ? 'yes' : 'no'),
                    $style->unit_value_cents === null
                        ? ''
                        : Amount::plain($style->unit_value_cents),
                    (string) $size,
                    ...array_map(
                        static fn(Measure $measure): string => (string) ($mm[$measure->value] ?? ''),
                        Measure::cases(),
                    ),
                ];
            }
        }

        return $rows;
    }

    public function take(array $rows): int
    {
        $styles = [];
        foreach ($rows as $number => $row) {
            $key = mb_strtolower(trim($row['style']));
            $facts = array_map(trim(...), array_intersect_key($row, array_flip(self::FACTS)));
            if (isset($styles[$key]) && $styles[$key]['facts'] !== $facts) {
                throw UnfitList::at($number, 'style', __('shop.garment_list.appears_twice_with_different_values', [
                    'style' => $row['style'],
                ]));
            }
            $styles[$key]['facts'] = $facts;
            $mm = [];
            foreach (Measure::cases() as $measure) {
                if (trim($row[$measure->value.'_mm'] ?? '') !== '') {
                    $mm[$measure->value] = (float) $row[$measure->value.'_mm'];
                }
            }
            $styles[$key]['sizes'][trim($row['size'])] = $mm;
        }
        Transaction::run(static function () use ($styles): void {
            foreach ($styles as $style) {
                $known =
                    GarmentStyle::query()->where('name', $style['facts']['style'])->first() ??
                    new GarmentStyle(['measures' => []]);
                $or = static fn(string $field, ?string $else = null): ?string => ($style['facts'][$field] ?? '') ===
                ''
                    ? $else
                    : $style['facts'][$field];
                $known
                    ->fill([
                        'name' => $style['facts']['style'],
                        'garment' => $style['facts']['garment'],
                        'fabric' => $style['facts']['fabric'],
                        'structure' => $or('structure', 'none'),
                        'profile' => $or('profile', 'none'),
                        'stretch' => $or('stretch'),
                        'thickness' => $or('thickness'),
                        'surface' => $or('surface'),
                        'pale' => $or('pale') === null ? null : $or('pale') === 'yes',
                        'unit_value_cents' =>
                            $or('unit_value') === null ? null : Amount::read($or('unit_value')),
                        'measures' => array_filter(
                            [...$known->measures, ...$style['sizes']],
                            static fn(array $mm): bool => $mm !== [],
                        ),
                    ])
                    ->save();
            }
        });

        return count($rows);
    }
}
