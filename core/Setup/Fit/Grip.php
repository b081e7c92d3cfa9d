<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Thickness;
use Hakama\Machine\FrameSpec;
use Hakama\Setup\Facts\Item;

/** How a frame holds such cloth, beside how tight it fits: what creeps out of a screw or keeps its mark wants a magnet. */
enum Grip: int
{
    /** Nothing speaks for one kind of frame before another. */
    case Any = 0;
    case Suits = 1;
    case Creeps = 2;
    case Marks = 3;

    public static function of(Item $item, FrameSpec $frame): self
    {
        $isThick = ! $item->isOnCap()
            && ($item->cloth->thickness() === Thickness::Heavy
                || $item->cloth->fabric === Fabric::Quilted
                || in_array($item->garment, [Garment::Jacket, Garment::PaddedJacket, Garment::Blanket], true));
        $marks = in_array(
            $item->cloth->fabric,
            [Fabric::Vinyl, Fabric::Leather, Fabric::Plush, Fabric::Quilted],
            true,
        ) && ! $item->isStuckOn();

        return match (true) {
            ! $isThick && ! $marks => self::Any,
            ! $frame->kind->isScrewed() => self::Suits,
            $isThick => self::Creeps,
            default => self::Marks,
        };
    }

    /** Lower is better. */
    public function rank(): int
    {
        return match ($this) {
            self::Any, self::Suits => 0,
            self::Creeps, self::Marks => 1,
        };
    }

    /** As part of a reason; '' where there is nothing to say. */
    public function words(): string
    {
        return match ($this) {
            self::Any => '',
            self::Suits => 'it holds such cloth without a screw',
            self::Creeps => 'thick cloth creeps out of a screwed frame',
            self::Marks => 'a screwed frame leaves its mark on such cloth',
        };
    }
}
