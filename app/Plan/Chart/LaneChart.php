<?php

declare(strict_types=1);

namespace App\Plan\Chart;

use App\Foundation\Words\Words;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use Hakama\Calendar\WorkCalendar;
use Hakama\Machine\NeedleBar;
use Hakama\Plan\Lane;
use Hakama\Plan\Odds\Odds;
use Hakama\Plan\Odds\PromiseOdds;
use Hakama\Plan\Placed;
use Hakama\Plan\Timetable;

/** One machine of the chart: its bars, the thread on each needle, and when nothing is done there. */
final readonly class LaneChart
{
    /** Creases nearer than this are not told apart. */
    private const CREASE = 4.0;

    /**
     * @param list<Bar>                          $bars    by start
     * @param list<ThreadStrand>                 $strands what is on each needle, and until when
     * @param list<array{float, float, string}>  $pauses  [from, to) and why nothing is done there
     * @param list<ActualBar>                    $actual  what has really happened
     * @param float                              $top     where it begins
     */
    private function __construct(
        public array $bars,
        public array $strands,
        public array $pauses,
        public array $actual,
        public float $top,
    ) {}

    /** @param array<string, array{int, int, int}> $actual batch => first and last moment of it today, loads */
    public static function of(
        TimeAxis $axis,
        PlanBoard $board,
        Timetable $timetable,
        Lane $lane,
        WorkCalendar $calendar,
        array $actual,
        float $top,
        ?Odds $odds,
    ): self {
        $placed = $timetable->on($lane->id);
        $bars = [];
        foreach ($placed as $rank => $one) {
            $stands = $rank === 0 ? $timetable->workload->now : $placed[$rank - 1]->end();
            $bars[] = self::bar(
                $axis,
                $one,
                $board->batches()[$one->batch->id],
                $rank,
                $one->wait === null ? null : $stands,
                $odds->batches[$one->batch->id] ?? null,
            );
        }

        return new self(
            array_values(array_filter($bars)),
            self::strands($axis, $lane->rack->needles, $placed, $board->colours()),
            self::pauses($axis, $lane->hours->spans, $calendar, $lane->id),
            self::actual($axis, $lane->id, $actual),
            $top,
        );
    }

    public static function height(Lane $lane): float
    {
        return ChartMeasures::BAND_AT + ChartMeasures::BAND + 6 + ChartMeasures::STRAND * count($lane->rack->needles) + 12;
    }

    /**
     * @param array<string, array{int, int, int}> $actual
     *
     * @return list<ActualBar>
     */
    private static function actual(TimeAxis $axis, string $machine, array $actual): array
    {
        $bars = [];
        foreach ($actual as $batch => [$from, $to, $loads]) {
            if ($to > $axis->from() && $from < $axis->to()) {
                $bars[] = new ActualBar(
                    $machine,
                    $batch,
                    $axis->x($from),
                    max($axis->x($to), $axis->x($from) + 2),
                    $loads,
                );
            }
        }

        return $bars;
    }

    private static function bar(
        TimeAxis $axis,
        Placed $placed,
        OpenBatch $batch,
        int $rank,
        ?int $free,
        ?PromiseOdds $odds,
    ): ?Bar {
        if (! $axis->shows($placed->changeoverStart, $placed->end())) {
            return null;
        }
        $loads = [];
        // Creases that would lie closer than a hand could tell apart are not drawn.
        $close = ($axis->x($placed->end()) - $axis->x($placed->start())) / count($placed->loads) < self::CREASE;
        foreach ($close ? [] : $placed->loads as [$start, $end]) {
            if ($axis->shows($start, $end)) {
                $loads[] = [$axis->x($start), $axis->x($end)];
            }
        }
        $waits = $placed->changeoverStart + $placed->changeoverS;
        $hooped =
            $placed->start() +
            min(
                $placed->loads[0][1] - $placed->start(),
                $placed->batch->sewing->hoopS * min($placed->batch->pieces, 2),
            );

        return new Bar(
            $placed,
            $batch,
            $rank,
            new BarEdges(
                $axis->x($placed->changeoverStart),
                $axis->x($waits),
                $axis->x($placed->start()),
                $axis->x($hooped),
                $axis->x($placed->end()),
            ),
            $loads,
            $free === null ? null : $axis->x($free),
            $odds,
            $odds === null || $odds->endP50 === null || $odds->endP80 === null || $odds->endP95 === null
                ? null
                : [$axis->x($odds->endP50), $axis->x($odds->endP80), $axis->x($odds->endP95)],
        );
    }

    /**
     * @param array<int, NeedleBar> $needles
     * @param list<Placed>                       $placed
     * @param array<string, string>              $colours thread => #rrggbb
     *
     * @return list<ThreadStrand>
     */
    private static function strands(TimeAxis $axis, array $needles, array $placed, array $colours): array
    {
        $end = $axis->to();
        $strands = [];
        foreach ($needles as $number => $needle) {
            $thread = $needle->thread;
            $from = $axis->from();
            foreach ($placed as $one) {
                foreach ($one->changes->cones->load as $change) {
                    if ($change->needle !== $number) {
                        continue;
                    }
                    $at = min($end, $change->beforeBlock > 1 ? $one->start() : $one->changeoverStart);
                    if ($at > $from) {
                        $strands[] = new ThreadStrand(
                            $number,
                            $thread,
                            $colours[$thread ?? ''] ?? null,
                            $axis->x($from),
                            $axis->x($at),
                            $at < $end ? $one->batch->id : null,
                        );
                    }
                    [$thread, $from] = [$change->to, max($from, $at)];
                }
            }
            if ($from < $end) {
                $strands[] = new ThreadStrand(
                    $number,
                    $thread,
                    $colours[$thread ?? ''] ?? null,
                    $axis->x($from),
                    $axis->x($end),
                    null,
                );
            }
        }

        return $strands;
    }

    /**
     * @param list<array{int, int}> $spans
     *
     * @return list<array{float, float, string}>
     */
    private static function pauses(TimeAxis $axis, array $spans, WorkCalendar $calendar, string $machine): array
    {
        $pauses = [];
        foreach ($axis->days as [$from, $to]) {
            $at = $from;
            foreach ([...$spans, [$to, $to]] as [$begins, $ends]) {
                if ($begins > $at && $at < $to && $begins > $from) {
                    $pauses[] = [
                        $axis->x($at),
                        $axis->x(min($begins, $to)),
                        Words::say($calendar->reason($machine, $at, min($begins, $to))),
                    ];
                }
                $at = max($at, min($ends, $to));
            }
        }

        return $pauses;
    }
}
