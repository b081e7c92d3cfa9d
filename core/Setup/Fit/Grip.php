<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Words\Text;

/**
 * How a frame holds such cloth against such a design, beside whether it fits: what creeps out of a screw or keeps its
 * mark wants a magnet, and what pulls hard wants a frame that holds close by.
 */
enum Grip: int
{
    /** Nothing speaks for one kind of frame before another. */
    case Any = 0;
    case Suits = 1;
    case Creeps = 2;
    case Marks = 3;
    case Loose = 4;

    public static function of(Facts $facts, HouseRules $house, Fit $fit): self
    {
        $creeps = self::creeps($facts->item);
        $marks = self::marks($facts->item);

        return match (true) {
            ($creeps || $marks) && $fit->frame->kind->isScrewed() => $creeps ? self::Creeps : self::Marks,
            self::isLoose($facts, $house, $fit) => self::Loose,
            $creeps || $marks => self::Suits,
            default => self::Any,
        };
    }

    private static function creeps(Item $item): bool
    {
        return ! $item->isOnCap()
            && ($item->cloth->thickness() === Thickness::Heavy
                || $item->cloth->fabric === Fabric::Quilted
                || in_array($item->garment, [Garment::Jacket, Garment::PaddedJacket, Garment::Blanket], true));
    }

    private static function marks(Item $item): bool
    {
        return in_array(
            $item->cloth->fabric,
            [Fabric::Vinyl, Fabric::Leather, Fabric::Plush, Fabric::Quilted],
            true,
        ) && ! $item->isStuckOn();
    }

    private static function isLoose(Facts $facts, HouseRules $house, Fit $fit): bool
    {
        return $fit->frame->driver === Driver::Flat
            && $facts->isDense($house)
            && $fit->clearMm > $house->value(HouseRule::LooseHold);
    }

    /** Lower is better. */
    public function rank(): int
    {
        return match ($this) {
            self::Any, self::Suits => 0,
            self::Loose => 1,
            self::Creeps, self::Marks => 2,
        };
    }

    /** As part of a reason; '' where there is nothing to say. */
    public function words(): Text
    {
        return new Text('setup.grip.'.strtolower($this->name));
    }

    /** @return list<Fact> what it goes by */
    public function facts(): array
    {
        return match ($this) {
            self::Any => [],
            self::Suits, self::Creeps => [Fact::Garment, Fact::Fabric, Fact::Thickness],
            self::Marks => [Fact::Fabric],
            self::Loose => [Fact::Stitches],
        };
    }
}
