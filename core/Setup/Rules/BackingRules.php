<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Fabric as F;
use Hakama\Garment\Garment as G;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;

/**
 * What lies under the cloth: the first rule that applies and is of the house's school holds, and the last always
 * applies.
 */
final class BackingRules
{
    /** @return non-empty-list<Rule<Layers>> */
    public static function all(): array
    {
        /** @var non-empty-list<Rule<Layers>>|null $kept */
        static $kept = null;
        $isThinKnit = static fn(Facts $f): bool => $f->item->cloth->fabric === F::TechnicalKnit
            || $f->item->cloth->stretch === Stretch::High;
        // A dark knit shows nothing; of a light one of which nobody has said which it is, the safe way is taken.
        $showsThrough = static fn(Facts $f): bool => $f->item->cloth->fabric->isKnit()
            && $f->item->cloth->fabric !== F::Fleece
            && ($f->item->cloth->pale ?? $f->item->cloth->thickness === Thickness::Light);

        return $kept ??= [
            Rule::saying(
                SetupTopic::Backing,
                'soft_cap_cutaway',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->structure->isSoft(),
                new Layers(Backing::Cutaway, 1),
                Question::CapBacking,
                'cutaway',
            )->on(Fact::Structure, Fact::HouseRules),
            Rule::saying(
                SetupTopic::Backing,
                'dense_cap',
                static fn(Facts $f, HouseRules $h): bool => $f->item->isOnCap() && $f->isDense($h),
                new Layers(Backing::Cutaway, 1),
                Question::CapBacking,
                'cutaway',
            )->on(Fact::Stitches, Fact::HouseRules),
            Rule::saying(
                SetupTopic::Backing,
                'soft_cap',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->structure === Structure::Unstructured,
                new Layers(Backing::Cutaway, 1),
                Question::CapBacking,
                'tear_away',
            )->on(Fact::Structure, Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'tear_away_cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                new Layers(Backing::TearAway, 2),
                Question::CapBacking,
                'always_tear_away',
            )->on(Fact::Garment, Fact::HouseRules),
            Rule::saying(
                SetupTopic::Backing,
                'cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                new Layers(Backing::TearAway, 2),
            )->on(Fact::Structure, Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'seen_from_behind',
                static fn(Facts $f): bool => $f->item->garment->isHeavyCloth(),
                new Layers(Backing::TearAway, 1),
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'stocking',
                static fn(Facts $f): bool => $f->item->garment === G::Stocking,
                new Layers(Backing::TearAway, 1),
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'tube',
                static fn(Facts $f): bool => $f->item->isNarrowTube(),
                new Layers(Backing::Mesh, 1),
            )->on(Fact::Garment, Fact::Position),
            Rule::saying(
                SetupTopic::Backing,
                'off_cuts',
                static fn(Facts $f): bool => $f->item->isClamped(),
                new Layers(Backing::TearAway, 1),
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'applied_on_sweatshirt',
                static fn(Facts $f): bool => $f->item->garment === G::Hoodie && $f->design->applied->stops > 0,
                new Layers(Backing::TearAway, 2),
                Question::AppliqueBacking,
                'tear_away',
            )->on(Fact::AppliedStops, Fact::HouseRules),
            Rule::saying(
                SetupTopic::Backing,
                'stuck_on_hooped',
                static fn(Facts $f): bool => $f->item->isStuckOn(),
                new Layers(Backing::TearAway, 2, true),
            )->on(Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'pale_thin_knit',
                static fn(Facts $f): bool => $showsThrough($f) && $isThinKnit($f),
                new Layers(Backing::Mesh, 2, true),
            )->on(Fact::Pale, Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'pale_and_light',
                $showsThrough,
                new Layers(Backing::Mesh, 2),
            )->on(Fact::Pale, Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'thin_knit',
                static fn(Facts $f): bool => $isThinKnit($f) || $f->item->cloth->fabric === F::Fleece,
                new Layers(Backing::Cutaway, 2, true),
            )->on(Fact::Fabric, Fact::Stretch),
            Rule::saying(
                SetupTopic::Backing,
                'soft_knit',
                static fn(Facts $f): bool => $f->item->cloth->fabric->isKnit(),
                new Layers(Backing::Cutaway, 2),
            )->on(Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'padded',
                static fn(Facts $f): bool => $f->item->garment === G::PaddedJacket
                    || $f->item->cloth->fabric === F::Quilted,
                new Layers(Backing::Cutaway, 1),
            )->on(Fact::Garment, Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'jacket_cutaway',
                static fn(Facts $f): bool => $f->item->garment === G::Jacket,
                new Layers(Backing::Cutaway, 1),
                Question::JacketBacking,
                'cutaway',
            )->on(Fact::HouseRules, Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'jacket_tear_away',
                static fn(Facts $f): bool => $f->item->garment === G::Jacket,
                new Layers(Backing::TearAway, 2),
                Question::JacketBacking,
                'tear_away',
            )->on(Fact::HouseRules, Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'stable_woven',
                static fn(Facts $f): bool => true,
                new Layers(Backing::TearAway, 2),
            )->on(Fact::Fabric, Fact::Garment),
        ];
    }
}
