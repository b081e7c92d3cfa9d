<?php

declare(strict_types=1);

namespace Hakama\Garment\Draft;

use Hakama\Garment\Datum;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Measures;
use Hakama\Garment\Panel;
use Hakama\Garment\Seam;
use Hakama\Garment\Shape;
use Hakama\Stitch\Point;

/** Pockets, and what is laid flat: blankets, towels, aprons, bags, gloves, loose pieces. */
final class Flat
{
    /** Edgings of blankets and towels, mm. */
    private const EDGING = 15.0;

    public static function pocket(float $width, float $height): Shape
    {
        return new Shape(
            Panel::Pocket,
            [
                new Point(-$width / 2, -$height),
                new Point($width / 2, -$height),
                new Point($width / 2, 0),
                new Point(-$width / 2, 0),
            ],
            [new Seam('upper_edge_of_the_pocket', new Point(-$width / 2, 0), new Point($width / 2, 0))],
            [Datum::PocketEdge->value => new Point(0, 0), Datum::Middle->value => new Point(0, -$height / 2)],
        );
    }

    /** Nought is the middle. The corner is the one at the lower right, inside the edging. */
    public static function flat(Garment $garment, float $width, float $height, Measures $mm = new Measures()): Shape
    {
        [$w, $h] = [$width / 2, $height / 2];
        $bib = ($mm->mm(Measure::BibWidth) ?? 0.44 * $width) / 2;
        $neckline = $h - ($mm->mm(Measure::BibHeight) ?? 0.35 * $height);
        $outline = match ($garment) {
            Garment::Apron => [
                new Point(-$w, -$h),
                new Point($w, -$h),
                new Point($w, $neckline - 0.06 * $height),
                new Point($bib, $neckline),
                new Point($bib, $h),
                new Point(-$bib, $h),
                new Point(-$bib, $neckline),
                new Point(-$w, $neckline - 0.06 * $height),
            ],
            Garment::Glove => [
                new Point(-$w * 0.8, -$h),
                new Point($w * 0.8, -$h),
                new Point($w, -$h * 0.6),
                new Point($w, $h),
                new Point(-$w, $h),
                new Point(-$w, -$h * 0.6),
            ],
            default => [new Point(-$w, -$h), new Point($w, -$h), new Point($w, $h), new Point(-$w, $h)],
        };
        $edging = in_array($garment, [Garment::Blanket, Garment::Towel], true) ? self::EDGING : 0.0;

        return new Shape(
            Panel::Flat,
            $outline,
            [
                new Seam('middle', new Point(0, -$h), new Point(0, $h)),
                ...$edging > 0.0
                    ? [
                        new Seam('edging', new Point(-$w, -$h + $edging), new Point($w, -$h + $edging)),
                        new Seam('edging', new Point($w - $edging, -$h), new Point($w - $edging, $h)),
                    ]
                    : [],
            ],
            [
                Datum::CornerInside->value => new Point($w - $edging, -$h + $edging),
                Datum::Hem->value => new Point(0, -$h),
                Datum::Middle->value => new Point(0, 0),
            ],
            topMm: $h,
        );
    }
}
