<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

enum Thickness: string
{
    case Light = 'light';
    case Medium = 'medium';
    case Heavy = 'heavy';

    public function label(): Text
    {
        return new Text("garment.thickness.{$this->value}");
    }

    /** One layer of such cloth under the foot, mm. */
    public function layerMm(): float
    {
        return match ($this) {
            self::Light => 0.4,
            self::Medium => 0.7,
            self::Heavy => 1.1,
        };
    }
}
