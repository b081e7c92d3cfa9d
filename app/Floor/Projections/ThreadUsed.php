<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Models\FloorEvent;
use App\Stock\Models\Cone;
use Illuminate\Support\Facades\DB;

/** What is left on the cones: as each was measured last, less what loads have taken of it since. */
final class ThreadUsed implements Projection
{
    public function name(): string
    {
        return 'thread';
    }

    public function apply(array $events): void
    {
        self::take($events, 1);
    }

    public function retract(FloorEvent $event): void
    {
        self::take([$event], -1);
    }

    public function reset(): void
    {
        Cone::query()->update(['metres_left' => DB::raw('measured_m')]);
    }

    public function kept(): array
    {
        return ['cones' => [['id'], ['metres_left']]];
    }

    /** @param list<FloorEvent> $events */
    private static function take(array $events, int $sign): void
    {
        $taken = [];
        foreach ($events as $event) {
            foreach ($event->took['cones'] ?? [] as $cone => $metres) {
                $taken[$cone][] = [$event->seq, $sign * (float) $metres];
            }
        }
        if ($taken === []) {
            return;
        }
        $measured = Cone::query()->whereKey(array_keys($taken))->pluck('after_seq', 'id');
        foreach ($measured as $id => $after) {
            $metres = array_sum(
                array_map(static fn(array $one): float => $one[0] > $after ? $one[1] : 0.0, $taken[$id]),
            );
            if ($metres !== 0.0) {
                Cone::query()
                    ->whereKey($id)
                    ->update(['metres_left' => DB::raw(sprintf('greatest(0, metres_left - %.9F)', $metres))]);
            }
        }
    }
}
