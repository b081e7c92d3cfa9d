<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** The tightest convex outline round the sewn points: what a frame must hold, whichever way it is turned. */
final readonly class ConvexHull
{
    /** @param non-empty-list<Point> $points counter-clockwise, mm */
    private function __construct(public array $points) {}

    /** @param non-empty-list<Point> $points in any order; inner ones are dropped (Andrew's monotone chain) */
    public static function of(array $points): self
    {
        usort($points, static fn(Point $a, Point $b): int => [$a->x, $a->y] <=> [$b->x, $b->y]);
        $lower = self::chain($points);
        $upper = self::chain(array_reverse($points));
        $hull = [...array_slice($lower, 0, -1), ...array_slice($upper, 0, -1)];

        return new self($hull === [] ? [$points[0]] : $hull);
    }

    public function turned(Turn $turn): self
    {
        return new self(array_map(static fn(Point $p): Point => $p->turned($turn), $this->points));
    }

    public function moved(float $dx, float $dy): self
    {
        return new self(array_map(static fn(Point $p): Point => $p->moved($dx, $dy), $this->points));
    }

    public function scaled(float $across, float $up): self
    {
        return new self(array_map(static fn(Point $p): Point => new Point($p->x * $across, $p->y * $up), $this->points));
    }

    /** What of it lies between two heights; null where that is nothing. */
    public function between(float $bottom, float $top): ?self
    {
        $points = $this->points;
        foreach ([[$bottom, 1], [$top, -1]] as [$edge, $side]) {
            $kept = [];
            foreach ($points as $i => $b) {
                $a = $points[($i === 0 ? count($points) : $i) - 1];
                [$aIn, $bIn] = [$side * ($a->y - $edge) >= 0, $side * ($b->y - $edge) >= 0];
                if ($aIn !== $bIn) {
                    $kept[] = new Point($a->x + (($b->x - $a->x) * ($edge - $a->y)) / ($b->y - $a->y), $edge);
                }
                if ($bIn) {
                    $kept[] = $b;
                }
            }
            $points = $kept;
        }

        return $points === [] ? null : self::of($points);
    }

    public function bounds(): Bounds
    {
        return Bounds::around($this->points);
    }

    /**
     * @param non-empty-list<Point> $points
     *
     * @return list<Point>
     */
    private static function chain(array $points): array
    {
        $chain = [];
        foreach ($points as $p) {
            while (count($chain) >= 2) {
                [$a, $b] = array_slice($chain, -2);
                if (($b->x - $a->x) * ($p->y - $a->y) - ($b->y - $a->y) * ($p->x - $a->x) > 0) {
                    break;
                }
                array_pop($chain);
            }
            $chain[] = $p;
        }

        return $chain;
    }
}
