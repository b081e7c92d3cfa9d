<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Artwork\Models\Artwork;
use App\Foundation\Words\Words;
use App\Orders\Models\Decoration;
use App\Orders\TypedLine;
use App\Setup\Queries\DecorationSetups;
use App\Shop\Catalogue\Catalogue;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\House\HouseRules;
use Hakama\House\Units;
use Hakama\Setup\Fit\CapFace;

/** What is to be said of an order as far as it is typed, before anything is promised. */
final readonly class OrderCheck
{
    /**
     * @param list<array{string, list<mixed>}> $said     of which line and artwork, and its warnings
     * @param int                              $cents    what the garments cost to replace, as far as it is known
     * @param int                              $unvalued garments of which it is not known
     * @param list<array{string, list<string>, list<string>}> $caps artwork for a cap, the caps of the catalogue that
     *     take it, and those that do not
     */
    private function __construct(
        public array $said,
        public int $garments,
        public int $cents,
        public int $unvalued,
        public array $caps,
    ) {}

    /** @param list<TypedLine|null> $lines null for one that says no garment yet */
    public static function of(array $lines, DecorationSetups $setups, Catalogue $catalogue, HouseRules $house): self
    {
        $artworks = Artwork::query()
            ->whereNotNull('read_at')
            ->findMany(
                array_merge(
                    ...array_map(
                        static fn(?TypedLine $line): array => array_filter(
                            array_column($line->decorations ?? [], 1),
                            static fn(?int $artwork): bool => $artwork !== null,
                        ),
                        $lines,
                    ),
                ),
            )
            ->keyBy('id');
        $said = $caps = [];
        [$garments, $cents, $unvalued] = [0, 0, 0];
        foreach ($lines as $i => $typed) {
            if ($typed === null) {
                continue;
            }
            $worth = $typed->line->unit_value_cents ?? $catalogue->of($typed->line)?->unitValueCents;
            $garments += $typed->garments();
            $cents += $typed->garments() * ($worth ?? 0);
            $unvalued += $worth === null ? $typed->garments() : 0;
            foreach ($typed->sizes === [] ? [] : $typed->decorations as [$position, $artworkId]) {
                $artwork = $artworks[$artworkId ?? 0] ?? null;
                if ($artwork === null) {
                    continue;
                }
                if ($position === Position::CapFront) {
                    $caps[$artwork->id] ??= self::capsFor($artwork, $catalogue, $house);
                }
                $decoration = (new Decoration(['position' => $position, 'artwork_id' => $artwork->id]))
                    ->setRelation('line', $typed->line)
                    ->setRelation('artwork', $artwork);
                $warnings = $setups->warnings($decoration, $typed->sizes);
                if ($warnings !== []) {
                    $said[] = [__('orders.order_check.line', [
                        'line' => $i + 1,
                        'artwork' => $artwork->name,
                        'position' => Words::say($position->label()),
                    ]), $warnings];
                }
            }
        }

        return new self($said, $garments, $cents, $unvalued, array_values($caps));
    }

    /** @return array{string, list<string>, list<string>} */
    private static function capsFor(Artwork $artwork, Catalogue $catalogue, HouseRules $house): array
    {
        [$take, $not, $units] = [[], [], Units::of($house)];
        foreach ($catalogue->styles() as $style) {
            if ($style->garment !== Garment::Cap) {
                continue;
            }
            $face = CapFace::ofStyle($style, $house);
            $words = __('orders.order_check.cap_high', [
                'style' => $style->name,
                'height' => $units->said($face->limitMm),
            ]);
            $face->holds($artwork->bounds()) ? ($take[] = $words) : ($not[] = $words);
        }

        return [
            __('orders.order_check.high_and_wide', [
                'name' => $artwork->name,
                'height' => $units->said($artwork->bounds()->height()),
                'width' => $units->said($artwork->bounds()->width()),
            ]),
            $take,
            $not,
        ];
    }
}
