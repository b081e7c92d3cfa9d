<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Stitch\Bounds;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Words\Text;

/** A closure, seam, pocket, opening or other thing on a garment, where it lies on the shape. */
final readonly class Feature
{
    private const HAIR = 1e-9;

    /**
     * @param string                $name   a code: `garment.part` says it
     * @param non-empty-list<Point> $points of a line, or the corners of a convex patch
     * @param int                   $layers of cloth under the foot there
     * @param bool                  $isSewnOver a seam that designs are centred on
     */
    private function __construct(
        public FeatureKind $kind,
        public string $name,
        public array $points,
        public int $layers,
        public bool $isSewnOver = false,
    ) {}

    public static function line(FeatureKind $kind, string $name, Point $from, Point $to, ?int $layers = null): self
    {
        return new self($kind, $name, [$from, $to], $layers ?? $kind->layers());
    }

    /** A patch of cloth between two heights. */
    public static function patch(
        FeatureKind $kind,
        string $name,
        float $left,
        float $right,
        float $bottom,
        float $top,
        ?int $layers = null,
    ): self {
        return new self(
            $kind,
            $name,
            [new Point($left, $bottom), new Point($right, $bottom), new Point($right, $top), new Point($left, $top)],
            $layers ?? $kind->layers(),
        );
    }

    /** The same as a seam in the middle of which designs lie. */
    public function sewnOver(): self
    {
        return new self($this->kind, $this->name, $this->points, $this->layers, true);
    }

    public function label(): Text
    {
        return new Text("garment.part.{$this->name}");
    }

    public function bounds(): Bounds
    {
        return Bounds::around($this->points);
    }

    /** From the nearest point of a design, mm; nought where the design lies across it. */
    public function distanceTo(ConvexHull $design): float
    {
        if (self::overlap($this->points, $design->points)) {
            return 0.0;
        }
        $least = INF;
        foreach (self::edges($this->points) as [$a, $b]) {
            foreach ($design->points as $p) {
                $least = min($least, self::toEdge($p, $a, $b));
            }
        }
        foreach (self::edges($design->points) as [$a, $b]) {
            foreach ($this->points as $p) {
                $least = min($least, self::toEdge($p, $a, $b));
            }
        }

        return $least;
    }

    /**
     * Whether two convex figures share more than an edge: no line between them keeps them apart.
     *
     * @param non-empty-list<Point> $one
     * @param non-empty-list<Point> $other
     */
    private static function overlap(array $one, array $other): bool
    {
        foreach ([...self::edges($one), ...self::edges($other)] as [$a, $b]) {
            [$nx, $ny] = [$b->y - $a->y, $a->x - $b->x];
            if (self::areApart($one, $other, $nx, $ny) || self::areApart($one, $other, -$ny, $nx)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param non-empty-list<Point> $one
     * @param non-empty-list<Point> $other
     */
    private static function areApart(array $one, array $other, float $nx, float $ny): bool
    {
        [$least, $most] = [[INF, INF], [-INF, -INF]];
        foreach ([$one, $other] as $i => $points) {
            foreach ($points as $p) {
                $at = $p->x * $nx + $p->y * $ny;
                $least[$i] = min($least[$i], $at);
                $most[$i] = max($most[$i], $at);
            }
        }

        return $most[0] <= $least[1] + self::HAIR || $most[1] <= $least[0] + self::HAIR;
    }

    /**
     * @param non-empty-list<Point> $points
     *
     * @return list<array{Point, Point}>
     */
    private static function edges(array $points): array
    {
        $count = count($points);
        $edges = [];
        for ($i = 0; $i < ($count === 2 ? 1 : $count); $i++) {
            $edges[] = [$points[$i], $points[($i + 1) % $count]];
        }

        return $edges;
    }

    private static function toEdge(Point $p, Point $a, Point $b): float
    {
        [$dx, $dy] = [$b->x - $a->x, $b->y - $a->y];
        $length = $dx ** 2 + $dy ** 2;
        $along = $length <= 0.0 ? 0.0 : max(0.0, min(1.0, (($p->x - $a->x) * $dx + ($p->y - $a->y) * $dy) / $length));

        return hypot($p->x - $a->x - $along * $dx, $p->y - $a->y - $along * $dy);
    }
}
