<?php

declare(strict_types=1);

namespace App\Floor\Http;

use App\Floor\Models\FloorEvent;
use App\Foundation\Database\Tally;
use Carbon\CarbonImmutable;
use Hakama\Floor\SpoilCause;
use Hakama\Floor\Symptom;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use stdClass;

/** From what is seen to what is behind it, with what was spoiled by it here. */
final class FinderController
{
    private const DAYS = 90;

    public function __invoke(Request $request): View
    {
        $seen = Symptom::tryFrom($request->string('see')->value());

        return view('floor.finder', [
            'seen' => $seen,
            'recorded' => $seen?->spoils() === null ? [] : self::recorded($seen->spoils()),
            'days' => self::DAYS,
        ]);
    }

    /** @return list<stdClass> machine, fabric, pieces; most first */
    private static function recorded(SpoilCause $cause): array
    {
        return array_values(
            FloorEvent::query()
                ->join('machines as m', 'm.id', '=', 'floor_events.machine_id')
                ->join('batches as b', 'b.id', '=', 'floor_events.batch_id')
                ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
                ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
                ->whereIn('floor_events.kind', Tally::kinds())
                ->where('floor_events.cause', $cause)
                ->where('floor_events.recorded_at', '>=', CarbonImmutable::now()->subDays(self::DAYS))
                ->groupBy('m.code', 'l.fabric')
                ->havingRaw('pieces > 0')
                ->orderByDesc('pieces')
                ->limit(8)
                ->toBase()
                ->get(['m.code as machine', 'l.fabric', DB::raw(Tally::spoiled('floor_events').' as pieces')])
                ->all(),
        );
    }
}
