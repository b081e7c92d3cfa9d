<?php

declare(strict_types=1);

namespace App\Plan\Chart;

use App\Plan\Queries\PlanBoard;
use Hakama\Calendar\WorkCalendar;
use Hakama\Plan\Handwork;
use Hakama\Plan\Odds\Odds;
use Hakama\Plan\Timetable;

/**
 * The plan as geometry for a drawing: lanes below each other on one axis of time, and below them the hands it wants.
 */
final readonly class PlanChart
{
    /** @param array<string, LaneChart> $lanes machine => its lane */
    private function __construct(
        public TimeAxis $axis,
        public array $lanes,
        public float $height,
        public ?float $nowX,
        public HandsRow $hands,
        public LanePage $page,
    ) {}

    /**
     * @param array<string, array<string, array{int, int, int}>> $actual machine => batch => first and last moment of it
     *     today, loads
     */
    public static function of(
        PlanBoard $board,
        Timetable $timetable,
        WorkCalendar $calendar,
        Zoom $zoom,
        int $offset,
        LanePage $page,
        array $actual = [],
        ?Odds $odds = null,
    ): self {
        $now = $timetable->workload->now;
        $axis = TimeAxis::of($calendar, $zoom, $offset, $now);
        $lanes = [];
        $y = (float) ChartMeasures::TOP;
        foreach ($page->machines as $machine) {
            $lane = $timetable->workload->lanes[$machine];
            $lanes[$machine] = LaneChart::of(
                $axis,
                $board,
                $timetable,
                $lane,
                $calendar,
                $actual[$machine] ?? [],
                $y,
                $odds,
            );
            $y += LaneChart::height($lane);
        }

        return new self(
            $axis,
            $lanes,
            $y + HandsRow::HEIGHT + 4,
            $axis->has($now) ? $axis->x($now) : null,
            HandsRow::of(
                $axis,
                Handwork::of($timetable->placed, $timetable->workload),
                $timetable->workload->hands,
                $calendar->people(),
                count($timetable->workload->lanes),
            ),
            $page,
        );
    }
}
