<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Garment\Garment;
use Hakama\Garment\Thickness;
use Hakama\Setup\Facts\Item;

/** What is against a garment on a machine that can sew it: the sheet warns of it, and the plan weighs it. */
final class MachineFit
{
    /** Machines with so few needles are the light ones. */
    private const LIGHT_NEEDLES = 6;

    /** @param bool|null $gap whether there is room under its carriage; null where nobody has said */
    public static function hasBulkBehindArm(Garment $garment, ?bool $gap): bool
    {
        return $gap === false && $garment->isClippedUp();
    }

    public static function isLightForSeams(Item $item, ?int $needles): bool
    {
        $hasSeams = $item->isNarrowTube()
            || in_array($item->garment, [Garment::Trousers, Garment::Bag, Garment::Jacket], true);

        return $needles !== null
            && $needles <= self::LIGHT_NEEDLES
            && $hasSeams
            && $item->cloth->thickness === Thickness::Heavy;
    }
}
