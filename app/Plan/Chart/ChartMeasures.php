<?php

declare(strict_types=1);

namespace App\Plan\Chart;

/** How large the chart of the plan is and where its parts lie, in units of its own picture. */
final class ChartMeasures
{
    public const WIDTH = 1180;
    public const LEFT = 92;
    public const TOP = 30;
    /** From the top of a lane to its band, and how high that is. */
    public const BAND_AT = 16;
    public const BAND = 62;
    public const STRAND = 3.6;
}
