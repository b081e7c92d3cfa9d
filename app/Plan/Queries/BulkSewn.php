<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Machine\Models\Machine;
use Hakama\Garment\Garment;
use Hakama\House\HouseRules;
use Hakama\Plan\Fitness;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** What became of bulk on machines without a gap under the carriage. */
final class BulkSewn
{
    /** @param Collection<int, Machine> $machines */
    public static function fitness(HouseRules $house, Collection $machines): Fitness
    {
        $without = $machines->filter(static fn(Machine $one): bool => $one->gap_mm === 0.0)->modelKeys();
        if ($without === []) {
            return Fitness::of($house, 0, 0);
        }
        $sewn = DB::table('batch_runs as r')
            ->join('batches as b', 'b.id', '=', 'r.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->whereIn('b.machine_id', $without)
            ->whereIn('l.garment', array_map(
                static fn(Garment $one): string => $one->value,
                array_filter(Garment::cases(), static fn(Garment $one): bool => $one->isClippedUp()),
            ))
            ->selectRaw('coalesce(sum(r.done), 0) as done, coalesce(sum(r.spoiled), 0) as spoiled')
            ->first();

        return Fitness::of($house, (int) ($sewn->done ?? 0), (int) ($sewn->spoiled ?? 0));
    }
}
