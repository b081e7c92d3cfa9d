<?php

declare(strict_types=1);

namespace App\Plan;

/** A change of the plan that was made looking at an older one. */
final class StalePlan extends PlanRefused
{
    public static function since(int $seen, int $now): self
    {
        return new self(
            __('plan.stale_plan.the_plan_was_changed_by_someone', ['seen' => $seen, 'now' => $now]),
        );
    }
}
