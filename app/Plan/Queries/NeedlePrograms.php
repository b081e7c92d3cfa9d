<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use Hakama\Needles\NeedleProgram;
use Hakama\Plan\Placed;

/** What needles are set on a machine when a batch comes to it, by what was confirmed there and by the plan. */
final class NeedlePrograms
{
    /** In words, for the one who sets them; empty where the batch has no place in the plan. */
    public static function words(PlanBoard $board, string $code): string
    {
        $placed = $board->timetable()->find($code);
        if ($placed === null) {
            return '';
        }
        $lane = $board->timetable()->on($placed->machine);
        $at = array_search($placed, $lane, true);
        $machine = $board->machines()->firstWhere('code', $placed->machine);
        assert($machine instanceof Machine && is_int($at));

        return Words::say(NeedleProgram::words(
            $at > 0 ? self::wanted($lane[$at - 1]) : $machine->needleProgram(),
            self::wanted($placed),
            isset($lane[$at + 1]) ? self::wanted($lane[$at + 1]) : null,
        ));
    }

    private static function wanted(Placed $placed): NeedleProgram
    {
        return new NeedleProgram($placed->batch->id, $placed->changes->cones->order);
    }
}
