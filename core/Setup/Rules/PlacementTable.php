<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Closure;
use Hakama\Garment\Datum;
use Hakama\Garment\Fabric as F;
use Hakama\Garment\Garment as G;
use Hakama\Garment\Measure;
use Hakama\Garment\Position as P;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Placement\Edge;
use Hakama\Setup\Placement\Line;
use Hakama\Setup\Placement\Placement;
use LogicException;

/** Where a design goes: what was kept for this garment and size, else the figures of the house. */
final class PlacementTable
{
    /** @return non-empty-list<Rule<Placement>> */
    public static function all(): array
    {
        /** @var non-empty-list<Rule<Placement>>|null $kept */
        static $kept = null;
        return $kept ??= [
            (new Rule(
                SetupTopic::Placement,
                'kept',
                static fn(Facts $f): bool => $f->placed() !== null,
                self::kept(...),
            ))->on(Fact::Place),
            ...self::house(),
        ];
    }

    /** @return non-empty-list<Rule<Placement>> */
    private static function house(): array
    {
        return [
            (new Rule(
                SetupTopic::Placement,
                'left_chest',
                self::at(P::LeftChest),
                static fn(HouseRules $h, Facts $f): Placement => new Placement(
                    Datum::ShoulderAtNeck,
                    Edge::Middle,
                    self::graded($h, $f, HouseRule::ChestDown, HouseRule::ChestStep),
                    self::graded($h, $f, HouseRule::ChestAcross, HouseRule::ChestAcrossStep),
                    Line::CentreFront,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'full_front',
                self::at(P::FullFront),
                static fn(HouseRules $h, Facts $f): Placement => new Placement(
                    Datum::NeckSeam,
                    Edge::Upper,
                    self::graded($h, $f, HouseRule::FrontDown, HouseRule::FrontStep),
                    0,
                    Line::CentreFront,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'full_back_yoke',
                static fn(Facts $f): bool => $f->item->position === P::FullBack && self::yokeMm($f) !== null,
                static fn(HouseRules $h, Facts $f): Placement => new Placement(
                    Datum::CollarSeam,
                    Edge::Upper,
                    (float) self::yokeMm($f) + $h->value(HouseRule::YokeInside),
                    0,
                    Line::SideSeams,
                ),
            ))->on(Fact::Position, Fact::Fabric),
            (new Rule(
                SetupTopic::Placement,
                'full_back',
                self::at(P::FullBack),
                static fn(HouseRules $h, Facts $f): Placement => new Placement(
                    Datum::CollarSeam,
                    Edge::Upper,
                    self::graded($h, $f, HouseRule::BackDown, HouseRule::BackStep),
                    0,
                    Line::SideSeams,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'cap_low',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->position === P::CapFront,
                static fn(HouseRules $h): Placement => new Placement(
                    Datum::BillSeam,
                    Edge::Lower,
                    -$h->value(HouseRule::RingLow),
                    0,
                    Line::FrontSeam,
                ),
                Question::BillGap,
                'frame_limit',
                Strength::May,
            ))->on(Fact::HouseRules, Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'cap_centred',
                static fn(Facts $f, HouseRules $h): bool => $f->item->isOnCap()
                    && $f->item->position === P::CapFront
                    && self::overDesignMm($f, $h) >= $h->value(HouseRule::CapCentred),
                static fn(HouseRules $h, Facts $f): Placement => new Placement(
                    Datum::BillSeam,
                    Edge::Lower,
                    -$h->value(HouseRule::CapGap) - self::overDesignMm($f, $h) / 2,
                    0,
                    Line::FrontSeam,
                ),
                Question::BillGap,
                'centred_high',
                Strength::May,
            ))->on(Fact::HouseRules, Fact::Height),
            (new Rule(
                SetupTopic::Placement,
                'cap_front',
                self::at(P::CapFront),
                static fn(HouseRules $h): Placement => new Placement(
                    Datum::BillSeam,
                    Edge::Lower,
                    -$h->value(HouseRule::CapGap),
                    0,
                    Line::FrontSeam,
                ),
                strength: Strength::Must,
            ))->on(Fact::Position, Fact::HouseRules),
            (new Rule(
                SetupTopic::Placement,
                'cap_side',
                self::at(P::CapSide),
                static fn(HouseRules $h): Placement => new Placement(
                    Datum::SweatbandSeam,
                    Edge::Lower,
                    -$h->value(HouseRule::CapSideUp),
                    0,
                    Line::PanelSeams,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'cap_back',
                self::at(P::CapBack),
                static fn(HouseRules $h): Placement => new Placement(
                    Datum::StrapOpening,
                    Edge::Lower,
                    -$h->value(HouseRule::CapBackUp),
                    0,
                    Line::BackSeam,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'cuff',
                self::at(P::Cuff),
                static fn(HouseRules $h): Placement => new Placement(
                    Datum::CuffFold,
                    Edge::Upper,
                    $h->value(HouseRule::CuffDown),
                    0,
                    Line::Join,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'sleeve',
                self::at(P::Sleeve),
                static fn(HouseRules $h, Facts $f): Placement => new Placement(
                    Datum::Hem,
                    Edge::Lower,
                    -$h->value(HouseRule::SleeveUp) - $f->history->alongMm,
                    0,
                    Line::OuterSeam,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'leg',
                self::at(P::Leg),
                static fn(HouseRules $h, Facts $f): Placement => new Placement(
                    Datum::Waistband,
                    Edge::Upper,
                    self::graded($h, $f, HouseRule::LegDown, HouseRule::LegStep) + $f->history->alongMm,
                    0,
                    Line::OuterSeam,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'corner',
                self::at(P::Corner),
                static fn(HouseRules $h): Placement => new Placement(
                    Datum::CornerInside,
                    Edge::Middle,
                    $h->value(HouseRule::CornerIn),
                    0,
                    Line::Bisector,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'pocket',
                self::at(P::Pocket),
                static fn(HouseRules $h): Placement => new Placement(
                    Datum::PocketEdge,
                    Edge::Middle,
                    $h->value(HouseRule::PocketDown),
                    0,
                    Line::Sides,
                ),
            ))->on(Fact::Position),
            (new Rule(
                SetupTopic::Placement,
                'centre',
                static fn(Facts $f): bool => true,
                static fn(): Placement => new Placement(Datum::Middle, Edge::Middle, 0, 0, Line::BothWays),
            ))->on(Fact::Position),
        ];
    }

    /** Down to the yoke's seam; null where there is none. Of jackets only those of denim have one. */
    private static function yokeMm(Facts $facts): ?float
    {
        return $facts->item->garment === G::Jacket && $facts->item->cloth->fabric !== F::Denim
            ? null
            : $facts->item->measures->mm(Measure::YokeDown);
    }

    /** @return Closure(Facts, HouseRules): bool */
    private static function at(P $position): Closure
    {
        return static fn(Facts $f, HouseRules $h): bool => $f->item->position === $position;
    }

    /** The house's own place, with the figures that were kept instead of its own. */
    private static function kept(HouseRules $house, Facts $facts): Placement
    {
        $placed = $facts->placed();
        assert($placed !== null);
        foreach (self::house() as $rule) {
            if (($rule->applies)($facts, $house) && $rule->isFollowed($house)) {
                return ($rule->says)($house, $facts)->kept($placed);
            }
        }
        throw new LogicException('the last rule of places always applies');
    }

    private static function graded(HouseRules $house, Facts $facts, HouseRule $ofM, HouseRule $step): float
    {
        return $house->value($ofM) + ($facts->item->size?->stepsFromM() ?? 0) * $house->value($step);
    }

    /** How much of the panel of a cap is left over a design that stands on the gap. */
    private static function overDesignMm(Facts $facts, HouseRules $house): float
    {
        return CapFace::profileLimitMm($facts->item->profile, $house) - $facts->design->heightMm;
    }
}
