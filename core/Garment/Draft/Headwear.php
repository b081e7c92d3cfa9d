<?php

declare(strict_types=1);

namespace Hakama\Garment\Draft;

use Hakama\Garment\Datum;
use Hakama\Garment\Panel;
use Hakama\Garment\Position;
use Hakama\Garment\Seam;
use Hakama\Garment\Shape;
use Hakama\Stitch\Point;

/** Caps and knit hats, opened flat. */
final class Headwear
{
    /** On the front half of a cuff. */
    private const RIBS = 18;

    /**
     * A quarter of the way round to each side, opened flat: nought is the seam at the bill, the sweatband or the
     * strap.
     */
    public static function cap(Position $position, float $circumference, float $height): Shape
    {
        $half = $circumference / 4;
        $outline = [new Point(-$half, 0), new Point($half, 0)];
        for ($i = 1; $i < 24; $i++) {
            $t = (M_PI * $i) / 24;
            // A flattened dome: broad shoulders, as the panels of a cap have them.
            $outline[] = new Point($half * (cos($t) <=> 0) * abs(cos($t)) ** 0.6, $height * sin($t) ** 0.6);
        }
        $datum = match ($position) {
            Position::CapSide => Datum::SweatbandSeam,
            Position::CapBack => Datum::StrapOpening,
            default => Datum::BillSeam,
        };

        return new Shape(
            Panel::Cap,
            $outline,
            [
                new Seam(
                    $position === Position::CapBack
                        ? 'back_seam'
                        : ($position === Position::CapSide
                            ? 'middle_of_the_side'
                            : 'front_seam'),
                    new Point(0, 0),
                    new Point(0, $height),
                ),
                new Seam($datum->value, new Point(-$half, 0), new Point($half, 0)),
            ],
            [$datum->value => new Point(0, 0), Datum::Middle->value => new Point(0, $height / 2)],
            topMm: $height,
        );
    }

    /** Nought is the upper fold of the cuff. */
    public static function hat(float $circumference, float $height, float $cuff): Shape
    {
        $half = $circumference / 4;
        $outline = [new Point(-$half, -$cuff), new Point($half, -$cuff), new Point($half, 0)];
        for ($i = 1; $i < 16; $i++) {
            $t = (M_PI * $i) / 16;
            $outline[] = new Point($half * cos($t), ($height - $cuff) * sin($t) ** 0.7);
        }
        $outline[] = new Point(-$half, 0);

        return new Shape(
            Panel::Hat,
            $outline,
            [
                new Seam('upper_fold_of_the_cuff', new Point(-$half, 0), new Point($half, 0)),
                new Seam('opposite_the_join', new Point(0, 0), new Point(0, -$cuff)),
            ],
            [Datum::CuffFold->value => new Point(0, 0), Datum::Middle->value => new Point(0, -$cuff / 2)],
            parts: ['rib' => self::ribs($half, $cuff), 'crown' => self::gathers($half, $height - $cuff)],
        );
    }

    /**
     * Up and down along a cuff.
     *
     * @return non-empty-list<Point>
     */
    private static function ribs(float $half, float $cuff): array
    {
        $points = [new Point(-$half, -$cuff)];
        foreach (range(0, self::RIBS) as $i) {
            $x = -$half + $i * 2 * $half / self::RIBS;
            $ends = [new Point($x, -$cuff), new Point($x, 0)];
            array_push($points, ...($i % 2 === 0 ? $ends : array_reverse($ends)));
        }

        return $points;
    }

    /**
     * Where the crown is gathered: from the top down and back, five times.
     *
     * @return non-empty-list<Point>
     */
    private static function gathers(float $half, float $high): array
    {
        $points = [new Point(0, $high)];
        foreach ([-0.3, -0.15, 0.0, 0.15, 0.3] as $share) {
            array_push($points, new Point($share * $half, 0.8 * $high), new Point(0, $high));
        }

        return $points;
    }
}
