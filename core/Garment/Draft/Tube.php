<?php

declare(strict_types=1);

namespace Hakama\Garment\Draft;

use Hakama\Garment\Datum;
use Hakama\Garment\Panel;
use Hakama\Garment\Seam;
use Hakama\Garment\Shape;
use Hakama\Stitch\Point;

/** Sleeves, legs, stockings. */
final class Tube
{
    /** Of a leg's length: how deep the rise is. */
    private const RISE = 0.26;

    /** A sleeve hangs with its hem below, a leg from its waistband; the outer seam or crease is the centre line. */
    public static function tube(Panel $panel, float $width, float $length, ?float $upper = null): Shape
    {
        $wide = $upper ?? $width * 1.35;
        // The inner seam of a leg ends at the crotch, and the rise goes from there to the waistband.
        $rise = self::RISE * $length;
        $inner = $panel === Panel::Leg ? [new Point($wide / 2, -$rise), new Point($wide * 0.4, 0)] : [new Point($wide / 2, 0)];
        $outline = [
            new Point(-$width / 2, -$length),
            new Point($width / 2, -$length),
            ...$inner,
            new Point(-$wide / 2, 0),
        ];
        $upper = $panel === Panel::Leg ? 'waistband' : 'upper_end';

        return new Shape(
            $panel,
            $outline,
            [
                new Seam('outer_seam_or_crease', new Point(0, 0), new Point(0, -$length)),
                new Seam($upper, new Point(-$wide / 2, 0), new Point($wide / 2, 0)),
                new Seam('hem', new Point(-$width / 2, -$length), new Point($width / 2, -$length)),
            ],
            [
                Datum::Hem->value => new Point(0, -$length),
                Datum::Waistband->value => new Point(0, 0),
                Datum::Middle->value => new Point(0, -$length / 2),
            ],
        );
    }

    /** It hangs from its opening; heel and foot are below, and what is sewn goes on the leg. */
    public static function stocking(float $width, float $length, float $cuff): Shape
    {
        $half = $width / 2;
        $ankle = -0.62 * $length;
        $leg = [
            new Point(-$half, 0),
            new Point(-$half, $ankle),
            new Point($half, $ankle),
            new Point($half, 0),
        ];
        $outline = [
            new Point(-$half, 0),
            new Point(-$half, $ankle),
            new Point(-1.12 * $half, -0.74 * $length),
            new Point(-0.95 * $half, -0.9 * $length),
            new Point(-0.3 * $half, -$length),
            new Point(1.5 * $half, -$length),
            new Point(2.15 * $half, -0.93 * $length),
            new Point(2.2 * $half, -0.8 * $length),
            new Point(1.8 * $half, -0.71 * $length),
            new Point($half, $ankle),
            new Point($half, 0),
        ];

        return new Shape(
            Panel::Leg,
            $outline,
            [
                new Seam('outer_seam_or_crease', new Point(0, 0), new Point(0, $ankle)),
                new Seam('opening', new Point(-$half, 0), new Point($half, 0)),
            ],
            [
                Datum::Hem->value => new Point(0, $ankle),
                Datum::Waistband->value => new Point(0, 0),
                Datum::CuffFold->value => new Point(0, 0),
                Datum::Middle->value => new Point(0, $ankle / 2),
            ],
            $leg,
            [
                'cuff' => [new Point(-$half, -$cuff), new Point($half, -$cuff)],
                'heel' => [
                    new Point(-$half, $ankle),
                    new Point(-0.25 * $half, -0.78 * $length),
                    new Point(-0.95 * $half, -0.9 * $length),
                ],
                'toe' => [new Point(1.5 * $half, -$length), new Point(1.55 * $half, -0.72 * $length)],
            ],
        );
    }
}
