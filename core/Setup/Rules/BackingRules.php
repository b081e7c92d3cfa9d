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
                'a soft cap, or one with a soft liner',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->structure->isSoft(),
                new Layers(Backing::Cutaway, 1),
                'A soft front does not carry the stitches by itself: one layer of cutaway stays in.',
                Question::CapBacking,
                'cutaway',
            )->on(Fact::Structure, Fact::HouseRules),
            Rule::saying(
                SetupTopic::Backing,
                'dense_cap',
                'a dense design on any cap',
                static fn(Facts $f, HouseRules $h): bool => $f->item->isOnCap() && $f->isDense($h),
                new Layers(Backing::Cutaway, 1),
                'A dense design on a cap needs support that stays in: one layer of cutaway.',
                Question::CapBacking,
                'cutaway',
            )->on(Fact::Stitches, Fact::HouseRules),
            Rule::saying(
                SetupTopic::Backing,
                'soft_cap',
                'a soft cap',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->structure === Structure::Unstructured,
                new Layers(Backing::Cutaway, 1),
                'A soft cap has nothing that carries the stitches: one layer of cutaway stays in.',
                Question::CapBacking,
                'tear_away',
            )->on(Fact::Structure, Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'tear_away_cap',
                'any cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                new Layers(Backing::TearAway, 2),
                'Tear-away keeps any cap from slipping and leaves nothing inside.',
                Question::CapBacking,
                'always_tear_away',
            )->on(Fact::Garment, Fact::HouseRules),
            Rule::saying(
                SetupTopic::Backing,
                'cap',
                'any other cap',
                static fn(Facts $f): bool => $f->item->isOnCap(),
                new Layers(Backing::TearAway, 2),
                'The liner carries the stitches; tear-away keeps the cap from slipping and leaves nothing inside.',
            )->on(Fact::Structure, Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'seen_from_behind',
                'a blanket or a towel',
                static fn(Facts $f): bool => $f->item->garment->isHeavyCloth(),
                new Layers(Backing::TearAway, 1),
                'Both sides are seen: tear-away, so that nothing shows behind.',
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'stocking',
                'a stocking',
                static fn(Facts $f): bool => $f->item->garment === G::Stocking,
                new Layers(Backing::TearAway, 1),
                'A stocking is seen from both sides and hangs: tear-away, pinned clear of the field.',
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'tube',
                'a sleeve or a leg',
                static fn(Facts $f): bool => $f->item->isNarrowTube(),
                new Layers(Backing::Mesh, 1),
                'Fusible mesh cutaway ironed to the inside: it stays put where no hand can smooth it.',
            )->on(Fact::Garment, Fact::Position),
            Rule::saying(
                SetupTopic::Backing,
                'off_cuts',
                'a glove or a pocket',
                static fn(Facts $f): bool => $f->item->isClamped(),
                new Layers(Backing::TearAway, 1),
                'A small off-cut does: the clamp holds it.',
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'applied_on_sweatshirt',
                'cloth applied to a hoodie',
                static fn(Facts $f): bool => $f->item->garment === G::Hoodie && $f->design->applied->stops > 0,
                new Layers(Backing::TearAway, 2),
                'The applied cloth carries the stitches: tear-away under it, and nothing stays inside.',
                Question::AppliqueBacking,
                'tear_away',
            )->on(Fact::AppliedStops, Fact::HouseRules),
            Rule::saying(
                SetupTopic::Backing,
                'stuck_on_hooped',
                'felt for patches, vinyl or leather',
                static fn(Facts $f): bool => $f->item->isStuckOn(),
                new Layers(Backing::TearAway, 2, true),
                'It is not hooped itself: it is stuck on the backing that is.',
            )->on(Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'pale_thin_knit',
                'a thin knit that is pale',
                static fn(Facts $f): bool => $showsThrough($f) && $isThinKnit($f),
                new Layers(Backing::Mesh, 2, true),
                'Cutaway would show through a pale thin knit: two layers of mesh, one stuck lightly to the inside.',
            )->on(Fact::Pale, Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'pale_and_light',
                'any other knit that is pale',
                $showsThrough,
                new Layers(Backing::Mesh, 2),
                'Cutaway would show through pale cloth: two layers of mesh, which does not.',
            )->on(Fact::Pale, Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'thin_knit',
                'technical knit, fleece, or anything that stretches much',
                static fn(Facts $f): bool => $isThinKnit($f) || $f->item->cloth->fabric === F::Fleece,
                new Layers(Backing::Cutaway, 2, true),
                'This cloth puckers: two layers of cutaway, one stuck lightly to the inside.',
            )->on(Fact::Fabric, Fact::Stretch),
            Rule::saying(
                SetupTopic::Backing,
                'soft_knit',
                'any other knit',
                static fn(Facts $f): bool => $f->item->cloth->fabric->isKnit(),
                new Layers(Backing::Cutaway, 2),
                'Knits are worn, stretched and washed: two layers of cutaway stay in.',
            )->on(Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'padded',
                'padding or quilting',
                static fn(Facts $f): bool => $f->item->garment === G::PaddedJacket
                    || $f->item->cloth->fabric === F::Quilted,
                new Layers(Backing::Cutaway, 1),
                'Padding gives way under the needle: cutaway below.',
            )->on(Fact::Garment, Fact::Fabric),
            Rule::saying(
                SetupTopic::Backing,
                'jacket_cutaway',
                'a jacket',
                static fn(Facts $f): bool => $f->item->garment === G::Jacket,
                new Layers(Backing::Cutaway, 1),
                'A jacket is heavy and worn for years: cutaway stays in and holds.',
                Question::JacketBacking,
                'cutaway',
            )->on(Fact::HouseRules, Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'jacket_tear_away',
                'a jacket',
                static fn(Facts $f): bool => $f->item->garment === G::Jacket,
                new Layers(Backing::TearAway, 2),
                'The shell of a jacket carries the stitches: two layers of tear-away.',
                Question::JacketBacking,
                'tear_away',
            )->on(Fact::HouseRules, Fact::Garment),
            Rule::saying(
                SetupTopic::Backing,
                'stable_woven',
                'anything else',
                static fn(Facts $f): bool => true,
                new Layers(Backing::TearAway, 2),
                'A stable woven cloth carries the stitches itself: tear-away.',
            )->on(Fact::Fabric, Fact::Garment),
        ];
    }
}
