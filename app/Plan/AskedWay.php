<?php

declare(strict_types=1);

namespace App\Plan;

use Hakama\Plan\Option;
use Hakama\Plan\Soonest;

/** At whose cost something that is asked for would be sewn. */
enum AskedWay: string
{
    case Behind = 'behind';
    case Keeping = 'keeping';
    case Rush = 'rush';

    public function label(): string
    {
        return match ($this) {
            self::Behind => __('plan.ask_controller.without_moving'),
            self::Keeping => __('plan.ask_controller.moving_others'),
            self::Rush => __('plan.ask_controller.as_a_rush'),
        };
    }

    public function of(Soonest $soonest): ?Option
    {
        return match ($this) {
            self::Behind => $soonest->behind,
            self::Keeping => $soonest->keeping,
            self::Rush => $soonest->atAll,
        };
    }
}
