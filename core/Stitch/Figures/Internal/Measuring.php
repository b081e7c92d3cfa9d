<?php

declare(strict_types=1);

namespace Hakama\Stitch\Figures\Internal;

use Hakama\Stitch\Bounds;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Figures\BlockFigures;
use Hakama\Stitch\Figures\Counts;
use Hakama\Stitch\Figures\DensityMap;
use Hakama\Stitch\Figures\SewingOrder;
use Hakama\Stitch\Figures\StitchLengths;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;
use Hakama\Stitch\RecordKind;
use Hakama\Stitch\Run;
use InvalidArgumentException;

use function sqrt;

/**
 * One pass over the records, keeping only running sums: memory does not grow with the pattern but
 * with its area and its objects.
 *
 * @internal
 */
final class Measuring
{
    /**
     * So many rows of 0.1 mm are kept, two and a half metres of them. What strays further is kept in coarser rows: its
     * outline may lose what is smaller than one, and no frame is that large.
     */
    private const ROWS = 25_000;
    private const FAR = DensityMap::FAR;
    private const ROW = DensityMap::ROW;

    private int $x = 0;
    private int $y = 0;
    private int $stitches = 0;
    private int $jumps = 0;
    private int $trims = 0;
    private int $stops = 0;
    private int $stopsSinceStitch = 0;
    private int $jumpsInARow = 0;
    private float $moved = 0.0;

    private int $blockStitches = 0;
    private int $blockTrims = 0;
    private float $blockLength = 0.0;

    private int $objectPoints = 0;
    private int $objectX = 0;
    private int $objectY = 0;

    /** @var list<BlockFigures> */
    private array $blocks = [];
    /** @var list<Point> */
    private array $objects = [];
    /** @var array<int, int> */
    private array $lengths = [];
    /** @var array<int, int> */
    private array $cells = [];
    /** @var array<int, int> row in 0.1 mm => leftmost sewn point */
    private array $leftmost = [];
    /** @var array<int, int> row in 0.1 mm => rightmost sewn point */
    private array $rightmost = [];

    /** How many rows of 0.1 mm are one where it strays. */
    private int $rowSize = 1;
    /** @var array<int, array{int, int}> coarse row => leftmost sewn point */
    private array $farLeft = [];
    /** @var array<int, array{int, int}> coarse row => rightmost sewn point */
    private array $farRight = [];

    public function __construct(private readonly MeasuringRules $rules) {}

    /**
     * @return array{
     *     counts: Counts, blocks: list<BlockFigures>, bounds: Bounds,
     *     hull: ConvexHull, lengths: StitchLengths, density: DensityMap, objects: list<Point>, order: SewingOrder,
     *     movedMm: float
     * } what PatternFigures are made of
     */
    public function measure(Pattern $pattern): array
    {
        foreach ($pattern->runs() as $run) {
            $run->kind === RecordKind::Stitch ? $this->stitches($run->xs, $run->ys) : $this->moves($run);
        }
        $this->closeObject();
        $this->closeBlock();
        if ($this->leftmost === [] && $this->farLeft === []) {
            throw new InvalidArgumentException('a pattern without stitches has no figures');
        }

        $hull = ConvexHull::of($this->outermost());
        $bounds = $hull->bounds();

        return [
            'counts' => new Counts(
                $this->stitches,
                $this->jumps,
                $this->trims,
                $this->stops - $this->stopsSinceStitch,
            ),
            'blocks' => $this->blocks,
            'bounds' => $bounds,
            'hull' => $hull,
            'lengths' => StitchLengths::of($this->lengths),
            'density' => DensityMap::ofCells($this->cells),
            'objects' => $this->objects,
            'order' => SewingOrder::of($this->objects, $bounds),
            'movedMm' => $this->moved / 10,
        ];
    }

    private function moves(Run $run): void
    {
        foreach ($run->xs as $i => $x) {
            $y = $run->ys[$i];
            $run->kind === RecordKind::Jump ? $this->jump() : $this->stop();
            $this->moved += hypot($x - $this->x, $y - $this->y);
            [$this->x, $this->y] = [$x, $y];
        }
    }

    /**
     * Stitches in a row. The hot loop: everything that can be counted for the whole row is, and what
     * cannot is kept in local variables, which cost a fraction of properties.
     *
     * @param list<int> $xs
     * @param list<int> $ys
     */
    private function stitches(array $xs, array $ys): void
    {
        if ($this->stopsSinceStitch > 0) {
            $this->openBlock();
        }
        $count = count($xs);
        $this->jumpsInARow = 0;
        $this->stitches += $count;
        $this->blockStitches += $count;
        $this->objectPoints += $count;
        $this->objectX += array_sum($xs);
        $this->objectY += array_sum($ys);

        [$fromX, $fromY] = [$this->x, $this->y];
        $squares = $cells = [];
        [$leftmost, $rightmost] = [$this->leftmost, $this->rightmost];
        // Taken, not shared: a second owner would make each list be copied at its first change.
        $this->leftmost = $this->rightmost = [];
        foreach ($xs as $i => $x) {
            $y = $ys[$i];
            $dx = $x - $fromX;
            $dy = $y - $fromY;
            $squares[] = $dx * $dx + $dy * $dy;
            $cells[] = (int) (($x + self::FAR) / 10) + (int) (($y + self::FAR) / 10) * self::ROW;
            if (! isset($leftmost[$y])) {
                $leftmost[$y] = $rightmost[$y] = $x;
            } elseif ($x < $leftmost[$y]) {
                $leftmost[$y] = $x;
            } elseif ($x > $rightmost[$y]) {
                $rightmost[$y] = $x;
            }
            $fromX = $x;
            $fromY = $y;
        }
        [$this->x, $this->y] = [$fromX, $fromY];
        [$this->leftmost, $this->rightmost] = [$leftmost, $rightmost];
        if ($this->rowSize > 1 || count($leftmost) > self::ROWS) {
            $this->coarsen();
        }

        foreach (array_count_values($squares) as $square => $times) {
            $this->lengths[$square] = ($this->lengths[$square] ?? 0) + $times;
            $this->blockLength += $times * sqrt($square);
        }
        foreach (array_count_values($cells) as $cell => $times) {
            $this->cells[$cell] = ($this->cells[$cell] ?? 0) + $times;
        }
    }

    /** Puts the rows into coarser ones, and these into coarser ones still when they become too many. */
    private function coarsen(): void
    {
        $this->rowSize = max($this->rowSize, 16);
        foreach ($this->leftmost as $y => $x) {
            $this->keepFar($x, $y);
            $this->keepFar($this->rightmost[$y], $y);
        }
        $this->leftmost = $this->rightmost = [];
        while (count($this->farLeft) > self::ROWS) {
            $this->rowSize *= 16;
            $points = [...array_values($this->farLeft), ...array_values($this->farRight)];
            $this->farLeft = $this->farRight = [];
            foreach ($points as [$x, $y]) {
                $this->keepFar($x, $y);
            }
        }
    }

    private function keepFar(int $x, int $y): void
    {
        $row = (int) floor($y / $this->rowSize);
        if (! isset($this->farLeft[$row]) || $x < $this->farLeft[$row][0]) {
            $this->farLeft[$row] = [$x, $y];
        }
        if (! isset($this->farRight[$row]) || $x > $this->farRight[$row][0]) {
            $this->farRight[$row] = [$x, $y];
        }
    }

    private function openBlock(): void
    {
        $this->closeBlock();
        $this->stopsSinceStitch = 0;
    }

    private function jump(): void
    {
        $this->jumps++;
        // The way to the first stitch is no cut: no thread has been sewn yet.
        if (++$this->jumpsInARow === $this->rules->trimJumps && $this->stitches > 0) {
            $this->trims++;
            if ($this->stopsSinceStitch > 0) {
                // The cut on the way in belongs to the block that follows.
                $this->closeBlock();
            }
            $this->blockTrims++;
            $this->closeObject();
        }
    }

    private function stop(): void
    {
        $this->jumpsInARow = 0;
        if ($this->stitches === 0) {
            return;
        }
        $this->stops++;
        $this->stopsSinceStitch++;
        $this->closeObject();
    }

    private function closeObject(): void
    {
        if ($this->objectPoints > 0) {
            $this->objects[] = new Point(
                $this->objectX / $this->objectPoints / 10,
                $this->objectY / $this->objectPoints / 10,
            );
        }
        $this->objectPoints = $this->objectX = $this->objectY = 0;
    }

    private function closeBlock(): void
    {
        if ($this->blockStitches > 0) {
            $this->blocks[] = new BlockFigures(
                count($this->blocks) + 1,
                $this->blockStitches,
                $this->blockLength / 10,
                $this->blockTrims,
            );
            $this->blockStitches = $this->blockTrims = 0;
            $this->blockLength = 0.0;
        }
    }

    /** @return non-empty-list<Point> the ends of every row, among which the hull's corners are */
    private function outermost(): array
    {
        $points = [];
        foreach ($this->leftmost as $y => $x) {
            $points[] = new Point($x / 10, $y / 10);
        }
        foreach ($this->rightmost as $y => $x) {
            $points[] = new Point($x / 10, $y / 10);
        }
        foreach ([...$this->farLeft, ...$this->farRight] as [$x, $y]) {
            $points[] = new Point($x / 10, $y / 10);
        }
        assert($points !== []);

        return $points;
    }
}
