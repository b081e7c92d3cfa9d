<?php

declare(strict_types=1);

namespace App\Plan;

/** A change that the plan as it is does not allow. */
final class CannotChangePlan extends PlanRefused
{
    public static function isDone(string $batch): self
    {
        return self::stays($batch, __('plan.cannot_change_plan.it_has_no_pieces_left'));
    }

    public static function isGone(string $batch): self
    {
        return self::stays($batch, __('plan.cannot_change_plan.it_has_been_removed'));
    }

    public static function runsAlready(string $batch): self
    {
        return self::stays($batch, __('plan.cannot_change_plan.it_is_already_running'));
    }

    public static function hasNoPlace(string $batch): self
    {
        return self::stays($batch, __('plan.cannot_change_plan.it_is_not_in_the_plan'));
    }

    /** @param string $obstacle why a machine cannot sew it */
    public static function notThere(string $batch, string $obstacle): self
    {
        return self::stays($batch, $obstacle);
    }

    public static function noHoursThere(string $batch): self
    {
        return self::stays($batch, __('plan.cannot_change_plan.the_working_hours_have_no_room'));
    }

    public static function behindWhatRuns(string $running): self
    {
        return new self(__('plan.cannot_change_plan.is_running_it_stays_and_nothing', ['running' => $running]));
    }

    /** @param int $most pieces that are not begun */
    public static function splitsOff(string $batch, int $pieces, int $most): self
    {
        return self::stays($batch, __('plan.cannot_change_plan.n_1_to_of_its_pieces_can', [
            'pieces' => $pieces,
            'most' => $most,
        ]));
    }

    public static function ofAnotherDecoration(string $batch, string $other): self
    {
        return self::stays($batch, __('plan.cannot_change_plan.it_is_not_the_same_decoration', ['other' => $other]));
    }

    public static function backingIsCut(string $batch): self
    {
        return self::stays($batch, __('plan.cannot_change_plan.its_backing_is_cut'));
    }

    public static function isBegun(string $batch): self
    {
        return self::stays($batch, __('plan.cannot_change_plan.some_of_its_combined_pieces_are'));
    }

    public static function nothingToUndo(): self
    {
        return new self(
            __('plan.cannot_change_plan.nothing_to_undo_the_plan_has'),
        );
    }

    private static function stays(string $batch, string $reason): self
    {
        return new self(__('plan.cannot_change_plan.was_not_moved', ['batch' => $batch, 'reason' => $reason]));
    }
}
