<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector\Internal;

use Hakama\Stitch\Vector\NotADrawing;

/**
 * Lines in millimetres, curves already flattened. Points come in the drawing's own units and are put
 * through its transform before anything is flattened, so that the tolerance is one of the cloth.
 *
 * @internal
 */
final class Outline
{
    private const DEEPEST = 14;

    /** @var list<list<array{float, float}>> */
    private array $lines = [];
    /** @var list<array{float, float}> */
    private array $line = [];
    private int $points = 0;

    public function __construct(
        private readonly Affine $affine,
        private readonly float $flatMm,
        private readonly int $most,
    ) {}

    public function moveTo(float $x, float $y): void
    {
        $this->end();
        $this->line = [$this->affine->point($x, $y)];
    }

    public function lineTo(float $x, float $y): void
    {
        $this->add($this->affine->point($x, $y));
    }

    public function curveTo(float $x1, float $y1, float $x2, float $y2, float $x, float $y): void
    {
        $from = $this->line[count($this->line) - 1] ?? $this->affine->point($x1, $y1);
        $this->flatten(
            $from,
            $this->affine->point($x1, $y1),
            $this->affine->point($x2, $y2),
            $this->affine->point($x, $y),
            0,
        );
    }

    public function end(): void
    {
        if (count($this->line) > 1) {
            $this->lines[] = $this->line;
        }
        $this->line = [];
    }

    /** @return list<list<array{float, float}>> */
    public function lines(): array
    {
        $this->end();

        return $this->lines;
    }

    /** @param array{float, float} $point */
    private function add(array $point): void
    {
        if (! is_finite($point[0]) || ! is_finite($point[1])) {
            throw NotADrawing::number();
        }
        if (++$this->points > $this->most) {
            throw NotADrawing::tooMany($this->most);
        }
        $this->line[] = $point;
    }

    /**
     * Halves a cubic curve until its control points lie near its chord; the curve never leaves their hull.
     *
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     * @param array{float, float} $d
     */
    private function flatten(array $a, array $b, array $c, array $d, int $depth): void
    {
        if ($depth >= self::DEEPEST || max(self::off($b, $a, $d), self::off($c, $a, $d)) <= $this->flatMm) {
            $this->add($d);

            return;
        }
        [$ab, $bc, $cd] = [self::middle($a, $b), self::middle($b, $c), self::middle($c, $d)];
        [$abc, $bcd] = [self::middle($ab, $bc), self::middle($bc, $cd)];
        $middle = self::middle($abc, $bcd);
        $this->flatten($a, $ab, $abc, $middle, $depth + 1);
        $this->flatten($middle, $bcd, $cd, $d, $depth + 1);
    }

    /**
     * @param array{float, float} $p
     * @param array{float, float} $q
     *
     * @return array{float, float}
     */
    private static function middle(array $p, array $q): array
    {
        return [($p[0] + $q[0]) / 2, ($p[1] + $q[1]) / 2];
    }

    /**
     * Distance of a point from a stretch of line.
     *
     * @param array{float, float} $p
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    private static function off(array $p, array $a, array $b): float
    {
        [$dx, $dy] = [$b[0] - $a[0], $b[1] - $a[1]];
        $square = $dx * $dx + $dy * $dy;
        $t = $square > 0 ? max(0.0, min(1.0, (($p[0] - $a[0]) * $dx + ($p[1] - $a[1]) * $dy) / $square)) : 0.0;

        return hypot($p[0] - $a[0] - $t * $dx, $p[1] - $a[1] - $t * $dy);
    }
}
