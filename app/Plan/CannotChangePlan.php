<?php

declare(strict_types=1);

namespace App\Plan;

/** A change that the plan as it is does not allow. */
final class CannotChangePlan extends PlanRefused
{
    public static function isDone(string $batch): self
    {
        return self::stays($batch, 'it has no pieces left to do');
    }

    public static function isGone(string $batch): self
    {
        return self::stays($batch, 'it is gone');
    }

    public static function runsAlready(string $batch): self
    {
        return self::stays($batch, 'it runs already');
    }

    public static function hasNoPlace(string $batch): self
    {
        return self::stays($batch, 'it has no place in the plan');
    }

    /** @param string $obstacle why a machine cannot sew it */
    public static function notThere(string $batch, string $obstacle): self
    {
        return self::stays($batch, $obstacle);
    }

    public static function noHoursThere(string $batch): self
    {
        return self::stays($batch, 'no span of the working hours holds it there');
    }

    public static function behindWhatRuns(string $running): self
    {
        return new self("{$running} is on the machine: it stays where it is, and nothing goes before it.");
    }

    /** @param int $most pieces that are not begun */
    public static function splitsOff(string $batch, int $pieces, int $most): self
    {
        return self::stays($batch, "of its {$pieces} pieces 1 to {$most} can be split off");
    }

    public static function ofAnotherDecoration(string $batch, string $other): self
    {
        return self::stays($batch, "it is not of the same decoration as {$other}");
    }

    public static function backingIsCut(string $batch): self
    {
        return self::stays($batch, 'its backing is cut');
    }

    public static function isBegun(string $batch): self
    {
        return self::stays($batch, 'some of the pieces that were put into it are begun');
    }

    public static function nothingToUndo(): self
    {
        return new self(
            'There is nothing to undo: the plan was changed by something else after your last move, or you made none.',
        );
    }

    private static function stays(string $batch, string $reason): self
    {
        return new self("{$batch} stays where it was: {$reason}.");
    }
}
