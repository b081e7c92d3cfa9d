<?php

declare(strict_types=1);

namespace Hakama\Artwork\Applied;

use Hakama\Artwork\Applied\Internal\Grown;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Point;

/** One piece of cloth that is laid on: where it lies, and the shape it is cut to. */
final readonly class AppliedPiece
{
    /**
     * @param int                   $number   from 1, in the order they are laid; 0 of a back or pocket, which has none
     * @param int                   $block    its placement line, from 1
     * @param int|null              $tackDown the block that holds it; null where none follows the line
     * @param non-empty-list<Point> $line     the placement line, closed, mm
     * @param float                 $lineMm   its length
     * @param non-empty-list<Point> $cut      what is cut along before it is laid, closed, mm
     */
    public function __construct(
        public int $number,
        public int $block,
        public ?int $tackDown,
        public array $line,
        public float $lineMm,
        public array $cut,
    ) {}

    /**
     * A back or pocket: cut along its outline with room on every side.
     *
     * @param non-empty-list<Point> $outline closed, mm, of the lines it is taped to
     */
    public static function taped(int $block, array $outline, float $beyondMm): ?self
    {
        $cut = Grown::of($outline, [], $beyondMm);

        return $cut === [] ? null : new self(0, $block, null, $outline, self::lengthOf($outline), $cut);
    }

    /**
     * How long a closed line is, mm.
     *
     * @param non-empty-list<Point> $line
     */
    public static function lengthOf(array $line): float
    {
        $length = 0.0;
        foreach ($line as $i => $p) {
            $length += $p->distanceTo($line[($i + 1) % count($line)]);
        }

        return $length;
    }

    public function bounds(): Bounds
    {
        return Bounds::around($this->cut);
    }

    /** Of the shape that is cut, cm². */
    public function areaCm2(): float
    {
        $twice = 0.0;
        foreach ($this->cut as $i => $a) {
            $b = $this->cut[($i + 1) % count($this->cut)];
            $twice += $a->x * $b->y - $b->x * $a->y;
        }

        return abs($twice) / 200;
    }

    /**
     * Of the bolt it is cut from, mm²: its box, with the gap to the pieces beside it.
     *
     * @param float $gapMm left between two pieces
     */
    public function takesMm2(float $gapMm): float
    {
        return ($this->bounds()->width() + $gapMm) * ($this->bounds()->height() + $gapMm);
    }

    /** How far its placement line stays from another's, mm; 0 where they cross or one lies within the other. */
    public function apartFrom(self $other): float
    {
        $apart = INF;
        foreach ($this->line as $p) {
            foreach ($other->line as $q) {
                $apart = min($apart, $p->distanceTo($q));
            }
        }

        return self::holds($this->line, $other->line[0]) || self::holds($other->line, $this->line[0]) ? 0.0 : $apart;
    }

    /** @param non-empty-list<Point> $line */
    private static function holds(array $line, Point $p): bool
    {
        $inside = false;
        foreach ($line as $i => $a) {
            $b = $line[($i + 1) % count($line)];
            if (
                $a->y <= $p->y !== $b->y <= $p->y
                && $p->x < $a->x + (($p->y - $a->y) * ($b->x - $a->x)) / ($b->y - $a->y)
            ) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }
}
