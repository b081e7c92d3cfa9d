<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Fabric as F;
use Hakama\Garment\Garment as G;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\Machine\NeedleType;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;

/**
 * Size and point of the needle: the first rule that applies and is of the house's school holds, and the last always
 * applies.
 */
final class NeedleRules
{
    /** @return non-empty-list<Rule<NeedleType>> */
    public static function all(): array
    {
        /** @var non-empty-list<Rule<NeedleType>>|null $kept */
        static $kept = null;
        return $kept ??= [
            Rule::saying(
                SetupTopic::Needle,
                'fine_thread',
                static fn(Facts $f, HouseRules $h): bool => $f->design->isFine($h->value(HouseRule::SmallLetter)),
                NeedleType::forThread(60),
                strength: Strength::Must,
            )->on(Fact::SmallestLetter),
            Rule::saying(
                SetupTopic::Needle,
                'thick_cap',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->structure === Structure::Structured,
                new NeedleType('80/12', 'sharp'),
            )->on(Fact::Structure, Fact::Garment),
            Rule::saying(
                SetupTopic::Needle,
                'heavy_woven',
                static fn(Facts $f): bool => in_array($f->item->cloth->fabric, [F::Canvas, F::Denim], true),
                new NeedleType('80/12', 'sharp'),
            )->on(Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'thick',
                // Fleece, pile and padding are thick and soft: there is little to sew through.
                static fn(Facts $f): bool => $f->item->cloth->thickness === Thickness::Heavy
                    && $f->item->garment !== G::PaddedJacket
                    && ! $f->item->cloth->fabric->isKnit()
                    && ! in_array($f->item->cloth->fabric, [F::Plush, F::Quilted], true),
                new NeedleType('80/12', 'sharp'),
            )->on(Fact::Thickness, Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'open_knit',
                static fn(Facts $f): bool => in_array($f->item->cloth->fabric, [F::Pique, F::RibKnit], true),
                new NeedleType('75/11', 'ballpoint'),
            )->on(Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'technical_knit_ballpoint',
                static fn(Facts $f): bool => $f->item->cloth->fabric === F::TechnicalKnit,
                new NeedleType('75/11', 'ballpoint'),
                Question::KnitNeedle,
                'ballpoint',
            )->on(Fact::HouseRules, Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'technical_knit_sharp',
                static fn(Facts $f): bool => $f->item->cloth->fabric === F::TechnicalKnit,
                new NeedleType('75/11', 'sharp'),
                Question::KnitNeedle,
                'sharp',
            )->on(Fact::HouseRules, Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'usual',
                static fn(Facts $f): bool => true,
                new NeedleType('75/11', 'sharp'),
            )->on(Fact::Fabric, Fact::Thickness, Fact::Structure),
        ];
    }
}
