<?php

declare(strict_types=1);

namespace App\Needles;

use App\Plan\PlanBoard;
use App\Shop\ShopClock;
use Carbon\CarbonImmutable;
use Hakama\Needles\NeedleChange;
use Hakama\Plan\Placed;

/** Which cones are fetched when: the changes of all machines by hour, so that one walk to the shelf fetches several. */
final class Walks
{
    private const DAYS = 2;

    /** @return array<string, list<array{at: CarbonImmutable, machine: string, batch: string, changes: non-empty-list<NeedleChange>}>> hour => set-ups that want cones, by time */
    public static function of(PlanBoard $board): array
    {
        $placed = array_values(array_filter($board->timetable()->placed, static fn(Placed $one): bool => $one->needles->load !== []));
        usort($placed, static fn(Placed $a, Placed $b): int => [$a->setupStart, $a->machine] <=> [$b->setupStart, $b->machine]);
        $walks = [];
        $until = ShopClock::now() + self::DAYS * 86400;
        foreach ($placed as $one) {
            if ($one->setupStart < $until && $one->needles->load !== []) {
                $at = ShopClock::time($one->setupStart);
                $walks[$at->format('Y-m-d H:00')][] = ['at' => $at, 'machine' => $one->machine, 'batch' => $one->batch->id, 'changes' => $one->needles->load];
            }
        }

        return $walks;
    }
}
