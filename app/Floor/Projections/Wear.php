<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Artwork\Models\ArtworkBlock;
use App\Floor\Models\FloorEvent;
use App\Machine\Models\Machine;
use App\Needles\Models\Needle;
use App\Needles\Models\NeedleFitting;
use App\Orders\Models\Colourway;
use App\Plan\Models\Batch;
use Hakama\Floor\Care\NeedleWear;
use Hakama\Floor\EventKind;
use Illuminate\Support\Facades\DB;

/** What loads put on needles and hooks; how much lies on each since it was fitted is kept beside the events that say it. */
final class Wear
{
    /**
     * Of one load: every head runs once through the design, whatever it holds.
     *
     * @param array<int, int>|null $stitches block => how many of its stitches were sewn, where that is not the whole
     *     of it
     *
     * @return array<int, int> needle => stitches
     */
    public static function of(Machine $machine, Batch $batch, ?array $stitches): array
    {
        $ways = Colourway::of($batch->decoration);
        $blocks = ArtworkBlock::query()->where('artwork_id', $batch->decoration->artwork_id)->get();

        return NeedleWear::of(
            $stitches ?? $blocks->pluck('stitches', 'number')->map(intval(...))->all(),
            $blocks
                ->mapWithKeys(
                    static fn(ArtworkBlock $one): array => [
                        $one->number => $ways[$one->number]->id ?? (int) $one->thread_id,
                    ],
                )
                ->all(),
            $machine->rack()->orderBy('number')->pluck('thread_id', 'number')->all(),
        );
    }

    /**
     * Wants the transaction of the event that says it.
     *
     * @param array<int, int> $wear
     */
    public static function add(Machine $machine, array $wear): void
    {
        if ($wear === []) {
            return;
        }
        $cases = array_map(
            static fn(int $number, int $stitches): string => "when {$number} then {$stitches}",
            array_keys($wear),
            $wear,
        );
        $machine
            ->rack()
            ->whereIn('number', array_keys($wear))
            ->update(['stitches' => DB::raw('stitches + case number '.implode(' ', $cases).' end')]);
        Machine::query()->whereKey($machine->id)->increment('stitches', array_sum($wear));
    }

    /**
     * Counts needles and machines anew from the events.
     *
     * @return int how many were kept otherwise, and are put right
     */
    public static function recount(): int
    {
        $fitted = NeedleFitting::query()
            ->groupBy('machine_id', 'number')
            ->get(['machine_id', 'number', DB::raw('max(after_seq) as after_seq')])
            ->mapWithKeys(
                static fn(NeedleFitting $one): array => ["{$one->machine_id}:{$one->number}" => $one->after_seq],
            );
        $needles = $machines = [];
        $events = FloorEvent::query()->where('kind', EventKind::Sewn)->whereNotNull('wear')->orderBy('seq');
        foreach ($events->lazyById(2000, 'seq') as $event) {
            $machines[$event->machine_id] = ($machines[$event->machine_id] ?? 0) + array_sum($event->wear ?? []);
            foreach ($event->wear ?? [] as $number => $stitches) {
                $needle = "{$event->machine_id}:{$number}";
                if ($event->seq > ($fitted[$needle] ?? 0)) {
                    $needles[$needle] = ($needles[$needle] ?? 0) + $stitches;
                }
            }
        }
        $wrong = 0;
        foreach (Machine::query()->get() as $machine) {
            $wrong += Machine::query()
                ->whereKey($machine->id)
                ->where('stitches', '!=', $machines[$machine->id] ?? 0)
                ->update(['stitches' => $machines[$machine->id] ?? 0]);
        }
        foreach (Needle::query()->get(['id', 'machine_id', 'number', 'stitches']) as $needle) {
            $right = $needles["{$needle->machine_id}:{$needle->number}"] ?? 0;
            if ($needle->stitches !== $right) {
                $wrong++;
                Needle::query()
                    ->whereKey($needle->id)
                    ->update(['stitches' => $right]);
            }
        }

        return $wrong;
    }
}
