<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Stitch\Bounds;
use Hakama\Stitch\Point;

/**
 * A garment's part as it lies before the person: outline, seams, and where things are measured from.
 * Millimetres, y upwards; x is nought on the centre line and grows towards the viewer's right, which is the wearer's
 * left on a front.
 */
final readonly class Shape
{
    /**
     * @param non-empty-list<Point>      $outline closed
     * @param list<Seam>                 $seams
     * @param array<string, Point>       $data    datum => where it is
     * @param non-empty-list<Point>|null $cloth   what may be sewn on, where that is less than the outline: not across
     *     the armholes
     * @param array<string, list<Point>> $parts   what else shows what it is: hood, collar, pocket => its line
     * @param list<Feature>              $features what lies on it that a needle may meet
     * @param float                      $topMm   from where features are measured down: its neck seam, waistband or top
     */
    public function __construct(
        public Panel $panel,
        public array $outline,
        public array $seams,
        private array $data,
        private ?array $cloth = null,
        public array $parts = [],
        public array $features = [],
        public float $topMm = 0.0,
    ) {}

    /** @param list<Feature> $features instead of its own */
    public function withFeatures(array $features): self
    {
        return new self(
            $this->panel,
            $this->outline,
            $this->seams,
            $this->data,
            $this->cloth,
            $this->parts,
            $features,
            $this->topMm,
        );
    }

    /** @return non-empty-list<Point> what may be sewn on and what a frame lies on */
    public function cloth(): array
    {
        return $this->cloth ?? $this->outline;
    }

    /** Where that is measured from; the middle of the piece where the garment has no such thing. */
    public function datum(Datum $datum): Point
    {
        return $this->data[$datum->value] ?? $this->data[Datum::Middle->value];
    }

    public function has(Datum $datum): bool
    {
        return isset($this->data[$datum->value]);
    }

    public function bounds(): Bounds
    {
        return Bounds::around($this->outline);
    }

    /** Whether a point lies on the cloth that may be sewn on, its edge among it (crossings of a ray to the right). */
    public function holds(Point $p): bool
    {
        $edge = $this->cloth();
        $inside = false;
        $count = count($edge);
        for ($i = 0, $j = $count - 1; $i < $count; $j = $i++) {
            [$a, $b] = [$edge[$i], $edge[$j]];
            if (self::isOn($p, $a, $b)) {
                return true;
            }
            if (
                $a->y > $p->y !== $b->y > $p->y
                && $p->x < (($b->x - $a->x) * ($p->y - $a->y)) / ($b->y - $a->y) + $a->x
            ) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    private static function isOn(Point $p, Point $a, Point $b): bool
    {
        return abs(($b->x - $a->x) * ($p->y - $a->y) - ($b->y - $a->y) * ($p->x - $a->x)) < 1e-6
            && $p->x >= min($a->x, $b->x) - 1e-9
            && $p->x <= max($a->x, $b->x) + 1e-9
            && $p->y >= min($a->y, $b->y) - 1e-9
            && $p->y <= max($a->y, $b->y) + 1e-9;
    }
}
