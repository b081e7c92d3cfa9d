<?php

declare(strict_types=1);

namespace App\Setup;

use App\Models\Artwork;
use App\Models\Decoration;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Setup\Edge;
use Hakama\Setup\Hoopings;
use Hakama\Setup\Motif;
use Hakama\Setup\Place;
use Hakama\Stitch\Band;
use Illuminate\Support\Facades\Cache;

/**
 * What goes along one tube: every artwork of the line at this place, one after the other in the order in which they were
 * written down, each in the bands in which it is sewn. All distances are from the end that is measured from.
 */
final readonly class TubePlan
{
    /** @param list<array{Artwork, float}> $artworks with where each begins, mm */
    private function __construct(
        public Hoopings $hoopings,
        public array $artworks,
        public string $end,
    ) {}

    public static function of(Decoration $decoration, Place $place, HouseRules $rules): self
    {
        $along = Decoration::query()->with('artwork.blocks.thread')->where('order_line_id', $decoration->order_line_id)->where('position', $decoration->position)->whereNotNull('artwork_id')->orderBy('id')->get();
        $motifs = $artworks = [];
        $at = abs($place->downMm);
        foreach ($along as $one) {
            if ($one->artwork?->read_at === null) {
                continue;
            }
            $bands = self::bands($one->artwork, $rules->value(HouseRule::TubeBand));
            foreach ($bands as $i => $band) {
                // Measured down from a waistband the upper edge comes first, up from a hem the lower one.
                [$from, $to] = $place->edge === Edge::Upper
                    ? [$one->artwork->top_mm - $band->top, $one->artwork->top_mm - $band->bottom]
                    : [$band->bottom - $one->artwork->bottom_mm, $band->top - $one->artwork->bottom_mm];
                $motifs[] = new Motif($one->artwork->name.(count($bands) > 1 ? ', part '.($i + 1) : ''), $at + $from, $at + $to);
            }
            $artworks[] = [$one->artwork, $at];
            $at += $one->artwork->bounds()->height() + $rules->value(HouseRule::TubeGap);
        }

        return new self(Hoopings::of($motifs, $rules->value(HouseRule::TubeReach)), $artworks, $place->datum->value);
    }

    /** @return list<Band> found in the tape once, and kept as long as it is the same tape */
    private static function bands(Artwork $artwork, float $gapMm): array
    {
        $kept = Cache::rememberForever("bands-{$artwork->checksum}-{$gapMm}", static fn(): array => array_map(static fn(Band $band): array => [$band->bottom, $band->top], Band::of($artwork->pattern(), $gapMm)));

        return array_map(static fn(array $band): Band => new Band((float) $band[0], (float) $band[1]), $kept);
    }
}
