<?php

declare(strict_types=1);

namespace Hakama\Garment\Draft;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure as M;
use Hakama\Garment\Measures;
use Hakama\Garment\Panel;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Shape;
use Hakama\Garment\Size;
use Hakama\Garment\StartingMeasures;

/** A garment's part drawn from its measures: a plain figure to measure on, not a pattern to cut by. */
final class Draft
{
    /**
     * @param Measures    $measures what is not in them is taken as starting measures have it
     * @param Fabric|null $fabric   a jacket of denim has flaps and a yoke
     */
    public static function of(
        Garment $garment,
        Position $position,
        Measures $measures,
        Size $size = Size::M,
        Profile $profile = Profile::None,
        ?Fabric $fabric = null,
    ): Shape {
        $known = $measures->orElse(StartingMeasures::of($garment, $size, $profile));
        $shape = self::shape($garment, $position, $known);

        return $shape->withFeatures(Features::on($garment, $position, $shape, $known, $fabric));
    }

    private static function shape(Garment $garment, Position $position, Measures $known): Shape
    {
        $mm = static fn(M $measure, float $else = 400.0): float => $known->mm($measure) ?? $else;

        return match (Panel::of($garment, $position)) {
            Panel::Front => UpperBody::body(
                $garment,
                Panel::Front,
                $mm(M::ChestWidth),
                $mm(M::BodyLength),
                $mm(M::SleeveLength),
                $known->mm(M::PocketWidth),
                $known->mm(M::PocketTop),
            ),
            Panel::Back => UpperBody::body(
                $garment,
                Panel::Back,
                $mm(M::ChestWidth),
                $mm(M::BodyLength),
                $mm(M::SleeveLength),
            ),
            Panel::Sleeve => Tube::tube(Panel::Sleeve, $mm(M::SleeveWidth), $mm(M::SleeveLength), $known->mm(M::UpperWidth)),
            Panel::Leg => $garment === Garment::Stocking
                ? Tube::stocking($mm(M::LegWidth), $mm(M::LegLength), $mm(M::CuffHeight, 110.0))
                : Tube::tube(Panel::Leg, $mm(M::LegWidth), $mm(M::LegLength), $known->mm(M::UpperWidth)),
            Panel::Cap => Headwear::cap(
                $position,
                $mm(M::Circumference),
                // Above the opening of the strap there is only the rest of the panel.
                $mm(M::Height) - ($position === Position::CapBack ? $mm(M::OpeningHeight, 45.0) : 0.0),
            ),
            Panel::Hat => Headwear::hat($mm(M::Circumference), $mm(M::Height), $mm(M::CuffHeight, 70.0)),
            Panel::Pocket => Flat::pocket($mm(M::PocketWidth), $mm(M::PocketHeight)),
            Panel::Flat => Flat::flat($garment, $mm(M::Width), $mm(M::Height), $known),
        };
    }
}
