<?php

declare(strict_types=1);

namespace Hakama\Setup\Notes;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Panel;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Fit\Passage;
use Hakama\Setup\Rules\SetupDecision;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Stitch\Point;
use Hakama\Words\Text;

/** What has to be asked before a piece of advice can be trusted: what decides, and was guessed or is not known at all. */
final class AskTable
{
    /** @return list<Ask> */
    public static function of(SetupDecision $d): array
    {
        return array_values(
            array_filter([
                self::structure($d),
                self::profile($d),
                self::order($d),
                self::turnsCaps($d),
                self::fabric($d),
                self::pale($d),
                self::neck($d),
                self::girth($d),
                self::width($d),
            ], static fn(?Ask $one): bool => $one !== null),
        );
    }

    /** @return list<string> what was used though nobody has measured it, as it is named in files */
    public static function estimated(SetupDecision $d): array
    {
        $item = $d->facts->item;
        $used = [];
        if ($item->cloth->from->isGuess()) {
            $used[] = Fact::Fabric->value;
        }
        if (self::hasNeck($d) && $item->measures->mm(Measure::NeckOpening) !== null) {
            $used[] = Measure::NeckOpening;
        }
        if ($d->marked !== null) {
            $used[] = Panel::of($item->garment, $item->position)->width();
        }
        $girth = $d->best?->entry?->girth;
        if ($girth !== null) {
            $used[] = $girth->measure;
        }
        $guessed = array_filter(
            $used,
            static fn(Measure|string $one): bool => is_string($one) || (
                $item->measures->mm($one) !== null && $item->measures->from($one)->isGuess()
            ),
        );
        $names = array_map(
            static fn(Measure|string $one): string => is_string($one) ? $one : "sizes_mm.{$one->value}",
            $guessed,
        );
        if ($d->facts->machine->armIsEstimated && (self::hasNeck($d) || $d->best?->arm !== null)) {
            $names[] = Fact::ArmWidth->value;
        }

        return array_values(array_unique($names));
    }

    private static function structure(SetupDecision $d): ?Ask
    {
        return $d->facts->item->isOnCap() && $d->facts->item->structure === Structure::None
            ? new Ask(
                Fact::Structure->value,
                new Text('setup.ask.structure'),
                [SetupTopic::Driver, SetupTopic::Backing, SetupTopic::Needle],
            )
            : null;
    }

    /** A design that every cap takes, or none, asks for nothing. */
    private static function profile(SetupDecision $d): ?Ask
    {
        $height = $d->facts->design->heightMm;

        return $d->facts->item->isOnCap()
            && $d->facts->item->position === Position::CapFront
            && $d->facts->item->profile === Profile::None
            && $height > CapFace::profileLimitMm(Profile::Low, $d->house)
            && $height <= CapFace::profileLimitMm(Profile::High, $d->house)
            ? new Ask(
                Fact::Profile->value,
                new Text('setup.ask.profile', ['height' => $d->units()->said($height, 1)]),
                [SetupTopic::Placement],
            )
            : null;
    }

    private static function order(SetupDecision $d): ?Ask
    {
        return $d->facts->item->isOnCap()
            && $d->facts->design->order->isOpen($d->follows(Question::CapOrder, 'both'))
            ? new Ask(
                Fact::SewingOrder->value,
                new Text('setup.ask.sewing_order'),
                [],
            )
            : null;
    }

    private static function turnsCaps(SetupDecision $d): ?Ask
    {
        return $d->isInCapFrame() && $d->facts->machine->turnsCapsItself === null
            ? new Ask(
                Fact::TurnsCaps->value,
                new Text('setup.ask.turns_caps'),
                [SetupTopic::Turn],
            )
            : null;
    }

    private static function fabric(SetupDecision $d): ?Ask
    {
        return $d->facts->item->cloth->from->isGuess()
            ? new Ask(
                Fact::Fabric->value,
                new Text('setup.ask.fabric', ['fabric' => $d->facts->item->cloth->fabric->label()]),
                [SetupTopic::Backing, SetupTopic::Topper, SetupTopic::Needle, SetupTopic::Speed],
            )
            : null;
    }

    /** Only where it would change what lies below. */
    private static function pale(SetupDecision $d): ?Ask
    {
        $rule = $d->decisions->backing->because->rule;

        return $d->facts->item->cloth->pale === null
            && ! $d->facts->item->cloth->from->isGuess()
            && $d->facts->item->cloth->fabric !== Fabric::Fleece
            && in_array($rule, ['pale_thin_knit', 'pale_and_light', 'thin_knit', 'soft_knit'], true)
            && $d->facts->item->cloth->fabric->isKnit()
            ? new Ask(
                Fact::Pale->value,
                new Text('setup.ask.pale'),
                [SetupTopic::Backing],
            )
            : null;
    }

    private static function hasNeck(SetupDecision $d): bool
    {
        return $d->facts->item->isUpperBody()
            && in_array($d->facts->item->position, [Position::FullFront, Position::FullBack], true);
    }

    private static function neck(SetupDecision $d): ?Ask
    {
        $item = $d->facts->item;
        $neck = $item->neckOpeningMm();
        // A jacket lies upside down whatever its neck, and so does everything in a house that always does so.
        $turnsAnyway = in_array($item->garment, [Garment::Jacket, Garment::PaddedJacket], true)
            || $d->follows(Question::Orientation, 'waist_first');
        if (! self::hasNeck($d) || $turnsAnyway || ! $item->measures->from(Measure::NeckOpening)->isGuess()) {
            return null;
        }
        $off = self::off($d);
        $arm = $d->facts->machine->armWidthMm ?? 0.0;
        $width = $d->facts->design->widthMm;
        if ($neck !== null && ($width > $neck * (1 + $off) - $arm) === ($width > $neck * (1 - $off) - $arm)) {
            return null;
        }

        return new Ask(
            Fact::Neck->value,
            $neck === null
                ? new Text('setup.ask.neck')
                : new Text('setup.ask.neck_assumed', ['neck' => $d->units()->said($neck)]),
            [SetupTopic::Loading, SetupTopic::Turn],
        );
    }

    private static function girth(SetupDecision $d): ?Ask
    {
        $off = self::off($d);
        foreach ([$d->best?->entry, $d->best?->arm] as $entry) {
            if ($entry !== null && $entry->girth->from->isGuess() && $entry->hangsOn($off)) {
                return self::round($entry, $d);
            }
        }

        return null;
    }

    private static function round(Passage $entry, SetupDecision $d): Ask
    {
        return new Ask(
            "sizes_mm.{$entry->girth->measure->value}",
            new Text('setup.ask.girth', ['width' => $d->units()->said($entry->girth->flatMm())]),
            [SetupTopic::Frame],
        );
    }

    /** Whether the design lies on the cloth. */
    private static function width(SetupDecision $d): ?Ask
    {
        $item = $d->facts->item;
        $measure = Panel::of($item->garment, $item->position)->width();
        $wide = $item->measures->mm($measure);
        $isFromCorner = $item->position === Position::Corner;
        if (
            $d->marked === null
            || $wide === null
            || $isFromCorner
            || $item->isOnCap()
            || ! $item->measures->from($measure)->isGuess()
        ) {
            return null;
        }
        $half = ($measure === Measure::Circumference ? $wide / 2 : $wide) / 2;
        $reach = max(array_map(static fn(Point $p): float => abs($p->x), $d->marked->hull->points));
        $off = self::off($d);

        return $reach <= $half * (1 + $off) && $reach > $half * (1 - $off)
            ? new Ask(
                "sizes_mm.{$measure->value}",
                new Text('setup.ask.width', ['width' => $d->units()->said($wide)]),
                [SetupTopic::Placement, SetupTopic::Frame],
            )
            : null;
    }

    private static function off(SetupDecision $d): float
    {
        return $d->house->value(HouseRule::EstimateOff) / 100;
    }
}
