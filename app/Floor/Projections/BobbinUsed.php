<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Models\FloorEvent;
use App\Machine\Models\Machine;
use Illuminate\Support\Facades\DB;

/** What is drawn from the bobbins of each machine since they were changed, metres a head. */
final class BobbinUsed implements Projection
{
    public function name(): string
    {
        return 'bobbins';
    }

    public function apply(array $events): void
    {
        $changed = $used = [];
        $since = Machine::query()->pluck('bobbin_after_seq', 'id');
        foreach ($events as $event) {
            if ($event->seq <= ($since[$event->machine_id] ?? 0)) {
                continue;
            }
            if ($event->kind->bringsBobbin()) {
                $changed[$event->machine_id] = true;
                $used[$event->machine_id] = 0.0;
            } elseif (isset($event->took['bobbin_m'])) {
                $used[$event->machine_id] = ($used[$event->machine_id] ?? 0.0) + (float) $event->took['bobbin_m'];
            }
        }
        foreach ($used as $machine => $metres) {
            isset($changed[$machine])
                ? Machine::query()->whereKey($machine)->update(['bobbin_used_m' => $metres])
                : Machine::query()->whereKey($machine)->increment('bobbin_used_m', $metres);
        }
    }

    public function retract(FloorEvent $event): void
    {
        if (isset($event->took['bobbin_m'])) {
            Machine::query()
                ->whereKey($event->machine_id)
                ->update([
                    'bobbin_used_m' => DB::raw(sprintf('greatest(0, bobbin_used_m - %.9F)', $event->took['bobbin_m'])),
                ]);
        }
    }

    public function reset(): void
    {
        Machine::query()->update(['bobbin_used_m' => DB::raw('bobbin_before_m')]);
    }

    public function kept(): array
    {
        return ['machines' => [['id'], ['bobbin_used_m']]];
    }
}
