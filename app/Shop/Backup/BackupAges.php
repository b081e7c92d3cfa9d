<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use Carbon\CarbonImmutable;

/** Which backups are kept: all of the last fortnight, then the last of each week, then the last of each month. */
final class BackupAges
{
    private const DAYS = 14;
    private const WEEKS = 8;
    private const MONTHS = 12;

    /**
     * @param list<CarbonImmutable> $made in any order
     *
     * @return list<CarbonImmutable> those that may go, oldest first
     */
    public static function toGo(array $made, CarbonImmutable $now): array
    {
        usort($made, static fn(CarbonImmutable $a, CarbonImmutable $b): int => $b <=> $a);
        $kept = $go = [];
        foreach ($made as $one) {
            $slot = match (true) {
                $one >= $now->subDays(self::DAYS) => $one->format('c.u'),
                $one >= $now->subWeeks(self::WEEKS) => $one->format('o-\WW'),
                $one >= $now->subMonths(self::MONTHS) => $one->format('Y-m'),
                default => '',
            };
            if ($slot === '' || isset($kept[$slot])) {
                $go[] = $one;
            }
            $kept[$slot] = true;
        }

        return array_reverse($go);
    }
}
