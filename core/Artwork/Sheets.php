<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Machine\BatchTime;
use Hakama\Machine\CopiesPerFrame;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\RunTime;
use Hakama\Machine\RunTimeRules;
use Hakama\Machine\SpeedCurve;
use Hakama\Stitch\Copies\DoesNotFit;
use Hakama\Stitch\Copies\Grid;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Figures\StitchLengths;

/**
 * How to sew a quantity of one design in the frames there are: in each, as many copies as fill its sheets evenly, regrouped
 * by colour, the soonest done first.
 */
final readonly class Sheets
{
    /**
     * @param float $marginMm  kept from the edge of the frame
     * @param float $gapMm     between two copies
     * @param float $overlapMm of the backing beyond the frame
     * @param int   $hoopS     to hoop a sheet
     * @param int   $swapS     to swap two
     * @param float $setSpm    speed that is set
     * @param float $handsS    hands at the stops of a sheet of one copy
     */
    public function __construct(
        private float $marginMm,
        private float $gapMm,
        private float $overlapMm,
        private int $hoopS,
        private int $swapS,
        private float $setSpm,
        private SpeedCurve $curve,
        private RunTimeRules $rules,
        private float $handsS = 0.0,
    ) {}

    /**
     * @param list<FrameSpec> $frames
     *
     * @return list<Sheet> soonest done first
     */
    public function of(PatternFigures $one, int $pieces, array $frames): array
    {
        $sheets = [];
        foreach ($frames as $frame) {
            $grid = $this->grid($one, $pieces, $frame);
            if ($grid === null) {
                continue;
            }
            $count = CopiesPerFrame::frames($pieces, $grid->copies());
            $time = new BatchTime(
                $count,
                1,
                $frame->count >= 2 ? 2 : 1,
                $this->hoopS,
                $this->swapS,
                (int) round($this->sewS($one, $grid->copies())),
            );
            $sheets[] = new Sheet(
                $frame->id,
                $grid,
                $count,
                CopiesPerFrame::over($pieces, $grid->copies()),
                $time->seconds(),
                ($count *
                    ($frame->outerWidthMm + 2 * $this->overlapMm) *
                    ($frame->outerHeightMm + 2 * $this->overlapMm)) /
                    100,
            );
        }
        usort($sheets, static fn(Sheet $a, Sheet $b): int => [$a->seconds, $a->cm2] <=> [$b->seconds, $b->cm2]);

        return $sheets;
    }

    /** Seconds a sheet of so many copies sews, regrouped: each colour is changed to once. */
    public function sewS(PatternFigures $one, int $copies): float
    {
        return RunTime::of(
            StitchLengths::of(array_map(static fn(int $count): int => $copies * $count, $one->lengths->counts)),
            $one->counts->changes,
            // Between two copies the thread is cut, in each colour.
            $copies * $one->counts->trims + ($copies - 1) * ($one->counts->changes + 1),
            $this->setSpm,
            $this->curve,
            $this->rules,
            1,
            $copies * $this->handsS,
        )->seconds();
    }

    /** As few sheets as the frame allows, and no more copies on each than those want. */
    private function grid(PatternFigures $one, int $pieces, FrameSpec $frame): ?Grid
    {
        $field = [$frame->window->widthMm - 2 * $this->marginMm, $frame->window->heightMm - 2 * $this->marginMm];
        if ($frame->window->isCircle()) {
            // The largest square in it.
            $field = [$field[0] * M_SQRT1_2, $field[1] * M_SQRT1_2];
        }
        try {
            $most = Grid::mostIn($field[0], $field[1], $one->bounds->width(), $one->bounds->height(), $this->gapMm);
        } catch (DoesNotFit) {
            return null;
        }
        $sheets = CopiesPerFrame::frames($pieces, $most->copies());
        $rows = (int) ceil(ceil($pieces / $sheets) / $most->columns);

        return $rows >= 1 && $rows < $most->rows ? Grid::of($most->columns, $rows, $this->gapMm) : $most;
    }
}
