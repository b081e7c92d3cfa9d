<?php

declare(strict_types=1);

namespace Hakama\Lettering\Internal;

/**
 * One middle line of a letter where it is sewn, mm. A place on it is its way from the start.
 *
 * @internal
 */
final readonly class MiddleLine
{
    /**
     * @param non-empty-list<array{float, float}> $points
     * @param non-empty-list<float>               $ways  of each point from the first
     */
    private function __construct(public array $points, private array $ways, public bool $closed) {}

    public static function of(Stroke $stroke): self
    {
        $points = $stroke->round();
        $ways = [0.0];
        foreach (array_slice($points, 1) as $i => $point) {
            $ways[] = $ways[$i] + hypot($point[0] - $points[$i][0], $point[1] - $points[$i][1]);
        }

        return new self($points, $ways, $stroke->closes);
    }

    public function length(): float
    {
        return $this->ways[count($this->ways) - 1];
    }

    /** @return array{float, float} a closed line goes on beyond its end, an open one straight on */
    public function at(float $way): array
    {
        [$i, $share] = $this->within($way);
        [$a, $b] = [$this->points[$i], $this->points[$i + 1]];

        return [$a[0] + $share * ($b[0] - $a[0]), $a[1] + $share * ($b[1] - $a[1])];
    }

    /** @return array{float, float} which way it runs, of length 1 */
    public function direction(float $way, float $over): array
    {
        [$from, $to] = $this->closed
            ? [$this->at($way - $over), $this->at($way + $over)]
            : [$this->at(max(0.0, $way - $over)), $this->at(min($this->length(), $way + $over))];
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);

        return $length > 0 ? [($to[0] - $from[0]) / $length, ($to[1] - $from[1]) / $length] : [1.0, 0.0];
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{float, float} the way to the nearest place, and how far off it is
     */
    public function nearest(array $point): array
    {
        $best = [0.0, INF];
        for ($i = 0; $i + 1 < count($this->points); $i++) {
            [$a, $b] = [$this->points[$i], $this->points[$i + 1]];
            [$dx, $dy] = [$b[0] - $a[0], $b[1] - $a[1]];
            $square = $dx * $dx + $dy * $dy;
            $share =
                $square > 0
                    ? max(0.0, min(1.0, (($point[0] - $a[0]) * $dx + ($point[1] - $a[1]) * $dy) / $square))
                    : 0.0;
            $far = hypot($a[0] + $share * $dx - $point[0], $a[1] + $share * $dy - $point[1]);
            if ($far < $best[1]) {
                $best = [$this->ways[$i] + $share * sqrt($square), $far];
            }
        }

        return $best;
    }

    /** How far apart the boxes round two lines are, mm; 0 where they overlap. */
    public function apart(self $other): float
    {
        $apart = 0.0;
        foreach ([0, 1] as $axis) {
            [$here, $there] = [array_column($this->points, $axis), array_column($other->points, $axis)];
            $apart = max($apart, min($here) - max($there), min($there) - max($here));
        }

        return $apart;
    }

    /**
     * Where another line comes nearest to it: its ends first, then wherever they cross.
     *
     * @return array{float, float, float} the way here, the way on the other, how far apart
     */
    public function meets(self $other): array
    {
        $best = [0.0, 0.0, INF];
        foreach ([0.0, $other->length()] as $end) {
            [$way, $far] = $this->nearest($other->at($end));
            if (! $other->closed && $far < $best[2]) {
                $best = [$way, $end, $far];
            }
        }
        foreach ([0.0, $this->length()] as $end) {
            [$way, $far] = $other->nearest($this->at($end));
            if (! $this->closed && $far < $best[2] - 0.05) {
                $best = [$end, $way, $far];
            }
        }
        foreach ($this->points as $i => $point) {
            [$way, $far] = $other->nearest($point);
            if ($far < $best[2] - 0.3) {
                $best = [$this->ways[$i], $way, $far];
            }
        }
        $step = 0.25;
        for ($at = 0.0; $at < $this->length(); $at += $step) {
            [$way, $far] = $other->nearest($this->at($at));
            if ($far < $best[2] - 0.3) {
                $best = [$at, $way, $far];
            }
        }

        return $best;
    }

    /** @return array{int, float} the piece a way falls into, and how far along it */
    private function within(float $way): array
    {
        $length = $this->length();
        if ($this->closed && $length > 0) {
            $way = fmod(fmod($way, $length) + $length, $length);
        }
        $last = count($this->ways) - 2;
        $i = 0;
        for ($high = $last; $i < $high;) {
            $mid = intdiv($i + $high + 1, 2);
            $this->ways[$mid] <= $way ? ($i = $mid) : ($high = $mid - 1);
        }
        $piece = $this->ways[$i + 1] - $this->ways[$i];

        return [$i, $piece > 0 ? ($way - $this->ways[$i]) / $piece : 0.0];
    }
}
