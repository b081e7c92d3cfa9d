<?php

declare(strict_types=1);

namespace Hakama\Stitch\Patch;

use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;

/**
 * The shape that a design would be cut out in, on squares of half a millimetre: what cannot be reached from outside
 * without crossing thread.
 */
final class PatchShape
{
    private const CELL = 5;
    private const ROOM = 4;
    /** A step along a side and one across a corner count so in a line on squares (Kulpa 1977). */
    private const STRAIGHT = 0.948;
    private const ACROSS = 1.34;

    private int $width;
    private int $height;
    private int $left;
    private int $bottom;
    /** @var array<int, int> square => the block sewn last in it */
    private array $top = [];
    private int $blocks = 0;

    private function __construct() {}

    public static function judge(Pattern $pattern): ?PatchVerdict
    {
        $shape = new self();

        return $shape->sew($pattern) ? $shape->verdict() : null;
    }

    /** Thread is laid over the squares that it crosses. */
    private function sew(Pattern $pattern): bool
    {
        [$x, $y, $stopped, $block, $sewn] = [0, 0, false, 1, false];
        $cells = [];
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                [$toX, $toY] = [$chunk->xs[$i], $chunk->ys[$i]];
                if ($kind === RecordKind::Stop->value) {
                    $stopped = $sewn;
                } elseif ($kind === RecordKind::Stitch->value) {
                    if ($stopped) {
                        $block++;
                        $stopped = false;
                    }
                    $sewn = true;
                    $steps = max(1, (int) ceil(max(abs($toX - $x), abs($toY - $y)) / (self::CELL / 2)));
                    for ($k = 0; $k <= $steps; $k++) {
                        $cx = intdiv($x + (int) ((($toX - $x) * $k) / $steps) + 1_000_000, self::CELL);
                        $cy = intdiv($y + (int) ((($toY - $y) * $k) / $steps) + 1_000_000, self::CELL);
                        $cells[$cy * 1_000_000 + $cx] = $block;
                    }
                }
                [$x, $y] = [$toX, $toY];
            }
        }
        if ($cells === []) {
            return false;
        }
        $xs = array_map(static fn(int $cell): int => $cell % 1_000_000, array_keys($cells));
        $ys = array_map(static fn(int $cell): int => intdiv($cell, 1_000_000), array_keys($cells));
        [$this->left, $this->bottom] = [min($xs) - self::ROOM, min($ys) - self::ROOM];
        $this->width = max($xs) - $this->left + 1 + self::ROOM;
        $this->height = max($ys) - $this->bottom + 1 + self::ROOM;
        foreach ($cells as $cell => $of) {
            $this->top[
                (intdiv($cell, 1_000_000) - $this->bottom) * $this->width + ($cell % 1_000_000) - $this->left
            ] = $of;
        }
        $this->blocks = $block;

        return true;
    }

    private function verdict(): PatchVerdict
    {
        $near = $this->near();
        $inside = $this->inside($near);
        $edge = $this->edge($inside);
        $votes = [];
        foreach ($edge as $cell) {
            $block = $near[$cell] ?? 0;
            $votes[$block] = ($votes[$block] ?? 0) + 1;
        }
        arsort($votes);
        $border = (int) array_key_first($votes);
        // Between two threads of a border lies a border too; under the next block's thread does not.
        $wide = $this->reached($edge, fn(int $cell): bool => ($this->top[$cell] ?? ($near[$cell] ?? 0)) === $border);
        $filled = count(array_intersect_key($inside, $near));

        return new PatchVerdict(
            count($inside) * (self::CELL / 10) ** 2,
            $filled / max(1, count($inside)),
            $this->largest($inside) / max(1, count($inside)),
            $border,
            ($votes[$border] ?? 0) / max(1, count($edge)),
            // A ring is as wide as its squares are many to each square of its edge; at both its sides squares that are
            // only touched count whole, half of one too much.
            max(0.0, ((count($wide) / max(1, count($edge)) - 1) * self::CELL) / 10),
            $border === $this->blocks,
            $this->along($edge),
        );
    }

    /** @return array<int, int> square => the block sewn last in it or right beside it */
    private function near(): array
    {
        $near = [];
        foreach ($this->top as $cell => $block) {
            foreach ($this->around($cell) as $one) {
                $near[$one] = max($near[$one] ?? 0, $block);
            }
            $near[$cell] = max($near[$cell] ?? 0, $block);
        }

        return $near;
    }

    /**
     * What is not reached from outside, less the half millimetre by which thread was widened.
     *
     * @param array<int, int> $near
     *
     * @return array<int, true>
     */
    private function inside(array $near): array
    {
        $outside = $this->reached([0], fn(int $cell): bool => ! isset($near[$cell]));
        $inside = [];
        for ($cell = 0, $all = $this->width * $this->height; $cell < $all; $cell++) {
            if (! isset($outside[$cell])) {
                $inside[$cell] = true;
            }
        }

        return array_filter(
            $inside,
            fn(bool $is, int $cell): bool => array_filter(
                $this->beside($cell),
                static fn(int $one): bool => ! isset($inside[$one]),
            ) === [],
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * @param array<int, true> $inside
     *
     * @return list<int>
     */
    private function edge(array $inside): array
    {
        return array_values(
            array_filter(
                array_keys($inside),
                fn(int $cell): bool => array_filter(
                    $this->beside($cell),
                    static fn(int $one): bool => ! isset($inside[$one]),
                ) !== [],
            ),
        );
    }

    /** @param array<int, true> $inside */
    private function largest(array $inside): int
    {
        $largest = 0;
        while ($inside !== []) {
            $piece = $this->reached([array_key_first($inside)], static fn(int $cell): bool => isset($inside[$cell]));
            $largest = max($largest, count($piece));
            $inside = array_diff_key($inside, $piece);
        }

        return $largest;
    }

    /**
     * @param list<int>            $from
     * @param callable(int): bool $may
     *
     * @return array<int, true>
     */
    private function reached(array $from, callable $may): array
    {
        $seen = [];
        $open = [];
        foreach ($from as $cell) {
            if ($may($cell)) {
                $seen[$cell] = true;
                $open[] = $cell;
            }
        }
        while ($open !== []) {
            foreach ($this->beside(array_pop($open)) as $one) {
                if (! isset($seen[$one]) && $may($one)) {
                    $seen[$one] = true;
                    $open[] = $one;
                }
            }
        }

        return $seen;
    }

    /**
     * How long a line of squares is, mm.
     *
     * @param list<int> $line
     */
    private function along(array $line): float
    {
        $is = array_fill_keys($line, true);
        [$straight, $across] = [0, 0];
        foreach ($line as $cell) {
            $up = $cell + $this->width;
            $straight += (int) isset($is[$cell + 1]) + (int) isset($is[$up]);
            foreach ([-1, 1] as $side) {
                $across += (int) (isset($is[$up + $side]) && ! isset($is[$up]) && ! isset($is[$cell + $side]));
            }
        }

        return (self::STRAIGHT * $straight + self::ACROSS * $across) * (self::CELL / 10);
    }

    /** @return list<int> the four that share a side */
    private function beside(int $cell): array
    {
        $x = $cell % $this->width;
        $some = [];
        if ($x > 0) {
            $some[] = $cell - 1;
        }
        if ($x < $this->width - 1) {
            $some[] = $cell + 1;
        }
        if ($cell >= $this->width) {
            $some[] = $cell - $this->width;
        }
        if ($cell < $this->width * ($this->height - 1)) {
            $some[] = $cell + $this->width;
        }

        return $some;
    }

    /** @return list<int> the eight round about; never at the rim, which is left free */
    private function around(int $cell): array
    {
        $w = $this->width;

        return [
            $cell - 1,
            $cell + 1,
            $cell - $w,
            $cell + $w,
            $cell - $w - 1,
            $cell - $w + 1,
            $cell + $w - 1,
            $cell + $w + 1,
        ];
    }
}
