<?php

declare(strict_types=1);

namespace Hakama\Lettering\Internal;

use Closure;

/**
 * One line of a letter as it is drawn.
 *
 * @internal
 */
final readonly class Stroke
{
    /**
     * @param non-empty-list<array{float, float}> $points
     * @param bool                                $closes its end runs into its start
     */
    public function __construct(public array $points, public bool $closes) {}

    /** @param Closure(float, float): array{float, float} $to */
    public function mapped(Closure $to): self
    {
        return new self(array_map(static fn(array $p): array => $to($p[0], $p[1]), $this->points), $this->closes);
    }

    public function moved(float $x, float $y): self
    {
        return $this->mapped(static fn(float $px, float $py): array => [$px + $x, $py + $y]);
    }

    /** @return array{float, float} */
    public function end(): array
    {
        return $this->points[count($this->points) - 1];
    }

    /** @param array{float, float} $point */
    public function lengthened(array $point): self
    {
        return new self([...$this->points, $point], $this->closes);
    }

    /** Without so many points at its end; two are left at least. */
    public function cut(int $points): self
    {
        return new self(array_slice($this->points, 0, max(2, count($this->points) - $points)), $this->closes);
    }

    /** @return non-empty-list<array{float, float}> the points, and the first once more where it closes */
    public function round(): array
    {
        return $this->closes ? [...$this->points, $this->points[0]] : $this->points;
    }
}
