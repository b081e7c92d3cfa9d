<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

/** The piece of film that is laid on top of a design: it reaches beyond it on every side, so that it can be held. */
final class Film
{
    private const BEYOND_MM = 20.0;

    public static function cm2(float $widthMm, float $heightMm): float
    {
        return (($widthMm + 2 * self::BEYOND_MM) * ($heightMm + 2 * self::BEYOND_MM)) / 100;
    }
}
