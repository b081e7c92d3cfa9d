<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Fabric as F;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\Machine\NeedleType;
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
            ),
            Rule::saying(
                SetupTopic::Needle,
                'thick',
                'a structured cap, canvas, denim, or anything thick',
                static fn(Facts $f): bool => $f->item->structure->needsCapFrame()
                    || in_array($f->item->cloth->fabric, [F::Canvas, F::Denim], true)
                    || $f->item->cloth->thickness === Thickness::Heavy,
                new NeedleType('80/12', 'sharp'),
                'Thick caps, canvas and denim bend a thinner needle.',
            ),
            Rule::saying(
                SetupTopic::Needle,
                'open_knit',
                'piqué or rib',
                static fn(Facts $f): bool => in_array($f->item->cloth->fabric, [F::Pique, F::RibKnit], true),
                new NeedleType('75/11', 'ballpoint'),
                'A ballpoint parts the loops of an open knit instead of cutting them.',
            ),
            Rule::saying(
                SetupTopic::Needle,
                'technical_knit_ballpoint',
                'a technical knit, by the ballpoint school',
                static fn(Facts $f): bool => $f->item->cloth->fabric === F::TechnicalKnit,
                new NeedleType('75/11', 'ballpoint'),
                'A ballpoint slips between the threads of a knit with small holes; try it on a scrap first.',
                Question::KnitNeedle,
                'ballpoint',
            ),
            Rule::saying(
                SetupTopic::Needle,
                'technical_knit_sharp',
                'a technical knit, by the sharp school',
                static fn(Facts $f): bool => $f->item->cloth->fabric === F::TechnicalKnit,
                new NeedleType('75/11', 'sharp'),
                'A sharp needle sews clean edges on a tight technical knit.',
                Question::KnitNeedle,
                'sharp',
            ),
            Rule::saying(
                SetupTopic::Needle,
                'usual',
                'anything else',
                static fn(Facts $f): bool => true,
                new NeedleType('75/11', 'sharp'),
                'The usual needle for cloth that is neither thick nor open.',
            ),
        ];
    }
}
