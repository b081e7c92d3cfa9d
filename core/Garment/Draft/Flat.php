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
    /** How far each finger of a glove reaches, of the way from their roots to its end: the little one last. */
    private const FINGERS = [0.88, 1.0, 0.93, 0.74];

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
            Garment::Glove => self::hand($w, $h, $mm),
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
            $garment === Garment::Glove ? self::palm($w, $h) : null,
            self::parts($garment, $w, $h, $bib, $neckline, $mm),
            topMm: $h,
        );
    }

    /**
     * Where a glove may be sewn and a frame lies: its fingers are in it, as far as they are side by side.
     *
     * @return non-empty-list<Point>
     */
    private static function palm(float $w, float $h): array
    {
        return [
            new Point(-$w * 0.8, -$h),
            new Point($w * 0.8, -$h),
            new Point($w, -$h * 0.6),
            new Point($w, $h),
            new Point(-$w, $h),
            new Point(-$w, -$h * 0.6),
        ];
    }

    /**
     * A glove as it lies there, the cuff above, the thumb at its left.
     *
     * @return non-empty-list<Point>
     */
    private static function hand(float $w, float $h, Measures $mm): array
    {
        $roots = $h - ($mm->mm(Measure::CuffHeight) ?? 0.3 * $h) - ($mm->mm(Measure::FingerRoots) ?? 0.8 * $h);
        $root = $roots + 0.62 * ($h - $roots);
        $outline = [
            new Point(-$w, $h),
            new Point(-$w, $root),
            new Point(-1.42 * $w, $root - 0.28 * $h),
            new Point(-1.72 * $w, $root - 0.58 * $h),
            new Point(-1.7 * $w, $root - 0.68 * $h),
            new Point(-1.56 * $w, $root - 0.72 * $h),
            new Point(-1.4 * $w, $root - 0.66 * $h),
            new Point(-$w, $root - 0.4 * $h),
            new Point(-$w, $roots),
        ];
        $wide = 2 * $w / count(self::FINGERS);
        foreach (self::FINGERS as $i => $share) {
            $left = -$w + $i * $wide;
            $tip = $roots - $share * ($roots + $h);
            for ($step = 0; $step <= 6; $step++) {
                $turn = M_PI * $step / 6;
                $outline[] = new Point(
                    $left + $wide / 2 - 0.46 * $wide * cos($turn),
                    $tip + 0.46 * $wide * (1 - sin($turn)),
                );
            }
            $outline[] = new Point($left + 0.96 * $wide, $roots);
        }
        $outline[] = new Point($w, $h);

        return $outline;
    }

    /**
     * What shows what it is, beside its outline.
     *
     * @return array<string, non-empty-list<Point>>
     */
    private static function parts(
        Garment $garment,
        float $w,
        float $h,
        float $bib,
        float $neckline,
        Measures $mm,
    ): array {
        return match ($garment) {
            Garment::Bag => [
                'handle' => self::loop(-$w + ($mm->mm(Measure::HandleAt) ?? 0.45 * $w), $h, 0.75 * $h, 25.0),
            ],
            Garment::Apron => [
                'neck_strap' => self::loop(-$bib, $h, 0.35 * $h, 22.0),
                'ties' => [
                    new Point(-1.4 * $w, $neckline - 0.32 * $h),
                    new Point(-$w, $neckline - 0.12 * $h),
                    new Point($w, $neckline - 0.12 * $h),
                    new Point(1.4 * $w, $neckline - 0.32 * $h),
                ],
            ],
            default => [],
        };
    }

    /**
     * A band from one end of an edge to the other, there and back.
     *
     * @return non-empty-list<Point>
     */
    private static function loop(float $from, float $edge, float $high, float $wide): array
    {
        $points = [];
        foreach ([0.0, $wide] as $in) {
            $half = [];
            for ($step = 0; $step <= 12; $step++) {
                $turn = M_PI * (1 - $step / 12);
                $half[] = new Point((abs($from) - $in) * cos($turn), $edge + max(0.0, $high - $in) * sin($turn));
            }
            $points = [...$points, ...($in > 0.0 ? array_reverse($half) : $half)];
        }
        assert($points !== []);

        return $points;
    }
}
