<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/** The box round the sewn points, mm. */
final readonly class Bounds
{
    public function __construct(public float $left, public float $right, public float $bottom, public float $top) {}

    /** @param non-empty-list<Point> $points */
    public static function around(array $points): self
    {
        $xs = array_map(static fn(Point $p): float => $p->x, $points);
        $ys = array_map(static fn(Point $p): float => $p->y, $points);

        return new self(min($xs), max($xs), min($ys), max($ys));
    }

    public function width(): float
    {
        return round($this->right - $this->left, 4);
    }

    public function height(): float
    {
        return round($this->top - $this->bottom, 4);
    }

    public function centre(): Point
    {
        return new Point(($this->left + $this->right) / 2, ($this->bottom + $this->top) / 2);
    }

    /** The box round both. */
    public function with(self $other): self
    {
        return new self(
            min($this->left, $other->left),
            max($this->right, $other->right),
            min($this->bottom, $other->bottom),
            max($this->top, $other->top),
        );
    }
}
