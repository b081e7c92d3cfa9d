<?php

declare(strict_types=1);

namespace App\Needles;

use App\Clock\ShopClock;
use App\Plan\PlanBoard;
use Hakama\Plan\Placed;

/** Which cones are fetched when: the changes of all machines by hour, so that one walk to the shelf fetches several. */
final class Walks
{
    private const DAYS = 2;

    /**
     * @param array<array-key, string> $shelf thread => where it stands
     *
     * @return list<Walk> by time
     */
    public static function of(PlanBoard $board, array $shelf): array
    {
        $until = ShopClock::now() + self::DAYS * 86400;
        $placed = array_filter(
            $board->timetable()->placed,
            static fn(Placed $one): bool => $one->changes->cones->load !== [] && $one->changeoverStart < $until,
        );
        usort(
            $placed,
            static fn(Placed $a, Placed $b): int => [$a->changeoverStart, $a->machine] <=> [
                $b->changeoverStart,
                $b->machine,
            ],
        );
        $hours = [];
        foreach ($placed as $one) {
            $hours[intdiv($one->changeoverStart, 3600)][] = $one;
        }
        $walks = [];
        foreach ($hours as $hour => $changeovers) {
            $fetch = [];
            foreach ($changeovers as $one) {
                foreach ($one->changes->cones->load as $change) {
                    $fetch[$change->to] =
                        ($fetch[$change->to] ?? 0) + $board->workload()->lanes[$one->machine]->heads;
                }
            }
            uksort(
                $fetch,
                static fn(int|string $a, int|string $b): int => [$shelf[$a] ?? '', (string) $a] <=> [
                    $shelf[$b] ?? '',
                    (string) $b,
                ],
            );
            $walks[] = new Walk(ShopClock::time(3600 * $hour), $changeovers, $fetch);
        }

        return $walks;
    }
}
