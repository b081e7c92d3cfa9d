<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Fabric as F;
use Hakama\Garment\Garment as G;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Surface;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Facts\Facts;
use Hakama\Stitch\Turn;

/**
 * The setup rules, in order: for each thing to decide the first that applies and is of the house's school
 * holds, and the last always applies, so that there is never no answer and never two. The tables are made once.
 */
final class RuleTable
{
    /** @return array<string, non-empty-list<Rule<mixed>>> what is decided => its rules */
    public static function all(): array
    {
        return [
            About::Driver->value => self::drivers(),
            About::Turn->value => self::turns(),
            About::Backing->value => self::backings(),
            About::Topper->value => self::toppers(),
            About::Thread->value => self::threads(),
            About::Needle->value => self::needles(),
            About::Speed->value => self::speeds(),
            About::Placement->value => PlacementTable::all(),
        ];
    }

    /** @return non-empty-list<Rule<list<Driver>>> */
    public static function drivers(): array
    {
        /** @var non-empty-list<Rule<list<Driver>>>|null $kept */
        static $kept = null;
        return $kept ??= [
            self::rule(
                About::Driver,
                'structured_cap',
                'a structured cap',
                static fn(Facts $f): bool => $f->isOnCap() && $f->structure === Structure::Structured,
                [Driver::Cap],
                'The stiff front of a structured cap cannot be forced flat: it goes on the cap driver.',
                strength: Strength::Must,
            ),
            self::rule(
                About::Driver,
                'soft_cap',
                'any other cap',
                static fn(Facts $f): bool => $f->isOnCap(),
                [Driver::Cap, Driver::Flat],
                'A soft cap belongs on the cap driver and can be laid flat if it must.',
            ),
            self::rule(
                About::Driver,
                'clamped',
                'a glove or a pocket',
                static fn(Facts $f): bool => $f->isClamped(),
                [Driver::Clamp, Driver::Cap, Driver::Flat],
                'Small closed things are held in a clamp or pocket frame.',
            ),
            self::rule(
                About::Driver,
                'narrow_tube',
                'a sleeve, a leg or a stocking',
                static fn(Facts $f): bool => $f->isNarrowTube(),
                [Driver::Cylinder, Driver::Flat],
                'A narrow tube goes on the cylinder driver; flat only with the seam opened.',
            ),
            self::rule(
                About::Driver,
                'flat',
                'anything else',
                static fn(Facts $f): bool => true,
                [Driver::Flat],
                'It lies flat: the flat arms carry it.',
            ),
        ];
    }

    /** @return non-empty-list<Rule<non-empty-list<Turn>>> the ways round that would do, the preferred one first */
    public static function turns(): array
    {
        /** @var non-empty-list<Rule<non-empty-list<Turn>>>|null $kept */
        static $kept = null;
        return $kept ??= [
            self::rule(
                About::Turn,
                'cap_upright',
                'a cap',
                static fn(Facts $f): bool => $f->isOnCap(),
                [Turn::None],
                'A cap is mounted one way only; the machine turns the design if it has to.',
                strength: Strength::Must,
            ),
            self::rule(
                About::Turn,
                'weight_in_front',
                'a blanket or a towel',
                static fn(Facts $f): bool => $f->isHeavyCloth(),
                [Turn::Half, Turn::None],
                'The weight hangs off the front of the machine, so the design is turned half round.',
            ),
            self::rule(
                About::Turn,
                'least_bulk_to_machine',
                'a jacket, padded or not',
                static fn(Facts $f): bool => in_array($f->garment, [G::Jacket, G::PaddedJacket], true),
                [Turn::Half, Turn::None],
                'The edge with least bulk goes towards the machine: the jacket lies upside down.',
            ),
            self::rule(
                About::Turn,
                'neck_too_tight',
                'a design wider than the neck opening less the arm',
                static fn(Facts $f): bool => $f->neckIsTight(),
                [Turn::Half],
                'Neck first the frame would run out of travel and registration would be lost: waist first, and the design turned half round.',
                strength: Strength::Must,
            ),
            self::rule(
                About::Turn,
                'loose_piece',
                'a patch or a loose piece',
                static fn(Facts $f): bool => in_array($f->garment, [G::Patch, G::Other], true),
                [Turn::None, Turn::Quarter, Turn::Half],
                'A loose piece may lie as it fits the frame best.',
            ),
            self::rule(
                About::Turn,
                'neck_first',
                'anything else',
                static fn(Facts $f): bool => true,
                [Turn::None, Turn::Half],
                'Neck or open edge towards the machine; turned half round only where needed.',
                Question::Orientation,
                'neck_first',
            ),
            self::rule(
                About::Turn,
                'waist_first',
                'anything else',
                static fn(Facts $f): bool => true,
                [Turn::Half, Turn::None],
                'Waist or free edge towards the machine, always, and the design turned half round: one habit, one mistake less.',
                Question::Orientation,
                'waist_first',
            ),
        ];
    }

    /** @return non-empty-list<Rule<Layers>> */
    public static function backings(): array
    {
        /** @var non-empty-list<Rule<Layers>>|null $kept */
        static $kept = null;
        $softOrDense = static fn(Facts $f, HouseRules $h): bool => $f->isOnCap()
            && ($f->structure === Structure::Unstructured || self::isDense($f, $h));

        return $kept ??= [
            self::rule(
                About::Backing,
                'dense_or_soft_cap',
                'a soft cap, or a dense design on any cap',
                $softOrDense,
                new Layers(Backing::Cutaway, 1),
                'A soft cap, or a dense design on any cap, needs support that stays in: one layer of cutaway.',
                Question::CapBacking,
                'cutaway',
            ),
            self::rule(
                About::Backing,
                'tear_away_cap',
                'any cap',
                static fn(Facts $f): bool => $f->isOnCap(),
                new Layers(Backing::TearAway, 2),
                'The cap’s own front carries the stitches; tear-away keeps it from slipping and leaves nothing inside.',
                Question::CapBacking,
                'tear_away',
            ),
            self::rule(
                About::Backing,
                'cap',
                'any other cap',
                static fn(Facts $f): bool => $f->isOnCap(),
                new Layers(Backing::TearAway, 2),
                'The liner of a structured cap carries the stitches; tear-away keeps it from slipping.',
            ),
            self::rule(
                About::Backing,
                'seen_from_behind',
                'a blanket or a towel',
                static fn(Facts $f): bool => $f->isHeavyCloth(),
                new Layers(Backing::TearAway, 1),
                'Both sides are seen: tear-away, so that nothing shows behind.',
            ),
            self::rule(
                About::Backing,
                'tube',
                'a sleeve, a leg or a stocking',
                static fn(Facts $f): bool => $f->isNarrowTube(),
                new Layers(Backing::Mesh, 1),
                'Fusible mesh cutaway ironed to the inside: it stays put where no hand can smooth it.',
            ),
            self::rule(
                About::Backing,
                'off_cuts',
                'a glove or a pocket',
                static fn(Facts $f): bool => $f->isClamped(),
                new Layers(Backing::TearAway, 1),
                'A small off-cut does: the clamp holds it.',
            ),
            self::rule(
                About::Backing,
                'pale_and_light',
                'pale or light cloth that would show it',
                static fn(Facts $f): bool => $f->fabric->isKnit()
                    && ($f->pale || $f->thickness === Thickness::Light)
                    && ! in_array($f->fabric, [F::TechnicalKnit, F::Fleece], true),
                new Layers(Backing::Mesh, 2),
                'Cutaway would show through pale or light cloth: two layers of mesh, which does not.',
            ),
            self::rule(
                About::Backing,
                'thin_knit',
                'technical knit, fleece, or anything that stretches much',
                static fn(Facts $f): bool => in_array($f->fabric, [F::TechnicalKnit, F::Fleece], true)
                    || $f->stretch === Stretch::High,
                new Layers(Backing::Cutaway, 2, true),
                'Thin and stretchy knits pucker: two layers of cutaway, one stuck lightly to the inside.',
            ),
            self::rule(
                About::Backing,
                'soft_knit',
                'any other knit',
                static fn(Facts $f): bool => $f->fabric->isKnit(),
                new Layers(Backing::Cutaway, 2),
                'Knits are worn, stretched and washed: two layers of cutaway stay in.',
            ),
            self::rule(
                About::Backing,
                'padded',
                'padding or quilting',
                static fn(Facts $f): bool => $f->garment === G::PaddedJacket || $f->fabric === F::Quilted,
                new Layers(Backing::Cutaway, 1),
                'Padding gives way under the needle: cutaway below.',
            ),
            self::rule(
                About::Backing,
                'jacket_cutaway',
                'a jacket',
                static fn(Facts $f): bool => $f->garment === G::Jacket,
                new Layers(Backing::Cutaway, 1),
                'A jacket is heavy and worn for years: cutaway stays in and holds.',
                Question::JacketBacking,
                'cutaway',
            ),
            self::rule(
                About::Backing,
                'jacket_tear_away',
                'a jacket',
                static fn(Facts $f): bool => $f->garment === G::Jacket,
                new Layers(Backing::TearAway, 2),
                'The shell of a jacket carries the stitches: two layers of tear-away.',
                Question::JacketBacking,
                'tear_away',
            ),
            self::rule(
                About::Backing,
                'stable_woven',
                'anything else',
                static fn(Facts $f): bool => true,
                new Layers(Backing::TearAway, 2),
                'A stable woven cloth carries the stitches itself: tear-away.',
            ),
        ];
    }

    /** @return non-empty-list<Rule<bool>> */
    public static function toppers(): array
    {
        /** @var non-empty-list<Rule<bool>>|null $kept */
        static $kept = null;
        return $kept ??= [
            self::rule(
                About::Topper,
                'textured',
                'pile, ribs or quilting',
                static fn(Facts $f): bool => $f->surface() !== Surface::Smooth,
                true,
                'Pile, ribs and quilting swallow stitches: film on top.',
            ),
            self::rule(
                About::Topper,
                'towel_or_hat',
                'a towel, a blanket, a knit hat or a padded jacket',
                static fn(Facts $f): bool => in_array(
                    $f->garment,
                    [G::Towel, G::Blanket, G::KnitHat, G::PaddedJacket],
                    true,
                ),
                true,
                'Its surface swallows stitches: film on top.',
            ),
            self::rule(
                About::Topper,
                'small_letters_on_texture',
                'small letters on any texture',
                static fn(Facts $f, HouseRules $h): bool => $f->fabric->hasTexture()
                    && $f->hasSmallLetters($h->value(HouseRule::SmallLetter)),
                true,
                'Letters this small sink into any texture: film on top.',
            ),
            self::rule(
                About::Topper,
                'smooth',
                'anything else',
                static fn(Facts $f): bool => true,
                false,
                'The surface is smooth enough without.',
            ),
        ];
    }

    /** @return non-empty-list<Rule<int>> */
    public static function threads(): array
    {
        /** @var non-empty-list<Rule<int>>|null $kept */
        static $kept = null;
        return $kept ??= [
            self::rule(
                About::Thread,
                'fine_letters',
                'letters lower than the house’s limit, or fine thread chosen already',
                static fn(Facts $f, HouseRules $h): bool => NeedleType::isFine($f->threadWeight)
                    || $f->hasSmallLetters($h->value(HouseRule::SmallLetter)),
                60,
                'Fine detail closes up in the usual thread: 60 weight.',
            ),
            self::rule(
                About::Thread,
                'usual',
                'anything else',
                static fn(Facts $f): bool => true,
                40,
                '40 weight covers best.',
            ),
        ];
    }

    /** @return non-empty-list<Rule<NeedleType>> */
    public static function needles(): array
    {
        /** @var non-empty-list<Rule<NeedleType>>|null $kept */
        static $kept = null;
        return $kept ??= [
            self::rule(
                About::Needle,
                'fine_thread',
                'fine thread',
                static fn(Facts $f, HouseRules $h): bool => NeedleType::isFine($f->threadWeight)
                    || $f->hasSmallLetters($h->value(HouseRule::SmallLetter)),
                NeedleType::forThread(60),
                '60-weight thread goes with the 65/9.',
                strength: Strength::Must,
            ),
            self::rule(
                About::Needle,
                'thick',
                'a structured cap, canvas, denim, or anything thick',
                static fn(Facts $f): bool => $f->structure === Structure::Structured
                    || in_array($f->fabric, [F::Canvas, F::Denim], true)
                    || $f->thickness === Thickness::Heavy,
                new NeedleType('80/12', 'sharp'),
                'Thick caps, canvas and denim bend a thinner needle.',
            ),
            self::rule(
                About::Needle,
                'open_knit',
                'piqué or rib',
                static fn(Facts $f): bool => in_array($f->fabric, [F::Pique, F::RibKnit], true),
                new NeedleType('75/11', 'ballpoint'),
                'A ballpoint parts the loops of an open knit instead of cutting them.',
            ),
            self::rule(
                About::Needle,
                'usual',
                'anything else',
                static fn(Facts $f): bool => true,
                new NeedleType('75/11', 'sharp'),
                'The usual needle for cloth that is neither thick nor open.',
            ),
        ];
    }

    /** @return non-empty-list<Rule<int>> */
    public static function speeds(): array
    {
        /** @var non-empty-list<Rule<int>>|null $kept */
        static $kept = null;
        $speed = static fn(HouseRule $rule): \Closure => static fn(HouseRules $h): int => (int) $h->value($rule);

        return $kept ??= [
            new Rule(
                About::Speed,
                'cap_detail',
                'a dense design or thick buckram on a cap',
                static fn(Facts $f, HouseRules $h): bool => $f->isOnCap()
                    && (self::isDense($f, $h) || $f->thickness === Thickness::Heavy),
                $speed(HouseRule::CapDetailSpeed),
                'Dense detail on a cap flags at speed.',
            ),
            new Rule(
                About::Speed,
                'cap',
                'any other cap',
                static fn(Facts $f): bool => $f->isOnCap(),
                $speed(HouseRule::CapSpeed),
                'A cap is held at its edges only and flags at speed.',
            ),
            new Rule(
                About::Speed,
                'soft',
                'knits and pile',
                static fn(Facts $f): bool => $f->fabric->isKnit() || $f->fabric->hasTexture(),
                $speed(HouseRule::KnitSpeed),
                'Soft cloth keeps its registration better a little slower.',
            ),
            new Rule(
                About::Speed,
                'usual',
                'anything else',
                static fn(Facts $f): bool => true,
                $speed(HouseRule::Speed),
                'Stable cloth in a flat frame.',
            ),
        ];
    }

    public static function isDense(Facts $facts, HouseRules $house): bool
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
    private static function rule(
        About $about,
        string $name,
        string $when,
        callable $applies,
        mixed $says,
        string $text,
        ?Question $question = null,
        string $school = '',
        ?Strength $strength = null,
    ): Rule {
        return new Rule(
            $about,
            $name,
            $when,
            $applies(...),
            static fn(HouseRules $house): mixed => $says,
            $text,
            $question,
            $school,
            $strength ?? ($question === null ? Strength::Should : Strength::May),
        );
    }
}
