<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** What the needle meets first. */
enum Surface: string
{
    case Smooth = 'smooth';
    case Ribbed = 'ribbed';
    case Pile = 'pile';
    case Quilted = 'quilted';

    public static function of(Fabric $fabric): self
    {
        return match ($fabric) {
            Fabric::RibKnit => self::Ribbed,
            Fabric::Fleece, Fabric::Plush => self::Pile,
            Fabric::Quilted => self::Quilted,
            default => self::Smooth,
        };
    }
}
