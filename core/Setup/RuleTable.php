<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Structure;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Stitch\Turn;

/**
 * The setup rules, in order: for each thing to decide the first that applies holds, and the last
 * always applies, so that there is never no answer and never two.
 */
final class RuleTable
{
    /** @return non-empty-list<Rule<list<Driver>>> */
    public static function drivers(): array
    {
        return [
            self::rule(About::Driver, 'structured_cap', static fn(Facts $f): bool => $f->garment === Garment::Cap && $f->structure === Structure::Structured, [Driver::Cap], 'The stiff front of a structured cap cannot be forced flat: it goes on the cap driver.'),
            self::rule(About::Driver, 'soft_cap', static fn(Facts $f): bool => $f->garment === Garment::Cap, [Driver::Cap, Driver::Flat], 'A soft cap belongs on the cap driver and can be laid flat if it must.'),
            self::rule(About::Driver, 'clamped', static fn(Facts $f): bool => in_array($f->garment, [Garment::Glove, Garment::Pocket], true), [Driver::Clamp, Driver::Cap, Driver::Flat], 'Small closed things are held in a clamp or pocket frame.'),
            self::rule(About::Driver, 'narrow_tube', static fn(Facts $f): bool => in_array($f->position, [Position::Sleeve, Position::Leg], true), [Driver::Cylinder, Driver::Flat], 'A narrow tube goes on the cylinder driver; flat only with the seam opened.'),
            self::rule(About::Driver, 'flat', static fn(Facts $f): bool => true, [Driver::Flat], 'It lies flat: the flat arms carry it.'),
        ];
    }

    /** @return non-empty-list<Rule<list<Turn>>> the ways round that would do, the preferred one first */
    public static function turns(): array
    {
        $neckFirst = [Turn::None, Turn::Half];

        return [
            self::rule(About::Turn, 'cap_upright', static fn(Facts $f): bool => $f->garment === Garment::Cap, [Turn::None], 'A cap is mounted one way only; the machine turns the design if it has to.'),
            self::rule(About::Turn, 'weight_in_front', static fn(Facts $f): bool => in_array($f->garment, [Garment::Blanket, Garment::Towel], true), [Turn::Half, Turn::None], 'The weight hangs off the front of the machine, so the design is turned half round.'),
            self::rule(About::Turn, 'least_bulk_to_machine', static fn(Facts $f): bool => in_array($f->garment, [Garment::Jacket, Garment::PaddedJacket], true), [Turn::Half, Turn::None], 'The edge with least bulk goes towards the machine: the jacket lies upside down.'),
            self::rule(About::Turn, 'loose_piece', static fn(Facts $f): bool => in_array($f->garment, [Garment::Patch, Garment::Other], true), [Turn::None, Turn::Quarter, Turn::Half], 'A loose piece may lie as it fits the frame best.'),
            self::rule(About::Turn, 'neck_first', static fn(Facts $f): bool => true, $neckFirst, 'Neck or open edge towards the machine; turned half round only where needed.'),
        ];
    }

    /** @return non-empty-list<Rule<Layers>> */
    public static function backings(): array
    {
        return [
            self::rule(About::Backing, 'dense_or_soft_cap', static fn(Facts $f, HouseRules $h): bool => $f->garment === Garment::Cap && ($f->structure === Structure::Unstructured || self::isDense($f, $h)), new Layers(Backing::Cutaway, 1), 'A soft cap, or a dense design on any cap, needs support that stays in: one layer of cutaway.'),
            self::rule(About::Backing, 'cap', static fn(Facts $f): bool => $f->garment === Garment::Cap, new Layers(Backing::TearAway, 2), 'The liner of a structured cap carries the stitches; tear-away keeps it from slipping.'),
            self::rule(About::Backing, 'seen_from_behind', static fn(Facts $f): bool => in_array($f->garment, [Garment::Blanket, Garment::Towel], true), new Layers(Backing::TearAway, 1), 'Both sides are seen: tear-away, so that nothing shows behind.'),
            self::rule(About::Backing, 'thin_knit', static fn(Facts $f): bool => in_array($f->fabric, [Fabric::TechnicalKnit, Fabric::Fleece], true), new Layers(Backing::Cutaway, 2, true), 'Thin and stretchy knits pucker: two layers of cutaway, one stuck lightly to the inside.'),
            self::rule(About::Backing, 'soft_knit', static fn(Facts $f): bool => $f->fabric->isKnit(), new Layers(Backing::Cutaway, 2), 'Knits are worn, stretched and washed: two layers of cutaway stay in.'),
            self::rule(About::Backing, 'padded', static fn(Facts $f): bool => $f->garment === Garment::PaddedJacket || $f->fabric === Fabric::Quilted, new Layers(Backing::Cutaway, 1), 'Padding gives way under the needle: cutaway below.'),
            self::rule(About::Backing, 'stable_woven', static fn(Facts $f): bool => true, new Layers(Backing::TearAway, 2), 'A stable woven cloth carries the stitches itself: tear-away.'),
        ];
    }

    /** @return non-empty-list<Rule<bool>> */
    public static function toppers(): array
    {
        return [
            self::rule(About::Topper, 'textured', static fn(Facts $f): bool => $f->fabric->hasTexture() && $f->fabric !== Fabric::Pique, true, 'Pile, ribs and quilting swallow stitches: film on top.'),
            self::rule(About::Topper, 'towel_or_hat', static fn(Facts $f): bool => in_array($f->garment, [Garment::Towel, Garment::Blanket, Garment::KnitHat, Garment::PaddedJacket], true), true, 'Its surface swallows stitches: film on top.'),
            self::rule(About::Topper, 'smooth', static fn(Facts $f): bool => true, false, 'The surface is smooth enough without.'),
        ];
    }

    /** @return non-empty-list<Rule<NeedleChoice>> */
    public static function needles(): array
    {
        return [
            self::rule(About::Needle, 'fine_thread', static fn(Facts $f): bool => $f->threadWeight >= 60, new NeedleChoice('65/9', 'sharp'), '60-weight thread goes with the 65/9.'),
            self::rule(About::Needle, 'thick', static fn(Facts $f): bool => $f->structure === Structure::Structured || in_array($f->fabric, [Fabric::Canvas, Fabric::Denim], true), new NeedleChoice('80/12', 'sharp'), 'Thick caps, canvas and denim bend a thinner needle.'),
            self::rule(About::Needle, 'open_knit', static fn(Facts $f): bool => in_array($f->fabric, [Fabric::Pique, Fabric::RibKnit], true), new NeedleChoice('75/11', 'ballpoint'), 'A ballpoint parts the loops of an open knit instead of cutting them.'),
            self::rule(About::Needle, 'usual', static fn(Facts $f): bool => true, new NeedleChoice('75/11', 'sharp'), 'The usual needle for cloth that is neither thick nor open.'),
        ];
    }

    /** @return non-empty-list<Rule<int>> */
    public static function speeds(): array
    {
        return [
            new Rule(About::Speed, 'cap_detail', static fn(Facts $f, HouseRules $h): bool => $f->garment === Garment::Cap && self::isDense($f, $h), static fn(HouseRules $h): int => (int) $h->value(HouseRule::CapDetailSpeed), 'Dense detail on a cap flags at speed.'),
            new Rule(About::Speed, 'cap', static fn(Facts $f): bool => $f->garment === Garment::Cap, static fn(HouseRules $h): int => (int) $h->value(HouseRule::CapSpeed), 'A cap is held at its edges only and flags at speed.'),
            new Rule(About::Speed, 'soft', static fn(Facts $f): bool => $f->fabric->isKnit() || $f->fabric->hasTexture(), static fn(HouseRules $h): int => (int) $h->value(HouseRule::KnitSpeed), 'Soft cloth keeps its registration better a little slower.'),
            new Rule(About::Speed, 'usual', static fn(Facts $f): bool => true, static fn(HouseRules $h): int => (int) $h->value(HouseRule::Speed), 'Stable cloth in a flat frame.'),
        ];
    }

    private static function isDense(Facts $facts, HouseRules $house): bool
    {
        return $facts->stitchesPerCm2() > $house->value(HouseRule::Dense);
    }

    /**
     * @template T
     *
     * @param callable(Facts, HouseRules): bool $applies
     * @param T                                 $says
     *
     * @return Rule<T>
     */
    private static function rule(About $about, string $name, callable $applies, mixed $says, string $text): Rule
    {
        return new Rule($about, $name, $applies(...), static fn(HouseRules $house): mixed => $says, $text);
    }
}
