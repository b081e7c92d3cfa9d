<?php

declare(strict_types=1);

namespace Hakama\Garment\Draft;

use Hakama\Garment\Datum;
use Hakama\Garment\Garment;
use Hakama\Garment\Panel;
use Hakama\Garment\Seam;
use Hakama\Garment\Shape;
use Hakama\Stitch\Point;

/** Front and back of what is worn above the waist. Nought is level with the shoulder seam at the neck. */
final class UpperBody
{
    /** Of a chest width: how far the neck seam reaches to each side, and how deep it falls. */
    private const NECK_HALF = 0.16;
    private const NECK_DROP = 0.16;
    private const BACK_DROP = 0.035;
    private const SHOULDER_DROP = 0.09;
    private const ARMHOLE = 0.46;
    private const SLEEVE_END = 0.26;
    private const HEM_RIB = 60.0;
    private const SLEEVE_FALLS_DEG = 40.0;
    /** Long sleeves hang steeper, so that the whole of them is seen, and are narrower at the cuff. */
    private const LONG_END = 0.19;
    private const LONG_FALLS_DEG = 68.0;

    /** Nought is level with the shoulder seam at the neck. */
    public static function body(
        Garment $garment,
        Panel $panel,
        float $chest,
        float $length,
        float $sleeve,
        ?float $pocketWidth = null,
        ?float $pocketTop = null,
    ): Shape {
        $neck = $chest * self::NECK_HALF;
        $drop = $chest * ($panel === Panel::Front ? self::NECK_DROP : self::BACK_DROP);
        [$tipX, $tipY] = [$chest * 0.45, -$chest * self::SHOULDER_DROP];
        $arm = -$chest * self::ARMHOLE;
        $long = in_array($garment, [Garment::Hoodie, Garment::Jacket, Garment::PaddedJacket], true);
        $reach = $long ? $sleeve : min($sleeve, $chest * 0.42);
        $end = $chest * ($long ? self::LONG_END : self::SLEEVE_END);
        // Sleeves are spread as a garment is laid on a table, so that they cover nothing of the body.
        $falls = deg2rad($long ? self::LONG_FALLS_DEG : self::SLEEVE_FALLS_DEG);
        $cuff = new Point($tipX + $reach * cos($falls), $tipY - $reach * sin($falls));
        $right = [
            new Point($neck, 0),
            new Point($tipX, $tipY),
            $cuff,
            $cuff->moved(-$end * sin($falls), -$end * cos($falls)),
            new Point($chest / 2, $arm),
            new Point($chest / 2, -$length),
        ];
        $collar = [];
        for ($i = 1; $i < 12; $i++) {
            $t = (M_PI * $i) / 12;
            $collar[] = new Point(-$neck * cos($t), -$drop * sin($t));
        }
        $outline = [...$right, ...self::mirrored($right), ...$collar];
        $side = [$right[0], $right[1], $right[4], $right[5]];
        $front = $panel === Panel::Front;
        $seams = [
            new Seam('shoulder_seam', new Point($neck, 0), new Point($tipX, $tipY)),
            new Seam('shoulder_seam', new Point(-$neck, 0), new Point(-$tipX, $tipY)),
            new Seam($front ? 'centre_front' : 'centre_back', new Point(0, -$drop), new Point(0, -$length)),
            new Seam('armhole_seam', new Point($tipX, $tipY), new Point($chest / 2, $arm)),
            new Seam('armhole_seam', new Point(-$tipX, $tipY), new Point(-$chest / 2, $arm)),
        ];

        return new Shape(
            $panel,
            $outline,
            $seams,
            [
                Datum::ShoulderAtNeck->value => new Point(0, 0),
                ($front ? Datum::NeckSeam : Datum::CollarSeam)->value => new Point(0, -$drop),
                Datum::Hem->value => new Point(0, -$length),
                Datum::PocketEdge->value => new Point($chest * 0.22, -$chest * 0.42),
                Datum::Middle->value => new Point(0, -$length / 2),
            ],
            [...$side, ...self::mirrored($side), ...$collar],
            self::parts($garment, $front, $chest, $length, $neck, $drop, $pocketWidth, $pocketTop),
            topMm: -$drop,
        );
    }

    /** @return array<string, list<Point>> the hood and pocket of a hoodie, the collar of a jacket and where it opens */
    private static function parts(
        Garment $garment,
        bool $front,
        float $chest,
        float $length,
        float $neck,
        float $drop,
        ?float $pocketWidth,
        ?float $pocketTop,
    ): array {
        $hem = min(self::HEM_RIB, 0.1 * $length);
        $half = ($pocketWidth ?? 0.6 * $chest) / 2;
        $top = $pocketTop ?? 0.3 * $length;
        // Its openings slant from the sides to the upper edge.
        $pocket = [
            new Point(-$half, -$length + $hem),
            new Point(-$half, -$length + $hem + 0.4 * ($top - $hem)),
            new Point(-0.67 * $half, -$length + $top),
            new Point(0.67 * $half, -$length + $top),
            new Point($half, -$length + $hem + 0.4 * ($top - $hem)),
            new Point($half, -$length + $hem),
        ];
        $rib = [new Point(-$chest / 2, -$length + $hem), new Point($chest / 2, -$length + $hem)];
        $collar = [
            new Point(-$neck, 0),
            new Point(-0.8 * $neck, 0.12 * $chest),
            new Point(0.8 * $neck, 0.12 * $chest),
            new Point($neck, 0),
        ];

        return match ($garment) {
            Garment::Hoodie => [
                'hood' => self::hood($neck, 0.42 * $chest, $front ? 0.0 : $drop),
                'rib' => $rib,
                ...$front ? ['pocket' => $pocket] : [],
            ],
            Garment::Jacket, Garment::PaddedJacket => [
                'collar' => $collar,
                'rib' => $rib,
                ...$front ? ['opening' => [new Point(0, 0.12 * $chest), new Point(0, -$length)]] : [],
            ],
            default => [],
        };
    }

    /** @return list<Point> from the one side of the neck over the top to the other; on a back it hangs down */
    private static function hood(float $neck, float $height, float $hangs): array
    {
        $points = [];
        for ($i = 0; $i <= 16; $i++) {
            $t = (M_PI * $i) / 16;
            $points[] = new Point(
                -1.25 * $neck * cos($t),
                $hangs > 0.0 ? -0.6 * $height * sin($t) : $height * sin($t) ** 0.7,
            );
        }

        return $points;
    }

    /**
     * @param non-empty-list<Point> $right
     *
     * @return non-empty-list<Point> the other side, in the same sense round
     */
    private static function mirrored(array $right): array
    {
        return array_map(static fn(Point $p): Point => new Point(-$p->x, $p->y), array_reverse($right));
    }
}
