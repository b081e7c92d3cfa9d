<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Measures;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Surface;
use Hakama\Garment\Thickness;
use Hakama\Machine\Driver;
use Hakama\Setup\Facts\Applied;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\Letters;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Facts\OrderVerdict;
use Hakama\Setup\Facts\WorkHistory;
use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Stitch\Figures\Verdict;

/** Facts for a test: what it is not about is left out. */
final class FactsFactory
{
    /**
     * @param list<Driver> $drivers
     * @param list<\Hakama\Words\Text> $overlaps
     */
    public static function of(
        Garment $garment,
        Fabric $fabric,
        Structure $structure,
        Profile $profile,
        Position $position,
        float $widthMm,
        float $heightMm,
        int $stitches,
        int $threadWeight,
        array $drivers,
        int $colours = 1,
        ?float $smallestLetterMm = null,
        int $appliqueStops = 0,
        ?Verdict $centreOut = null,
        ?Verdict $bottomUp = null,
        ?Stretch $stretch = null,
        ?Thickness $thickness = null,
        bool $pale = false,
        ?float $neckOpeningMm = null,
        ?float $armWidthMm = null,
        ?int $unitValueCents = null,
        ?bool $practised = null,
        ?int $needles = null,
        ?bool $turnsCapsItself = null,
        ?bool $gapUnderCarriage = null,
        ?Size $size = null,
        ?Surface $surface = null,
        Measures $measures = new Measures(),
        ?FoundPlacement $kept = null,
        ?int $garments = null,
        ?int $spares = null,
        float $alongMm = 0.0,
        array $overlaps = [],
        ?PatchBack $back = null,
        bool $clothFirst = false,
    ): Facts {
        $neck = $neckOpeningMm === null ? [] : [Measure::NeckOpening->value => $neckOpeningMm];

        return new Facts(
            new Design(
                $widthMm,
                $heightMm,
                $stitches,
                $threadWeight,
                $colours,
                new Letters($smallestLetterMm),
                new Applied($appliqueStops, $clothFirst),
                new OrderVerdict($centreOut, $bottomUp),
            ),
            new Item(
                $garment,
                $position,
                new ClothSpec($fabric, $stretch, $thickness, $pale, $surface),
                $structure,
                $profile,
                $size,
                $measures->orElse(new Measures($neck)),
                $back,
            ),
            new OnMachine($drivers, $needles, $armWidthMm, $turnsCapsItself, $gapUnderCarriage),
            new WorkHistory($garments, $spares, $unitValueCents, $practised, $kept, $alongMm, $overlaps),
        );
    }
}
