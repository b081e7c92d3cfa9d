<?php

declare(strict_types=1);

namespace Hakama\Artwork\Internal;

use Hakama\Stitch\BlockSpan;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;

/**
 * What a block looks like from afar: a line, a zigzag, where it runs. Lengths in 0.1 mm inside.
 *
 * @internal
 */
final readonly class BlockShape
{
    /** A block of more stitches than this is a fill; nobody lays cloth along it. */
    private const MOST_STITCHES = 6000;

    /** A turn sharper than this goes back on itself. */
    private const BACK_DEG = 100;
    private const ZIGZAG_SHARE = 0.6;
    private const LINE_SHARE = 0.15;
    private const LEAST_SIDE = 80;
    private const CLOSED = 30;
    private const TACK_NEAR = 20;
    private const COVER_NEAR = 45;
    private const MOST_OF_IT = 0.85;
    private const SAMPLE = 5;

    /**
     * @param list<array{int, int}> $points needle points, from the last one before the block
     * @param float                 $backs  share of the turns that go back on themselves
     */
    private function __construct(private array $points, private float $backs) {}

    public static function of(Pattern $pattern, BlockSpan $span): self
    {
        if ($span->stitches > self::MOST_STITCHES) {
            return new self([], 0.0);
        }
        $points = [];
        foreach ($pattern->slice($span->from, $span->to)->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                if ($kind === RecordKind::Stitch->value) {
                    $points[] = [$chunk->xs[$i], $chunk->ys[$i]];
                }
            }
        }

        return new self($points, self::backs($points));
    }

    /** A closed running line round a piece of cloth. */
    public function isOutline(): bool
    {
        if (count($this->points) < 8 || $this->backs > self::LINE_SHARE) {
            return false;
        }
        $first = $this->points[0];
        $last = $this->points[count($this->points) - 1];
        [$xs, $ys] = [array_column($this->points, 0), array_column($this->points, 1)];

        return hypot($first[0] - $last[0], $first[1] - $last[1]) <= self::CLOSED
            && min(max($xs) - min($xs), max($ys) - min($ys)) >= self::LEAST_SIDE;
    }

    /** Runs along the other, line or narrow zigzag, all the way. */
    public function follows(self $line): bool
    {
        return $this->points !== []
            && self::near($this->points, $line->sampled(), self::TACK_NEAR) >= self::MOST_OF_IT
            && self::near($line->points, $this->sampled(), self::TACK_NEAR) >= self::MOST_OF_IT;
    }

    /** A zigzag that lies over the line all the way round. */
    public function covers(self $line): bool
    {
        return $this->backs >= self::ZIGZAG_SHARE
            && self::near($line->points, $this->sampled(), self::COVER_NEAR) >= self::MOST_OF_IT
            && self::near($this->points, $line->sampled(), self::COVER_NEAR) >= self::MOST_OF_IT;
    }

    /** @return list<array{int, int}> the line at every half millimetre */
    private function sampled(): array
    {
        $points = [];
        foreach ($this->points as $i => [$x, $y]) {
            [$fromX, $fromY] = $this->points[max(0, $i - 1)];
            $steps = max(1, (int) ceil(hypot($x - $fromX, $y - $fromY) / self::SAMPLE));
            for ($step = 1; $step <= $steps; $step++) {
                $points[] = [
                    (int) round($fromX + (($x - $fromX) * $step) / $steps),
                    (int) round($fromY + (($y - $fromY) * $step) / $steps),
                ];
            }
        }

        return $points;
    }

    /**
     * @param list<array{int, int}> $points
     * @param list<array{int, int}> $others
     *
     * @return float share of the points that have one of the others within reach
     */
    private static function near(array $points, array $others, int $reach): float
    {
        $cells = [];
        foreach ($others as [$x, $y]) {
            $cells[(int) floor($x / $reach)][(int) floor($y / $reach)][] = [$x, $y];
        }
        $near = 0;
        foreach ($points as [$x, $y]) {
            [$column, $row] = [(int) floor($x / $reach), (int) floor($y / $reach)];
            for ($dc = -1; $dc <= 1; $dc++) {
                for ($dr = -1; $dr <= 1; $dr++) {
                    foreach ($cells[$column + $dc][$row + $dr] ?? [] as [$otherX, $otherY]) {
                        if (($otherX - $x) ** 2 + ($otherY - $y) ** 2 <= $reach ** 2) {
                            $near++;
                            continue 4;
                        }
                    }
                }
            }
        }

        return $points === [] ? 0.0 : $near / count($points);
    }

    /** @param list<array{int, int}> $points */
    private static function backs(array $points): float
    {
        $backs = $turns = 0;
        for ($i = 2; $i < count($points); $i++) {
            [[$ax, $ay], [$bx, $by], [$cx, $cy]] = [$points[$i - 2], $points[$i - 1], $points[$i]];
            $lengths = hypot($bx - $ax, $by - $ay) * hypot($cx - $bx, $cy - $by);
            if ($lengths > 0) {
                $turns++;
                $cos = (($bx - $ax) * ($cx - $bx) + ($by - $ay) * ($cy - $by)) / $lengths;
                $backs += $cos < cos(deg2rad(self::BACK_DEG)) ? 1 : 0;
            }
        }

        return $turns === 0 ? 0.0 : $backs / $turns;
    }
}
