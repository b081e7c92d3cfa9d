<?php

declare(strict_types=1);

namespace App\Books\Charts;

/** What people would rather look at than read. */
enum ChartKind: string
{
    case Load = 'load';
    case OnTime = 'on-time';
    case Spoilage = 'spoilage';
    case Margin = 'margin';
    case Hours = 'hours';

    public function label(): string
    {
        return __("books.chart_name.{$this->key()}");
    }

    /** The key on the keyboard. */
    public function key(): string
    {
        return match ($this) {
            self::Load => 'l',
            self::OnTime => 't',
            self::Spoilage => 's',
            self::Margin => 'm',
            self::Hours => 'h',
        };
    }

    /** Weeks beside each other, or things below each other. */
    public function isOverTime(): bool
    {
        return $this === self::Load || $this === self::OnTime;
    }
}
