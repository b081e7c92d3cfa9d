<?php

declare(strict_types=1);

namespace App\Books\Queries;

use App\Foundation\Words\Words;
use App\Shop\House;
use Hakama\Books\Costliest;
use Hakama\Books\Entry;
use Hakama\Books\MachineUse;
use Hakama\House\HouseRule;
use Illuminate\Support\Facades\DB;

/** What cost most of what went otherwise than planned, at what garments, machines and hands are worth here. */
final readonly class CostliestWork
{
    public function __construct(private House $house) {}

    /**
     * @param list<Entry>               $entries
     * @param array<string, MachineUse> $hours
     *
     * @return list<array{string, int}> what, and cents
     */
    public function of(array $entries, array $hours): array
    {
        $rules = $this->house->rules();

        return array_map(
            static fn(array $one): array => [Words::say($one[0]), $one[1]],
            Costliest::of(
                $entries,
                $hours,
                self::worth($entries),
                (int) $rules->value(HouseRule::MachineHour),
                (int) $rules->value(HouseRule::HandHour),
            ),
        );
    }

    /**
     * @param list<Entry> $entries
     *
     * @return array<string, int> order => cents of one of its garments that was spoiled, on average
     */
    private static function worth(array $entries): array
    {
        $spoiled = array_filter($entries, static fn(Entry $entry): bool => $entry->spoiledPieces() > 0);

        return DB::table('order_lines as l')
            ->join('orders as o', 'o.id', '=', 'l.order_id')
            ->leftJoin('garment_styles as s', 's.id', '=', 'l.garment_style_id')
            ->whereIn('o.number', array_unique(array_map(static fn(Entry $entry): string => $entry->order, $spoiled)))
            ->groupBy('o.number')
            ->selectRaw('o.number, avg(coalesce(l.unit_value_cents, s.unit_value_cents, 0)) as cents')
            ->pluck('cents', 'number')
            ->map(static fn(mixed $cents): int => (int) round((float) $cents))
            ->all();
    }
}
