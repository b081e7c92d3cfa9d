<?php

declare(strict_types=1);

namespace Hakama\Stitch\Inspection\Internal;

use Hakama\Stitch\Figures\Densest;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Figures\Verdict;
use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Inspection\Crossing;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;
use Hakama\Stitch\RecordKind;
use Hakama\Stitch\Run;
use Hakama\Stitch\Spot;
use Hakama\Words\Decimal;
use Hakama\Words\Text;

/**
 * A second pass over the records: where the oddities lie. What is counted is taken from the figures.
 *
 * @internal
 */
final class Locating
{
    /** So many places of one kind are kept: more than that nobody looks at. */
    private const KEPT = 60;

    /** Where a design starts or ends is told from the middle or the start only if it is further away than this. */
    private const NEAR_MM = 1.0;

    private int $x = 0;
    private int $y = 0;
    private int $stitches = 0;
    private int $block = 0;
    private int $jumps = 0;
    private int $sewnX = 0;
    private int $sewnY = 0;
    private bool $stopped = true;
    private ?Point $first = null;

    /** @var list<Spot> */
    private array $short = [];
    /** @var list<array{int, Spot}> */
    private array $long = [];
    private int $longJumps = 0;
    /** @var list<array{int, Spot}> */
    private array $carried = [];
    private int $emptyBlocks = 0;
    /** @var list<Spot> */
    private array $empty = [];
    /** @var list<Spot> stops since the last stitch */
    private array $stops = [];
    /** @var list<Carried> */
    private array $carriedOver = [];
    /** How many short stitches, and how many long ones, are still to be found. */
    private int $shortLeft = 0;
    private int $longLeft = 0;

    public function __construct(private readonly MeasuringRules $rules) {}

    /**
     * @return array{list<Finding>, list<Crossing>, Point, Point} findings, crossings, where the first stitch and the
     *     end lie
     */
    public function locate(Pattern $pattern, PatternFigures $figures): array
    {
        $this->shortLeft = min(self::KEPT, $figures->lengths->shorterThan($this->rules->shortMm));
        $this->longLeft = $figures->lengths->longerThan($this->rules->longJumpMm);
        foreach ($pattern->runs() as $run) {
            $run->kind === RecordKind::Stitch ? $this->stitches($run) : $this->moves($run);
        }
        $end = new Point($this->x / 10, $this->y / 10);

        return [
            [...$pattern->findings, ...$this->stitchFindings($figures), ...self::placeFindings($figures, $end)],
            Crossings::of($pattern, $this->carriedOver, self::KEPT),
            $this->first ?? new Point(0, 0),
            $end,
        ];
    }

    /**
     * Stitches in a row. Which are odd is looked at only as long as there are any left to be found.
     */
    private function stitches(Run $run): void
    {
        $x = $this->x;
        $y = $this->y;
        if ($this->stopped || $this->jumps > 0) {
            $this->land($x, $y);
        }
        $sewn = $this->stitches;
        $short = ($this->rules->shortMm * 10) ** 2;
        $float = ($this->rules->longJumpMm * 10) ** 2;
        $ys = $run->ys;
        foreach ($this->shortLeft > 0 || $this->longLeft > 0 ? $run->xs : [] as $i => $toX) {
            $toY = $ys[$i];
            $square = ($toX - $x) * ($toX - $x) + ($toY - $y) * ($toY - $y);
            if ($square < $short || $square > $float) {
                $this->stitches = $sewn + $i + 1;
                $this->oddStitch($square, $x, $y, $toX, $toY);
            }
            $x = $toX;
            $y = $toY;
        }
        $last = count($run->xs) - 1;
        $this->stitches = $sewn + $last + 1;
        [$this->x, $this->y] = [$run->xs[$last], $ys[$last]];
    }

    private function moves(Run $run): void
    {
        foreach ($run->xs as $i => $toX) {
            $this->move($run->kind === RecordKind::Jump, $this->x, $this->y, $toX, $run->ys[$i]);
            [$this->x, $this->y] = [$toX, $run->ys[$i]];
        }
    }

    private function move(bool $jump, int $x, int $y, int $toX, int $toY): void
    {
        if (! $jump) {
            $this->stopped = true;
            $this->jumps = 0;
            $this->stops[] = $this->spot($toX, $toY);
        } elseif ($this->jumps++ === 0) {
            [$this->sewnX, $this->sewnY] = [$x, $y];
        }
    }

    /**
     * A stitch that is shorter or longer than most: which ones are kept, and whether a long one lies over another
     * block.
     */
    private function oddStitch(int $square, int $x, int $y, int $toX, int $toY): void
    {
        if ($square < ($this->rules->shortMm * 10) ** 2) {
            if ($this->shortLeft-- > 0) {
                $this->short[] = $this->spot($toX, $toY);
            }

            return;
        }
        $this->longLeft--;
        $this->cross($x, $y, $toX, $toY, $this->stitches - 1);
        if ($square > ($this->rules->longMm * 10) ** 2) {
            $this->long[] = [$square, $this->spot($toX, $toY)];
        }
    }

    /** The needle comes down after a move. */
    private function land(int $x, int $y): void
    {
        $this->first ??= new Point($x / 10, $y / 10);
        if ($this->stopped) {
            $this->block++;
            // One stop between two blocks is as it should be; before the first there should be none.
            $needless = array_slice($this->stops, $this->stitches === 0 ? 0 : 1);
            $this->emptyBlocks += count($needless);
            $this->empty = array_slice([...$this->empty, ...$needless], 0, self::KEPT);
            $this->stops = [];
        } elseif ($this->jumps < $this->rules->trimJumps && $this->stitches > 0) {
            $square = ($x - $this->sewnX) ** 2 + ($y - $this->sewnY) ** 2;
            if ($square > ($this->rules->longJumpMm * 10) ** 2) {
                $this->longJumps++;
                $this->carried[] = [$square, $this->spot(intdiv($x + $this->sewnX, 2), intdiv($y + $this->sewnY, 2))];
            }
            $this->cross($this->sewnX, $this->sewnY, $x, $y, $this->stitches);
        }
        $this->stopped = false;
        $this->jumps = 0;
    }

    /** A thread that is carried: whether it crosses what an earlier block has sewn by then is looked at in the end. */
    private function cross(int $fromX, int $fromY, int $toX, int $toY, int $sewn): void
    {
        if ($this->block > 1 && hypot($toX - $fromX, $toY - $fromY) >= 10 * Crossings::LEAST_MM) {
            $middle = $this->spot(intdiv($fromX + $toX, 2), intdiv($fromY + $toY, 2));
            $this->carriedOver[] = new Carried($fromX, $fromY, $toX, $toY, $this->block, $sewn, $middle);
        }
    }

    private function spot(int $x, int $y): Spot
    {
        return new Spot(new Point($x / 10, $y / 10), $this->stitches);
    }

    /** @return list<Finding> */
    private function stitchFindings(PatternFigures $figures): array
    {
        $rules = $this->rules;
        $findings = [];
        if ($this->emptyBlocks > 0) {
            $findings[] = new Finding(
                FindingCode::EmptyBlock,
                new Text('artwork.finding_text.empty_block', ['count' => $this->emptyBlocks]),
                $this->empty,
            );
        }
        $short = $figures->lengths->shorterThan($rules->shortMm);
        if ($short > $rules->shortShare * $figures->counts->stitches) {
            $findings[] = new Finding(
                FindingCode::ShortStitches,
                new Text('artwork.finding_text.short_stitches', [
                    'count' => $short,
                    'share' => new Decimal((100 * $short) / $figures->counts->stitches, 0),
                    'under' => new Decimal($rules->shortMm),
                ]),
                $this->short,
            );
        }
        $long = $figures->lengths->longerThan($rules->longMm);
        if ($long > 0) {
            $findings[] = new Finding(
                FindingCode::LongStitches,
                new Text('artwork.finding_text.long_stitches', [
                    'count' => $long,
                    'over' => new Decimal($rules->longMm),
                    'longest' => new Decimal($figures->lengths->longestMm()),
                ]),
                self::longest($this->long),
            );
        }
        $dense = $figures->density->above($rules->densePerMm2);
        if ($dense !== []) {
            $findings[] = new Finding(
                FindingCode::Dense,
                new Text('artwork.finding_text.dense', [
                    'most' => $dense[0]->perMm2,
                    'where' => $dense[0]->where->seenFrom(new Point(0, 0)),
                    'limit' => $rules->densePerMm2,
                    'area' => count($dense),
                ]),
                array_map(
                    static fn(Densest $at): Spot => new Spot($at->where, 0),
                    array_slice($dense, 0, self::KEPT),
                ),
            );
        }
        if ($this->longJumps > 0) {
            $findings[] = new Finding(
                FindingCode::LongJump,
                new Text('artwork.finding_text.long_jump', [
                    'count' => $this->longJumps,
                    'over' => new Decimal($rules->longJumpMm, 0),
                ]),
                self::longest($this->carried),
            );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function placeFindings(PatternFigures $figures, Point $end): array
    {
        $findings = [];
        $order = $figures->order;
        if ($order->centreOut === Verdict::No || $order->bottomUp === Verdict::No) {
            $findings[] = new Finding(
                FindingCode::CapOrder,
                new Text('artwork.finding_text.cap_order', [
                    'centre_out' => $order->centreOut->value,
                    'distance' => self::correlation($order->againstDistance),
                    'bottom_up' => $order->bottomUp->value,
                    'height' => self::correlation($order->againstHeight),
                    'objects' => $order->objects,
                ]),
            );
        }
        $start = new Point(0, 0);
        $middle = $figures->bounds->centre();
        if ($middle->distanceTo($start) > self::NEAR_MM) {
            $findings[] = new Finding(
                FindingCode::StartOffMiddle,
                new Text('artwork.finding_text.start_off_middle', ['where' => $start->seenFrom($middle)]),
                [new Spot($start, 0)],
            );
        }
        if ($end->distanceTo($start) > self::NEAR_MM) {
            $findings[] = new Finding(
                FindingCode::EndAway,
                new Text('artwork.finding_text.end_away', ['where' => $end->seenFrom($start)]),
                [new Spot($end, $figures->counts->stitches)],
            );
        }

        return $findings;
    }

    private static function correlation(?float $rank): Text
    {
        return $rank === null
            ? new Text('artwork.finding_text.no_correlation')
            : new Text('artwork.finding_text.rank_correlation', ['figure' => sprintf('%+.2f', $rank)]);
    }

    /**
     * @param list<array{int, Spot}> $found squared length and place
     *
     * @return list<Spot>
     */
    private static function longest(array $found): array
    {
        usort($found, static fn(array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column(array_slice($found, 0, self::KEPT), 1);
    }
}
