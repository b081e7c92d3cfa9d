<?php

declare(strict_types=1);

namespace Hakama\Lettering;

use Hakama\Stitch\Bounds;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Transform;

/** A text sewn after a design and under it, in the middle, with a halt between for its thread. */
final readonly class UnderDesign
{
    /**
     * @param Bounds $bounds    of what the design sews
     * @param Bounds $text      of what the text sews
     * @param float  $gapMm     left between the two
     * @param int    $trimJumps so many jumps say that the thread is cut
     */
    public static function of(
        Pattern $design,
        Bounds $bounds,
        Lettered $lettered,
        Bounds $text,
        float $gapMm,
        int $trimJumps,
    ): Pattern {
        $dx = $bounds->centre()->x - $text->centre()->x;
        $dy = $bounds->bottom - $gapMm - $text->top;
        $placed = $lettered->pattern->placed(new Transform(dx: (int) round(10 * $dx), dy: (int) round(10 * $dy)));
        $spans = $design->blockSpans();
        $end = $spans === [] ? 0 : $spans[count($spans) - 1]->to;
        $begin = $placed->blockSpans()[0]->from;
        $builder = (new PatternBuilder($design->name))->append($design->slice(0, $end))->stop();
        [$x, $y] = $begin === 0 ? [(int) round(10 * $dx), (int) round(10 * $dy)] : $placed->before($begin);

        return $builder->travelTo($x, $y, $trimJumps)->append($placed->slice($begin, count($placed)))->pattern();
    }
}
