<?php

declare(strict_types=1);

namespace Hakama\Books;

use Hakama\Floor\SpoilCause;
use Hakama\Words\Text;

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
     * @return list<array{Text, int}> what, and cents; the dearest first, none that cost nothing
     */
    public static function of(array $entries, array $hours, array $worth, int $machineH, int $handH): array
    {
        $cents = $said = [];
        $add = static function (Text $what, float $more) use (&$cents, &$said): void {
            $key = serialize($what);
            $said[$key] = $what;
            $cents[$key] = ($cents[$key] ?? 0.0) + $more;
        };
        foreach ($entries as $entry) {
            foreach ($entry->spoiled as $cause => $pieces) {
                $of = SpoilCause::tryFrom($cause)?->label() ?? $cause;
                $add(new Text('books.costliest.spoiled', ['cause' => $of]), $pieces * ($worth[$entry->order] ?? 0));
            }
            $late = ($entry->realS - $entry->plannedS) / 3600;
            $add(new Text('books.costliest.slower', ['machine' => $entry->machine]), $late * $machineH);
        }
        foreach ($hours as $machine => $use) {
            $on = ['machine' => $machine];
            $add(new Text('books.costliest.changeovers', $on), ($use->changing / 3600) * ($machineH + $handH));
            $add(new Text('books.costliest.stopped', $on), ($use->stopped / 3600) * ($machineH + $handH));
            $add(new Text('books.costliest.waited', $on), ($use->hands / 3600) * $machineH);
        }
        arsort($cents);
        $most = [];
        foreach (array_slice($cents, 0, self::MOST) as $key => $one) {
            if (round($one) > 0) {
                $most[] = [$said[$key], (int) round($one)];
            }
        }

        return $most;
    }
}
