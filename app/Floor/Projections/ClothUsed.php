<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Floor\Models\FloorEvent;
use App\Stock\Models\Cloth;
use Illuminate\Support\Facades\DB;

/** What is left on the bolts: as each was measured last, less what was laid on since. */
final class ClothUsed implements Projection
{
    public function name(): string
    {
        return 'cloth';
    }

    public function apply(array $events): void
    {
        $taken = [];
        foreach ($events as $event) {
            foreach ($event->took['cloths'] ?? [] as $cloth => $mm) {
                $taken[$cloth][] = [$event->seq, (float) $mm];
            }
        }
        foreach ($taken === [] ? [] : Cloth::query()->whereKey(array_keys($taken))->pluck('after_seq', 'id') as $id => $after) {
            $mm = array_sum(array_map(static fn(array $one): float => $one[0] > $after ? $one[1] : 0.0, $taken[$id]));
            if ($mm > 0.0) {
                Cloth::query()
                    ->whereKey($id)
                    ->update(['length_mm' => DB::raw(sprintf('greatest(0, length_mm - %.9F)', $mm))]);
            }
        }
    }

    public function retract(FloorEvent $event): void
    {
        // A bolt that was used up has no less than nothing, so what comes back is found from its measuring on.
        foreach (Cloth::query()->whereKey(array_keys($event->took['cloths'] ?? []))->get() as $cloth) {
            Cloth::query()->whereKey($cloth->id)->update(['length_mm' => $cloth->measured_mm]);
            $since = FloorEvent::query()->where('seq', '>', $cloth->after_seq)->whereNotNull('took')->orderBy('seq')->get();
            foreach ($since as $one) {
                $mm = (float) ($one->took['cloths'][$cloth->id] ?? 0);
                Cloth::query()
                    ->whereKey($cloth->id)
                    ->update(['length_mm' => DB::raw(sprintf('greatest(0, length_mm - %.9F)', $mm))]);
            }
        }
    }

    public function reset(): void
    {
        Cloth::query()->update(['length_mm' => DB::raw('measured_mm')]);
    }

    public function kept(): array
    {
        return ['cloths' => [['id'], ['length_mm']]];
    }
}
