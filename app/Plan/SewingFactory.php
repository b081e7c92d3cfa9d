<?php

declare(strict_types=1);

namespace App\Plan;

use App\Machine\Models\Machine;
use Hakama\Garment\Garment;
use Hakama\Machine\Driver;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Equipment;
use Hakama\Plan\Fitness;
use Hakama\Plan\Skill;
use Hakama\Plan\Unfit;
use Hakama\Setup\Facts\Item;
use Illuminate\Support\Collection;

/** What a setup, chosen or only advised, is to the plan. */
final class SewingFactory
{
    /**
     * How long a load is on each machine, with what is clipped up where the machine wants it.
     *
     * @param array<int, int>            $seconds  machine id => a load sews
     * @param Collection<int, Machine>   $machines by id
     *
     * @return array{array<string, int>, int} code => seconds, and the heads of the largest
     */
    public static function onEach(array $seconds, Collection $machines, Garment $garment, int $clipS): array
    {
        $sewS = [];
        $heads = 1;
        foreach ($seconds as $id => $one) {
            $machine = $machines[$id] ?? null;
            if ($machine !== null) {
                $isClipped = $machine->gap_mm === 0.0 && $garment->isClippedUp();
                $sewS[$machine->code] = $one + ($isClipped ? $machine->workingHeads() * $clipS : 0);
                $heads = max($heads, $machine->workingHeads());
            }
        }

        return [$sewS, $heads];
    }

    /**
     * @param int                      $pieces   of them
     * @param Collection<int, Machine> $machines
     * @param list<int>|null           $centred  machines on which the centre of its frame was found; null: it has none to find
     *
     * @return array<string, list<Unfit>> machine => what is against it there
     */
    public static function unfit(
        Item $item,
        int $pieces,
        Collection $machines,
        Fitness $fitness,
        ?array $centred = null,
    ): array {
        $unfit = [];
        foreach ($machines as $machine) {
            $gap = $machine->gap_mm === null ? null : $machine->gap_mm > 0.0;
            $isCentred = $centred === null || in_array($machine->id, $centred, true);
            $unfit[$machine->code] = $fitness->on($item, $pieces, $gap, $machine->needles, $isCentred);
        }

        return array_filter($unfit);
    }

    /**
     * @param array<string, int> $sewS   machine => seconds a load
     * @param int                $heads  of the largest of these machines
     * @param int                $frames of its kind in the shop
     * @param array<string, list<Unfit>> $unfit machine => what is against it there
     */
    public static function sewing(
        array $sewS,
        int $heads,
        int $hoopS,
        int $swapS,
        int $frames,
        int $hoopings,
        array $unfit = [],
    ): BatchSewing {
        return (new BatchSewing($sewS, $hoopS, $swapS, $frames >= 2 * $heads ? 2 : 1, $unfit))->aHooping($hoopings);
    }

    /**
     * @param non-empty-list<string> $threads of its blocks, in order
     * @param string       $frame   code
     * @param string       $needle  size and point
     * @param string       $design  checksum and turn
     * @param bool         $hasLettering each piece has a text of its own
     */
    public static function equipment(
        array $threads,
        string $frame,
        Driver $driver,
        string $needle,
        string $design,
        Garment $garment,
        string $style,
        bool $hasLettering,
    ): Equipment {
        return new Equipment(
            $threads,
            $frame,
            $needle,
            $design,
            $driver === Driver::Cap && $garment === Garment::Cap ? "{$style} cap" : '',
            array_column(Skill::wantedBy($driver, $hasLettering), 'value'),
        );
    }
}
