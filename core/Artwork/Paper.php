<?php

declare(strict_types=1);

namespace Hakama\Artwork;

/** Sheets a template is printed on, upright, mm. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    public function widthMm(): float
    {
        return match ($this) {
            self::A4 => 210.0,
            self::Letter => 215.9,
        };
    }

    public function heightMm(): float
    {
        return match ($this) {
            self::A4 => 297.0,
            self::Letter => 279.4,
        };
    }
}
