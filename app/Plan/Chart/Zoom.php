<?php

declare(strict_types=1);

namespace App\Plan\Chart;

/** How much of the plan is looked at. */
enum Zoom: string
{
    case Hour = 'hour';
    case Day = 'day';
    case Week = 'week';

    public function label(): string
    {
        return match ($this) {
            self::Hour => __('plan.zoom.hours'),
            self::Day => __('plan.zoom.day'),
            self::Week => __('plan.zoom.week'),
        };
    }
}
