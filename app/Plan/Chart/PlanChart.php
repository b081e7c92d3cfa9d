<?php

declare(strict_types=1);

namespace App\Plan\Chart;

use App\Calendar\Calendar;
use App\Plan\OpenBatch;
use App\Plan\PlanBoard;
use App\Shop\ShopClock;
use Carbon\CarbonImmutable;
use Hakama\Plan\Handwork;
use Hakama\Plan\Placed;
use Hakama\Plan\Timetable;

/**
 * The plan as geometry for a drawing: time runs to the right, nights left out; lanes, the folds of each batch, a
 * strand for each needle.
 */
final readonly class PlanChart
{
    public const WIDTH = 1180;
    public const LEFT = 92;
    public const TOP = 30;
    /** From the top of a lane to its band, and how high that is. */
    public const BAND_AT = 16;
    public const BAND = 62;
    public const STRAND = 3.6;
    private const HOURS = 3;
    private const CREASE = 4.0;

    /**
     * @param list<array{int, int}>        $days   [from, to) of what is shown, seconds of local time
     * @param array<string, list<Bar>>    $lanes  machine => folds, by start
     * @param array<string, list<ThreadStrand>>  $strands machine => what is on each needle, and until when
     * @param array<string, list<array{float, float, string}>> $pauses machine => [from, to) and why nothing is done
     *     there
     * @param array<string, float>         $top    machine => where its lane begins
     * @param list<ActualBar>                   $real   what has really happened
     * @param HandsRow                     $hands  what the plan asks of the people
     */
    private function __construct(
        public Zoom $zoom,
        public int $offset,
        public CarbonImmutable $day,
        public array $days,
        public array $lanes,
        public array $strands,
        public array $pauses,
        public array $top,
        public float $height,
        public ?float $nowX,
        public array $real,
        public HandsRow $hands,
    ) {}

    /**
     * @param array<string, array<string, array{int, int, int}>> $real machine => batch => first and last moment of it
     *     today, loads
     */
    public static function of(
        PlanBoard $board,
        Timetable $timetable,
        Calendar $calendar,
        Zoom $zoom,
        int $offset,
        array $real = [],
    ): self {
        [$day, $days] = self::days($board, $calendar, $zoom, $offset);
        $shown = new self($zoom, $offset, $day, $days, [], [], [], [], 0, null, [], new HandsRow([], [], 0, 0));
        $lanes = $strands = $pauses = $top = $drawn = [];
        $y = (float) self::TOP;
        foreach ($timetable->shop->lanes as $machine => $lane) {
            $placed = $timetable->on($machine);
            $lanes[$machine] = array_values(
                array_filter(
                    array_map(
                        static fn(Placed $one, int $place): ?Bar => $shown->fold(
                            $one,
                            $board->batches()[$one->batch->id],
                            $place,
                            $one->wait === null
                                ? null
                                : ($place === 0
                                    ? $timetable->shop->now
                                    : $placed[$place - 1]->end()),
                        ),
                        $placed,
                        array_keys($placed),
                    ),
                ),
            );
            $strands[$machine] = $shown->strandsOf($lane->rack->needles, $placed, $board->colours());
            $pauses[$machine] = $shown->pausesOf($lane->hours->spans, $calendar, $machine);
            $top[$machine] = $y;
            $y += self::BAND_AT + self::BAND + 6 + self::STRAND * count($lane->rack->needles) + 12;
            foreach ($real[$machine] ?? [] as $batch => [$from, $to, $loads]) {
                if ($to > $days[0][0] && $from < $days[count($days) - 1][1]) {
                    $drawn[] = new ActualBar(
                        $machine,
                        $batch,
                        $shown->x($from),
                        max($shown->x($to), $shown->x($from) + 2),
                        $loads,
                    );
                }
            }
        }
        $now = $timetable->shop->now;
        $inside = array_filter($days, static fn(array $one): bool => $now >= $one[0] && $now <= $one[1]) !== [];

        return new self(
            $zoom,
            $offset,
            $day,
            $days,
            $lanes,
            $strands,
            $pauses,
            $top,
            $y + HandsRow::HEIGHT + 4,
            $inside ? $shown->x($now) : null,
            $drawn,
            HandsRow::of($shown, Handwork::of($timetable), $timetable->shop->hands, $calendar->people()),
        );
    }

    /** Nights take no room: what lies in one is drawn at its edge. */
    public function x(int $time): float
    {
        $before = $length = 0;
        foreach ($this->days as [$from, $to]) {
            $length += $to - $from;
            $before += $time <= $from ? 0 : ($time < $to ? $time : $to) - $from;
        }

        return self::LEFT + ((self::WIDTH - self::LEFT) * $before) / max(1, $length);
    }

    /** @return list<array{float, string, bool}> x, what is written there, and whether a day begins */
    public function ticks(): array
    {
        $step = match ($this->zoom) {
            Zoom::Hour => 900,
            Zoom::Day => 3600,
            Zoom::Week => 4 * 3600,
        };
        $ticks = [];
        foreach ($this->days as [$from, $to]) {
            for ($t = (int) ceil($from / $step) * $step; $t <= $to; $t += $step) {
                if ($this->zoom !== Zoom::Week || $t < $to) {
                    $ticks[] = [$this->x($t), ShopClock::time($t)->format('H:i'), false];
                }
            }
            if ($this->zoom === Zoom::Week) {
                $ticks[] = [$this->x($from), ShopClock::time($from)->format('D j M'), true];
            }
        }

        return $ticks;
    }

    public function title(): string
    {
        return match ($this->zoom) {
            Zoom::Week => 'Week from '.$this->day->format('l j F'),
            Zoom::Day => ($this->day->isToday() ? 'Today, ' : '').$this->day->format('l j F'),
            Zoom::Hour => $this->day->format('D j F').
                ', '.
                ShopClock::time($this->days[0][0])->format('H:i').
                ' to '.
                ShopClock::time($this->days[0][1])->format('H:i'),
        };
    }

    /** @return array{CarbonImmutable, list<array{int, int}>} */
    private static function days(PlanBoard $board, Calendar $calendar, Zoom $zoom, int $offset): array
    {
        $whole = static function (int $ahead) use ($calendar): array {
            $spans = $calendar->spans($calendar->day($ahead));

            return $spans === [] ? [0, 1] : [$spans[0][0], $spans[count($spans) - 1][1]];
        };
        if ($zoom === Zoom::Week) {
            $long = $calendar->daysAWeek();
            $first = $offset * $long;

            return [$calendar->day($first), array_map($whole, range($first, $first + $long - 1))];
        }
        if ($zoom === Zoom::Day) {
            return [$calendar->day($offset), [$whole($offset)]];
        }
        // A few hours from the one that is running; what does not fit into today goes on in the next day.
        [$from, $to] = $whole(0);
        $starts = max($from, intdiv($board->shop()->now, 3600) * 3600) + $offset * self::HOURS * 3600;
        $day = 0;
        while ($starts >= $to && $day < 15) {
            $over = $starts - $to;
            [$from, $to] = $whole(++$day);
            $starts = $from + $over;
        }

        return [$calendar->day($day), [[$starts, min($to, $starts + self::HOURS * 3600)]]];
    }

    private function shows(int $from, int $to): bool
    {
        return array_filter($this->days, static fn(array $day): bool => $to > $day[0] && $from < $day[1]) !== [];
    }

    private function fold(Placed $placed, OpenBatch $batch, int $place, ?int $free): ?Bar
    {
        if (! $this->shows($placed->setupStart, $placed->end())) {
            return null;
        }
        $loads = [];
        // Creases that would lie closer than a hand could tell apart are not drawn.
        $close = ($this->x($placed->end()) - $this->x($placed->start())) / count($placed->loads) < self::CREASE;
        foreach ($close ? [] : $placed->loads as [$start, $end]) {
            if ($this->shows($start, $end)) {
                $loads[] = [$this->x($start), $this->x($end)];
            }
        }
        $waits = $placed->setupStart + $placed->setupS;
        $hooped =
            $placed->start() +
            min($placed->loads[0][1] - $placed->start(), $placed->batch->hoopS * min($placed->batch->pieces, 2));

        return new Bar(
            $placed,
            $batch,
            $place,
            $this->x($placed->setupStart),
            $this->x($waits),
            $this->x($placed->start()),
            $this->x($hooped),
            $this->x($placed->end()),
            $loads,
            $free === null ? null : $this->x($free),
        );
    }

    /**
     * @param array<int, \Hakama\Machine\Needle> $needles
     * @param list<Placed>                       $placed
     * @param array<string, string>              $colours thread => #rrggbb
     *
     * @return list<ThreadStrand>
     */
    private function strandsOf(array $needles, array $placed, array $colours): array
    {
        $end = $this->days[count($this->days) - 1][1];
        $strands = [];
        foreach ($needles as $number => $needle) {
            $thread = $needle->thread;
            $from = $this->days[0][0];
            foreach ($placed as $one) {
                foreach ($one->needles->load as $change) {
                    if ($change->needle !== $number) {
                        continue;
                    }
                    $at = min($end, $change->beforeBlock > 1 ? $one->start() : $one->setupStart);
                    if ($at > $from) {
                        $strands[] = new ThreadStrand(
                            $number,
                            $thread,
                            $colours[$thread ?? ''] ?? null,
                            $this->x($from),
                            $this->x($at),
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
                    $this->x($from),
                    $this->x($end),
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
    private function pausesOf(array $spans, Calendar $calendar, string $machine): array
    {
        $pauses = [];
        foreach ($this->days as [$from, $to]) {
            $at = $from;
            foreach ([...$spans, [$to, $to]] as [$begins, $ends]) {
                if ($begins > $at && $at < $to && $begins > $from) {
                    $pauses[] = [
                        $this->x($at),
                        $this->x(min($begins, $to)),
                        $calendar->reason($machine, $at, min($begins, $to)),
                    ];
                }
                $at = max($at, min($ends, $to));
            }
        }

        return $pauses;
    }
}
