<?php

declare(strict_types=1);

namespace Hakama\Books;

use Hakama\Floor\SpoilCause;

/** What cost most of what went otherwise than planned, in money: a letter to oneself. */
final readonly class Costliest
{
    private const MOST = 3;

    /**
     * @param list<Entry>               $entries   of the time that is looked at
     * @param array<string, MachineUse> $hours     machine => what became of its hours
     * @param array<int|string, int>    $worth     order => cents of one of its garments
     * @param int                       $machineH  cents an hour of a machine
     * @param int                       $handH     cents an hour of hands
     *
     * @return list<array{string, int}> what, and cents; the dearest first, none that cost nothing
     */
    public static function of(array $entries, array $hours, array $worth, int $machineH, int $handH): array
    {
        $cents = [];
        foreach ($entries as $entry) {
            foreach ($entry->spoiled as $cause => $pieces) {
                $words = 'Spoiled: '.(SpoilCause::tryFrom($cause)?->label() ?? $cause);
                $cents[$words] = ($cents[$words] ?? 0.0) + $pieces * ($worth[$entry->order] ?? 0);
            }
            $words = "Sewn slower than planned on {$entry->machine}";
            $cents[$words] = ($cents[$words] ?? 0.0) + (($entry->realS - $entry->plannedS) / 3600) * $machineH;
        }
        foreach ($hours as $machine => $use) {
            $cents["Changeovers on {$machine}"] = ($use->changing / 3600) * ($machineH + $handH);
            $cents["Stopped, thread and bobbin, on {$machine}"] = ($use->stopped / 3600) * ($machineH + $handH);
            $cents["Waited for hands between loads on {$machine}"] = ($use->hands / 3600) * $machineH;
        }
        arsort($cents);
        $most = [];
        foreach (array_slice($cents, 0, self::MOST) as $words => $one) {
            if (round($one) > 0) {
                $most[] = [$words, (int) round($one)];
            }
        }

        return $most;
    }
}
