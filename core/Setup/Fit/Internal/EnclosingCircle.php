<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit\Internal;

use Hakama\Stitch\Point;

/**
 * The smallest circle round a set of points (Welzl's idea, in the order given: the corners of a hull
 * are few, so no shuffling is needed to keep it quick).
 *
 * @internal
 */
final readonly class EnclosingCircle
{
    private const HAIR = 1e-9;

    private function __construct(public Point $middle, public float $radius) {}

    /** @param non-empty-list<Point> $points */
    public static function of(array $points): self
    {
        $circle = new self($points[0], 0.0);
        foreach ($points as $i => $p) {
            if ($circle->holds($p)) {
                continue;
            }
            $circle = new self($p, 0.0);
            for ($j = 0; $j < $i; $j++) {
                if ($circle->holds($points[$j])) {
                    continue;
                }
                $circle = self::across($p, $points[$j]);
                for ($k = 0; $k < $j; $k++) {
                    if (! $circle->holds($points[$k])) {
                        $circle = self::through($p, $points[$j], $points[$k]);
                    }
                }
            }
        }

        return $circle;
    }

    private function holds(Point $p): bool
    {
        return hypot($p->x - $this->middle->x, $p->y - $this->middle->y) <= $this->radius + self::HAIR;
    }

    private static function across(Point $a, Point $b): self
    {
        return new self(new Point(($a->x + $b->x) / 2, ($a->y + $b->y) / 2), hypot($a->x - $b->x, $a->y - $b->y) / 2);
    }

    private static function through(Point $a, Point $b, Point $c): self
    {
        [$bx, $by, $cx, $cy] = [$b->x - $a->x, $b->y - $a->y, $c->x - $a->x, $c->y - $a->y];
        $d = 2 * ($bx * $cy - $by * $cx);
        if (abs($d) < self::HAIR) {
            // In one line: the two furthest apart settle it.
            $pairs = [self::across($a, $b), self::across($a, $c), self::across($b, $c)];
            usort($pairs, static fn(self $one, self $two): int => $two->radius <=> $one->radius);

            return $pairs[0];
        }
        $x = ($cy * ($bx ** 2 + $by ** 2) - $by * ($cx ** 2 + $cy ** 2)) / $d;
        $y = ($bx * ($cx ** 2 + $cy ** 2) - $cx * ($bx ** 2 + $by ** 2)) / $d;

        return new self(new Point($a->x + $x, $a->y + $y), hypot($x, $y));
    }
}
