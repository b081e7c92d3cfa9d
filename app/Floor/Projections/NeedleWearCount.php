<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Models\FloorEvent;
use App\Machine\Models\Machine;
use App\Needles\Models\Needle;
use App\Needles\Models\NeedleFitting;
use Illuminate\Support\Facades\DB;

/** Stitches that lie on each needle since it was fitted, and on each machine. */
final class NeedleWearCount implements Projection
{
    public function name(): string
    {
        return 'wear';
    }

    public function apply(array $events): void
    {
        self::add($events, 1);
    }

    public function retract(FloorEvent $event): void
    {
        self::add([$event], -1);
    }

    public function reset(): void
    {
        Needle::query()->where('stitches', '!=', 0)->update(['stitches' => 0]);
        Machine::query()->where('stitches', '!=', 0)->update(['stitches' => 0]);
    }

    public function kept(): array
    {
        return ['needles' => [['id'], ['stitches']], 'machines' => [['id'], ['stitches']]];
    }

    /** @param list<FloorEvent> $events */
    private static function add(array $events, int $sign): void
    {
        $worn = array_filter($events, static fn(FloorEvent $event): bool => ($event->wear ?? []) !== []);
        if ($worn === []) {
            return;
        }
        $machines = array_values(array_unique(array_map(static fn(FloorEvent $event): int => $event->machine_id, $worn)));
        // What was sewn before a needle was fitted lay on the one before it.
        $fitted = NeedleFitting::query()
            ->whereIn('machine_id', $machines)
            ->groupBy('machine_id', 'number')
            ->get(['machine_id', 'number', DB::raw('max(after_seq) as after_seq')])
            ->mapWithKeys(
                static fn(NeedleFitting $one): array => ["{$one->machine_id}:{$one->number}" => $one->after_seq],
            );
        $needles = $all = [];
        foreach ($worn as $event) {
            $all[$event->machine_id] = ($all[$event->machine_id] ?? 0) + $sign * array_sum($event->wear ?? []);
            foreach ($event->wear ?? [] as $number => $stitches) {
                if ($event->seq > ($fitted["{$event->machine_id}:{$number}"] ?? 0)) {
                    $needles[$event->machine_id][$number] = ($needles[$event->machine_id][$number] ?? 0) + $sign * $stitches;
                }
            }
        }
        foreach ($all as $machine => $stitches) {
            Machine::query()->whereKey($machine)->increment('stitches', $stitches);
        }
        foreach ($needles as $machine => $by) {
            $cases = array_map(
                static fn(int $number, int $stitches): string => "when {$number} then {$stitches}",
                array_keys($by),
                $by,
            );
            Needle::query()
                ->where('machine_id', $machine)
                ->whereIn('number', array_keys($by))
                ->update(['stitches' => DB::raw('stitches + case number '.implode(' ', $cases).' end')]);
        }
    }
}
