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
                'fine thread',
                static fn(Facts $f, HouseRules $h): bool => $f->design->isFine($h->value(HouseRule::SmallLetter)),
                NeedleType::forThread(60),
                '60-weight thread goes with the 65/9.',
                strength: Strength::Must,
            )->on(Fact::SmallestLetter),
            Rule::saying(
                SetupTopic::Needle,
                'thick_cap',
                'a structured cap',
                static fn(Facts $f): bool => $f->item->isOnCap() && $f->item->structure === Structure::Structured,
                new NeedleType('80/12', 'sharp'),
                'The stiff front of a structured cap bends a thinner needle.',
            )->on(Fact::Structure, Fact::Garment),
            Rule::saying(
                SetupTopic::Needle,
                'heavy_woven',
                'canvas or denim',
                static fn(Facts $f): bool => in_array($f->item->cloth->fabric, [F::Canvas, F::Denim], true),
                new NeedleType('80/12', 'sharp'),
                'Canvas and denim bend a thinner needle.',
            )->on(Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'thick',
                'any other thick cloth, but for knits, pile and padding',
                // Fleece, pile and padding are thick and soft: there is little to sew through.
                static fn(Facts $f): bool => $f->item->cloth->thickness === Thickness::Heavy
                    && $f->item->garment !== G::PaddedJacket
                    && ! $f->item->cloth->fabric->isKnit()
                    && ! in_array($f->item->cloth->fabric, [F::Plush, F::Quilted], true),
                new NeedleType('80/12', 'sharp'),
                'Cloth this thick bends a thinner needle.',
            )->on(Fact::Thickness, Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'open_knit',
                'piqué or rib',
                static fn(Facts $f): bool => in_array($f->item->cloth->fabric, [F::Pique, F::RibKnit], true),
                new NeedleType('75/11', 'ballpoint'),
                'A ballpoint parts the loops of an open knit instead of cutting them.',
            )->on(Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'technical_knit_ballpoint',
                'a technical knit, by the ballpoint school',
                static fn(Facts $f): bool => $f->item->cloth->fabric === F::TechnicalKnit,
                new NeedleType('75/11', 'ballpoint'),
                'A ballpoint slips between the threads of a knit with small holes; try it on a scrap first.',
                Question::KnitNeedle,
                'ballpoint',
            )->on(Fact::HouseRules, Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'technical_knit_sharp',
                'a technical knit, by the sharp school',
                static fn(Facts $f): bool => $f->item->cloth->fabric === F::TechnicalKnit,
                new NeedleType('75/11', 'sharp'),
                'A sharp needle sews clean edges on a tight technical knit.',
                Question::KnitNeedle,
                'sharp',
            )->on(Fact::HouseRules, Fact::Fabric),
            Rule::saying(
                SetupTopic::Needle,
                'usual',
                'anything else',
                static fn(Facts $f): bool => true,
                new NeedleType('75/11', 'sharp'),
                'Nothing here bends the usual needle, and it has no open loops to part.',
            )->on(Fact::Fabric, Fact::Thickness, Fact::Structure),
        ];
    }
}
