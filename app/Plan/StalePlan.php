<?php

declare(strict_types=1);

namespace App\Plan;

/** A change of the plan that was made looking at an older one. */
final class StalePlan extends PlanRefused
{
    public static function since(int $seen, int $now): self
    {
        return new self(
            sprintf(
                'The plan was changed by someone else meanwhile (you saw version %d, it stands at %d). '.
                    'Your move was not made; the plan shown is the new one.',
                $seen,
                $now,
            ),
        );
    }
}
