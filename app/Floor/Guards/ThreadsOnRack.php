<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use App\Needles\Models\Needle;
use Hakama\Floor\EventKind;

/** What the rack does not hold is not sewn; a design with more threads than needles is swapped at its stops. */
final readonly class ThreadsOnRack implements Guard
{
    public function check(Touch $touch): void
    {
        $machine = $touch->station->machine;
        $wanted = array_unique($touch->running->batch->batch->equipment->threads);
        $missing = array_diff(
            $wanted,
            $machine->rack->map(static fn(Needle $one): ?string => $one->thread?->code)->all(),
        );
        if ($touch->kind === EventKind::LoadStarted && count($wanted) <= $machine->needles && $missing !== []) {
            throw TouchRefused::at(
                'kind',
                __('floor.threads_on_rack.is_not_on_load_it_under', [
                    'value' => implode(', ', $missing),
                    'code' => $machine->code,
                ]),
            );
        }
    }
}
