<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Artwork\Models\Artwork;
use App\Foundation\Words\Words;
use App\Orders\Models\Decoration;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Units;
use Hakama\Setup\Placement\Edge;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Setup\Tube\Motif;
use Hakama\Setup\Tube\TubeLayout;
use Hakama\Stitch\Band;
use Illuminate\Support\Facades\Cache;

/**
 * What goes along one tube: every artwork of the line at this place, one after the other in the order in which they
 * were written down, each in the bands in which it is sewn. All distances are from the end that is measured from.
 */
final readonly class TubePlan
{
    /**
     * @param list<array{Artwork, float}> $artworks with where each begins, mm
     * @param list<string>                $gaps     how far apart they are, in words
     */
    private function __construct(
        public Hoopings $hoopings,
        public array $artworks,
        public array $gaps,
        public string $end,
    ) {}

    /**
     * @param list<Decoration> $along     what lies along the tube, as `along()` has it
     * @param Placement        $placement of one of them: which end is measured from
     * @param float            $reachMm   what is sewn of the tube at one hooping
     */
    public static function of(
        array $along,
        TubeLayout $layout,
        Placement $placement,
        float $reachMm,
        HouseRules $rules,
    ): self {
        $motifs = $artworks = [];
        foreach ($along as $one) {
            $artwork = $one->artwork;
            assert($artwork !== null);
            $at = $layout->startMm($one->id);
            $bands = self::bands($artwork, $rules->value(HouseRule::TubeBand));
            foreach ($bands as $i => $band) {
                // Measured down from a waistband the upper edge comes first, up from a hem the lower one.
                [$from, $to] =
                    $placement->edge === Edge::Upper
                        ? [$artwork->top_mm - $band->top, $artwork->top_mm - $band->bottom]
                        : [$band->bottom - $artwork->bottom_mm, $band->top - $artwork->bottom_mm];
                $motifs[] = new Motif(
                    $artwork->name.(count($bands) > 1 ? ', part '.($i + 1) : ''),
                    $at + $from,
                    $at + $to,
                );
            }
            $artworks[] = [$artwork, $at];
        }

        return new self(
            Hoopings::of($motifs, $reachMm),
            $artworks,
            Words::each($layout->gaps(Units::of($rules))),
            Words::say($placement->datum->label()),
        );
    }

    /** @return list<Decoration> of this line at this place, in the order in which they were written down */
    public static function along(Decoration $decoration): array
    {
        $decoration->line->loadMissing('decorations.artwork.blocks.thread');

        return array_values(
            $decoration->line->decorations
                ->where('position', $decoration->position)
                // A part that is run apart lies where the rest of it lies.
                ->whereNull('split_from_id')
                ->filter(static fn(Decoration $one): bool => $one->artwork?->read_at !== null)
                ->sortBy('id')
                ->all(),
        );
    }

    /** @return list<Band> found in the tape once, and kept as long as it is the same tape */
    public static function bands(Artwork $artwork, float $gapMm): array
    {
        $kept = Cache::rememberForever(
            "bands-{$artwork->checksum}-{$gapMm}",
            static fn(): array => array_map(
                static fn(Band $band): array => [$band->bottom, $band->top],
                Band::of($artwork->pattern(), $gapMm),
            ),
        );

        return array_map(static fn(array $band): Band => new Band((float) $band[0], (float) $band[1]), $kept);
    }
}
