<?php

declare(strict_types=1);

namespace Hakama\Floor\Care;

/** What a machine wants of people beside the sewing. The value is its name in files and addresses. */
enum CareTask: string
{
    case Needle = 'needle';
    case Oil = 'oil';
    case Tension = 'tension';
    case FootHeight = 'foot_height';

    public function label(): string
    {
        return match ($this) {
            self::Needle => 'Needle changed',
            self::Oil => 'Hook oiled',
            self::Tension => 'Tension tried',
            self::FootHeight => 'Foot height set',
        };
    }

    /** What is done, in the words of the list that is shown before a batch. */
    public function wanted(?int $needle): string
    {
        return match ($this) {
            self::Needle => "Change needle {$needle}",
            self::Oil => 'Oil the hook',
            self::Tension => 'Try the tension on scrap: a third of bobbin thread along the middle of the back',
            self::FootHeight => 'Set the height of the feet',
        };
    }
}
