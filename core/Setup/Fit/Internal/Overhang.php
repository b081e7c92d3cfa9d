<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit\Internal;

use Hakama\Setup\Fit\Slack;
use Hakama\Stitch\Point;

/**
 * How far the outer edge of a frame reaches beyond the cloth it lies on, each way: looked at in sixteen points of it.
 *
 * @internal
 */
final class Overhang
{
    private const POINTS = 16;

    /** @param non-empty-list<Point> $cloth in the sense round */
    public static function of(
        array $cloth,
        Point $middle,
        float $widthMm,
        float $heightMm,
        bool $round,
        bool $overSeams,
    ): Slack {
        $over = ['left' => 0.0, 'right' => 0.0, 'top' => 0.0, 'bottom' => 0.0];
        for ($i = 0; $i < self::POINTS; $i++) {
            $t = (2 * M_PI * $i) / self::POINTS;
            [$c, $s] = [cos($t), sin($t)];
            // The same rays for a rectangle: out to its nearer side.
            $out = $round ? 1.0 : 1 / max(abs($c), abs($s));
            $x = $middle->x + ($c * $out * $widthMm) / 2;
            $y = $middle->y + ($s * $out * $heightMm) / 2;
            [$across, $up] = [self::beyond($cloth, $x, $y, false), self::beyond($cloth, $y, $x, true)];
            if ($across === null && $up === null) {
                continue;
            }
            $sideways = $across !== null && ($up === null || abs($across) <= abs($up));
            if ($sideways && $overSeams) {
                continue;
            }
            $by = $sideways ? $across : $up;
            $side = $sideways ? ($by < 0 ? 'left' : 'right') : ($by < 0 ? 'bottom' : 'top');
            $over[$side] = max($over[$side], abs((float) $by));
        }

        return new Slack($over['left'], $over['right'], $over['top'], $over['bottom']);
    }

    /**
     * How far a point lies beyond the cloth along one axis, below zero on the nearer side.
     *
     * @param non-empty-list<Point> $cloth
     *
     * @return float|null null where the cloth covers it, or there is no cloth at all at that height
     */
    private static function beyond(array $cloth, float $along, float $at, bool $swapped): ?float
    {
        [$least, $most, $inside] = [INF, -INF, false];
        $count = count($cloth);
        for ($i = 0, $j = $count - 1; $i < $count; $j = $i++) {
            [$ax, $ay] = $swapped ? [$cloth[$i]->y, $cloth[$i]->x] : [$cloth[$i]->x, $cloth[$i]->y];
            [$bx, $by] = $swapped ? [$cloth[$j]->y, $cloth[$j]->x] : [$cloth[$j]->x, $cloth[$j]->y];
            if ($ay > $at === $by > $at) {
                continue;
            }
            $cross = $ax + (($bx - $ax) * ($at - $ay)) / ($by - $ay);
            $least = min($least, $cross);
            $most = max($most, $cross);
            $inside = $along < $cross ? ! $inside : $inside;
        }

        return match (true) {
            $inside, $least === INF => null,
            $along < $least => $along - $least,
            $along > $most => $along - $most,
            // In a notch, such as a neck: not beyond it this way.
            default => null,
        };
    }
}
