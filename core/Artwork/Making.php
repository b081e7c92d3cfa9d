<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Stitch\Copies\Copies;
use Hakama\Stitch\Copies\DoesNotFit;
use Hakama\Stitch\Copies\Grid;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\NoPlaceForAStop;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Transform;
use Hakama\Stitch\Turn;

/** What is to be made of a pattern: halts put in, turned or mirrored, laid out in copies, regrouped. */
final readonly class Making
{
    /**
     * @param Grid|null                   $grid       null: one, where it is
     * @param array{float, float}|null    $fieldMm    width and height the copies must stay in
     * @param list<int>                   $stopsAfter stitches of the pattern as it is, from 1
     */
    public function __construct(
        public Turn $turn = Turn::None,
        public bool $mirrored = false,
        public ?Grid $grid = null,
        public ?array $fieldMm = null,
        public bool $regroup = false,
        public array $stopsAfter = [],
    ) {}

    /**
     * @throws DoesNotFit
     * @throws NoPlaceForAStop
     */
    public function of(Pattern $pattern, MeasuringRules $rules): Made
    {
        $one = $this->stopsAfter === [] ? $pattern : $pattern->withStops($this->stopsAfter);
        $origins = self::origins($pattern, $one);
        if ($this->turn !== Turn::None || $this->mirrored) {
            $one = $one->placed(new Transform($this->turn, $this->mirrored));
        }
        $figures = PatternFigures::of($one, $rules);
        if ($this->fieldMm !== null) {
            ($this->grid ?? Grid::of(1, 1, 0))->mustFit(
                $this->fieldMm[0],
                $this->fieldMm[1],
                $figures->bounds->width(),
                $figures->bounds->height(),
            );
        }
        if ($this->grid === null || $this->grid->copies() === 1) {
            return new Made($one, $figures, $figures, $origins);
        }
        $copies = Copies::of($one, $figures->bounds, $this->grid, $rules->trimJumps);
        $inOrder = $copies->inFileOrder();
        $before = PatternFigures::of($inOrder, $rules);
        if (! $this->regroup) {
            return new Made(
                $inOrder,
                $before,
                $before,
                array_merge(...array_fill(0, $this->grid->copies(), $origins)),
            );
        }
        $regrouped = $copies->regrouped();
        // All copies of one block are sewn in a row without a stop: one block of the new pattern.
        return new Made($regrouped, $before, PatternFigures::of($regrouped, $rules), $origins);
    }

    /** @return list<int> for each block of the new pattern, the block of the old one whose thread it takes, from 1 */
    private static function origins(Pattern $old, Pattern $new): array
    {
        $ends = [];
        $sewn = 0;
        foreach ($old->blockSpans() as $span) {
            $ends[] = $sewn += $span->stitches;
        }
        $origins = [];
        $sewn = $block = 0;
        foreach ($new->blockSpans() as $span) {
            while ($sewn >= $ends[$block]) {
                $block++;
            }
            $origins[] = $block + 1;
            $sewn += $span->stitches;
        }

        return $origins;
    }
}
