<?php

declare(strict_types=1);

namespace App\Setup;

use App\Models\Artwork;
use App\Models\Decoration;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Placement\Edge;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Setup\Tube\Motif;
use Hakama\Stitch\Band;
use Illuminate\Support\Facades\Cache;

/**
 * What goes along one tube: every artwork of the line at this place, one after the other in the order in which they
 * were written down, each in the bands in which it is sewn. All distances are from the end that is measured from.
 */
final readonly class TubePlan
{
    /** @param list<array{Artwork, float}> $artworks with where each begins, mm */
    private function __construct(public Hoopings $hoopings, public array $artworks, public string $end) {}

    /**
     * @param list<array{int, Artwork, float}> $along what lies along the tube, as `along()` has it
     * @param Placement                            $placement of one of them, $ownMm of the way along
     * @param float                            $reachMm what is sewn of the tube at one hooping
     */
    public static function of(
        array $along,
        Placement $placement,
        float $ownMm,
        float $reachMm,
        HouseRules $rules,
    ): self {
        $first = abs($placement->downMm) - $ownMm;
        $motifs = $artworks = [];
        foreach ($along as [, $artwork, $at]) {
            $bands = self::bands($artwork, $rules->value(HouseRule::TubeBand));
            foreach ($bands as $i => $band) {
                // Measured down from a waistband the upper edge comes first, up from a hem the lower one.
                [$from, $to] =
                    $placement->edge === Edge::Upper
                        ? [$artwork->top_mm - $band->top, $artwork->top_mm - $band->bottom]
                        : [$band->bottom - $artwork->bottom_mm, $band->top - $artwork->bottom_mm];
                $motifs[] = new Motif(
                    $artwork->name.(count($bands) > 1 ? ', part '.($i + 1) : ''),
                    $first + $at + $from,
                    $first + $at + $to,
                );
            }
            $artworks[] = [$artwork, $first + $at];
        }

        return new self(Hoopings::of($motifs, $reachMm), $artworks, $placement->datum->value);
    }

    /**
     * @return list<array{int, Artwork, float}> decorations of this line at this place, each with how far along the
     *     tube it begins after the first
     */
    public static function along(Decoration $decoration, HouseRules $rules): array
    {
        $along = [];
        $at = 0.0;
        $decoration->line->loadMissing('decorations.artwork.blocks.thread');
        foreach ($decoration->line->decorations->where('position', $decoration->position)->sortBy('id') as $one) {
            // A part that is run apart lies where the rest of it lies.
            if ($one->split_from_id !== null) {
                continue;
            }
            if ($one->artwork?->read_at !== null) {
                $along[] = [$one->id, $one->artwork, $at];
                $at += $one->artwork->bounds()->height() + $rules->value(HouseRule::TubeGap);
            }
        }

        return $along;
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
