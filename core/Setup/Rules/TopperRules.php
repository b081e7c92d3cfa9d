<?php

declare(strict_types=1);

namespace Hakama\Setup\Rules;

use Hakama\Garment\Garment as G;
use Hakama\Garment\Surface;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Facts\Fact;
use Hakama\Setup\Facts\Facts;

/**
 * Whether film lies on top: the first rule that applies and is of the house's school holds, and the last always
 * applies.
 */
final class TopperRules
{
    /** @return non-empty-list<Rule<bool>> */
    public static function all(): array
    {
        /** @var non-empty-list<Rule<bool>>|null $kept */
        static $kept = null;
        return $kept ??= [
            Rule::saying(
                SetupTopic::Topper,
                'textured',
                static fn(Facts $f): bool => $f->item->cloth->surface() !== Surface::Smooth,
                true,
            )->on(Fact::Fabric),
            Rule::saying(
                SetupTopic::Topper,
                'towel_or_hat',
                static fn(Facts $f): bool => in_array(
                    $f->item->garment,
                    [G::Towel, G::Blanket, G::KnitHat, G::PaddedJacket],
                    true,
                ),
                true,
            )->on(Fact::Garment),
            Rule::saying(
                SetupTopic::Topper,
                'small_letters_on_texture',
                static fn(Facts $f, HouseRules $h): bool => $f->item->cloth->fabric->hasTexture()
                    && $f->design->hasSmallLetters($h->value(HouseRule::SmallLetter)),
                true,
            )->on(Fact::SmallestLetter, Fact::Fabric),
            Rule::saying(
                SetupTopic::Topper,
                'smooth',
                static fn(Facts $f): bool => true,
                false,
            )->on(Fact::Fabric, Fact::Garment, Fact::SmallestLetter),
        ];
    }
}
