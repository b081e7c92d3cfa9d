<?php

declare(strict_types=1);

namespace Hakama\Floor;

/** What each bobbin had sewn that was begun whole and ran out, from what happened at the machines. */
final class SpentBobbins
{
    /**
     * @param iterable<array{machine: int, kind: EventKind, share: float, lengthMm: float, stitches: int}> $events machine
     *     by machine in their order; share: of the load that was sewn when the bobbin ran out
     *
     * @return list<array{float, float}> sewn length in mm, and stitches
     */
    public static function of(iterable $events): array
    {
        $bobbins = [];
        /** @var array<int, array{float, float}> $sewn machine => since a whole bobbin was put in */
        $sewn = [];
        $begun = [];
        foreach (
            $events as [
                'machine' => $machine,
                'kind' => $kind,
                'share' => $share,
                'lengthMm' => $length,
                'stitches' => $stitches,
            ]
        ) {
            if ($kind === EventKind::Sewn) {
                // What of the load was on the bobbin before counts to that one.
                $rest = 1.0 - ($begun[$machine] ?? 0.0);
                $begun[$machine] = 0.0;
                if (isset($sewn[$machine])) {
                    $sewn[$machine][0] += $rest * $length;
                    $sewn[$machine][1] += $rest * $stitches;
                }
            } elseif ($kind->bringsBobbin()) {
                $ranOut = $kind === EventKind::BobbinRanOut;
                if ($ranOut && isset($sewn[$machine])) {
                    $bobbins[] = [$sewn[$machine][0] + $share * $length, $sewn[$machine][1] + $share * $stitches];
                }
                $begun[$machine] = $ranOut ? $share : 0.0;
                $sewn[$machine] = [0.0, 0.0];
            }
        }

        return $bobbins;
    }
}
