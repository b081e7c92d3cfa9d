<?php

declare(strict_types=1);

namespace Hakama\Garment;

enum Stretch: string
{
    case None = 'none';
    case Low = 'low';
    case High = 'high';

    public function label(): string
    {
        return match ($this) {
            self::None => 'no stretch',
            self::Low => 'a little stretch',
            self::High => 'much stretch',
        };
    }
}
