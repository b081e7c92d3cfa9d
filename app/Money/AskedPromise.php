<?php

declare(strict_types=1);

namespace App\Money;

use App\Machine\Models\Frame;
use App\Plan\Estimate;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\PromiseEstimate;
use App\Shop\House;
use Hakama\House\HouseRule;
use Hakama\Machine\Driver;
use Hakama\Money\SaidDesign;
use Hakama\Plan\Odds\PromiseOdds;

/** By when a job may be promised of which there is no order yet, nor an artwork. */
final readonly class AskedPromise
{
    public function __construct(
        private House $house,
        private PlanBoard $board,
        private Estimate $estimate,
        private PromiseEstimate $foretold,
    ) {}

    /** Null where no flat frame is large enough, or the days that are planned are full. */
    public function of(AskedWork $asked): ?PromiseOdds
    {
        $works = [];
        foreach ($asked->designs as $design) {
            $frame = $this->frame($design);
            if ($frame === null) {
                return null;
            }
            $stitches = $design->stitches->likely;
            $work = [
                $this->estimate->sewing($this->board, $stitches, $design->colours, $frame),
                $this->estimate->equipment($design->colours, $frame),
                $asked->pieces,
                $stitches,
            ];
            array_push($works, ...array_fill(0, $design->places, $work));
        }

        return $works === [] ? null : $this->foretold->of($works, null);
    }

    /** The smallest flat one that holds it with the margin; where only stitches are said, the smallest there is. */
    private function frame(SaidDesign $design): ?Frame
    {
        $margins = 2 * $this->house->rules()->value(HouseRule::Margin);
        $long = max($design->widthMm, $design->heightMm) + $margins;
        $short = min($design->widthMm, $design->heightMm) + $margins;

        return $this->board
            ->frames()
            ->filter(
                static fn(Frame $frame): bool => $frame->driver === Driver::Flat
                    && $frame->retired_at === null
                    && max($frame->window_width_mm, $frame->window_height_mm) >= $long
                    && min($frame->window_width_mm, $frame->window_height_mm) >= $short,
            )
            ->sortBy(static fn(Frame $frame): float => $frame->window_width_mm * $frame->window_height_mm)
            ->first();
    }
}
