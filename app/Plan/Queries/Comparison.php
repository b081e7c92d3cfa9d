<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Dates;
use App\Plan\OpenBatch;
use App\Plan\OrderedBy;
use App\Shop\Figure;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Handwork;
use Hakama\Plan\Moves;
use Hakama\Plan\Odds\Odds;
use Hakama\Plan\Placed;
use Hakama\Plan\Room;
use Hakama\Plan\Sequence;
use Hakama\Plan\Timetable;
use Hakama\Plan\WhatIf;

/** A found plan beside the one in force, both in the same shop: what moves, and who gains and loses by it. */
final readonly class Comparison
{
    /** A difference of fewer promises that are kept on average is luck. */
    private const KEPT = 0.5;

    /**
     * @param list<array{OpenBatch, Placed|null, Placed|null, bool}> $rows batch, as it is, as it would be, and
     *     whether it moves; what moves first
     * @param array<array-key, int> $room batch => by how many seconds of work it could take longer in the found plan before
     *     a promise on its machine is broken
     * @param Timetable $booked batches in order of arrival, the yardstick
     */
    private function __construct(
        public Timetable $now,
        public Timetable $then,
        public Timetable $booked,
        public array $rows,
        public Moves $moves,
        public array $room,
        private Timetable $asItIs,
        public Odds $oddsNow,
        public Odds $oddsThen,
        public Odds $oddsBooked,
    ) {}

    public static function of(PlanBoard $board, Sequence $found, WhatIf $whatIf, ShopOdds $odds): self
    {
        $workload = $whatIf->of($board->prepared());
        $inForce = $board->sequence();
        $whole = $board->takeover()->whole($found);
        $now = Timetable::of($workload, $inForce);
        $then = Timetable::of($workload, $whole);
        $moves = Moves::between($inForce, $whole, array_map(strval(...), array_keys($workload->people->keeps)));
        $rows = [];
        foreach ($board->batches() as $code => $batch) {
            $rows[] = [$batch, $now->find($code), $then->find($code), $moves->has((string) $code)];
        }
        usort(
            $rows,
            static fn(array $a, array $b): int => [! $a[3], $a[2]->changeoverStart ?? PHP_INT_MAX] <=> [
                ! $b[3],
                $b[2]->changeoverStart ?? PHP_INT_MAX,
            ],
        );
        $standing = new Sequence(
            array_map(
                static fn(array $ids): array => array_values(
                    array_filter($ids, static fn(string $code): bool => $board->batches()[$code]->started),
                ),
                $inForce->batches,
            ),
        );

        $booked = Timetable::of($workload, Dispatch::asBooked($workload, $standing));

        return new self(
            $now,
            $then,
            $booked,
            $rows,
            $moves,
            Room::of($then),
            $board->timetable(),
            $odds->of($now),
            $odds->of($then),
            $odds->of($booked),
        );
    }

    /**
     * Who is to be told: orders that end after their time, and later than people think now.
     *
     * @return list<array{OrderedBy, string}> with a text that is ready to send
     */
    public function messages(): array
    {
        $latest = $thought = $orders = [];
        foreach ($this->rows as [$batch, , $after]) {
            $number = $batch->order->number;
            $orders[$number] = $batch->order;
            $latest[$number] = max($latest[$number] ?? 0, $after?->end() ?? PHP_INT_MAX);
            $thought[$number] = max($thought[$number] ?? 0, $this->asItIs->find($batch->code)?->end() ?? PHP_INT_MAX);
        }
        $messages = [];
        foreach ($orders as $number => $order) {
            if ($latest[$number] <= max(ShopClock::seconds($order->dueAt()), $thought[$number])) {
                continue;
            }
            $messages[] = [
                $order,
                __('plan.comparison.your_order_no_was_promised_for', ['number' => $number, 'due_at' => Dates::longDayTime($order->dueAt()), 'value' => $latest[$number] === PHP_INT_MAX
                        ? __('plan.comparison.we_cannot_yet_say_when_it')
                        : __('plan.comparison.it_will_be_ready', [
                            'latest' => Dates::longDayTime(ShopClock::time($latest[$number])),
                        ])]),
            ];
        }

        return $messages;
    }

    /** How many things people have to change for it, and which: "3 things: 2 batches go to another machine, one ...". */
    public function toChange(): string
    {
        $counts = [
            'elsewhere' => count($this->moves->elsewhere),
            'in_order' => count($this->moves->inOrder),
            'to_tell' => count($this->messages()),
        ];
        $said = [];
        foreach (array_filter($counts, static fn(int $count): bool => $count > 0) as $what => $count) {
            $said[] = __("plan.to_change.{$what}", ['count' => $count]);
        }

        return $said === [] ? '' : __('plan.to_change.things', [
            'count' => array_sum($counts),
            'things' => implode(', ', $said),
            'prepared' => count($this->moves->prepared),
        ]);
    }

    /** What is gained and what it costs, in what people weigh: "Proposed: one batch less late, 191 min of changeover saved." */
    public function answer(): string
    {
        if ($this->moves->count() === 0) {
            return __('plan.comparison.nothing_moves');
        }
        [$now, $then] = [$this->now->totals, $this->then->totals];
        $late = $now->lateBatches - $then->lateBatches;
        $hours = round(($now->weightedLateMin - $then->weightedLateMin) / 60, 1);
        $saved = (int) round($now->changeoverMin - $then->changeoverMin);

        $kept = round($this->oddsThen->keptOnAverage() - $this->oddsNow->keptOnAverage(), 1);

        return __('plan.comparison.answer', ['gains' => implode(', ', array_filter([
            match (true) {
                $kept >= self::KEPT => __('plan.comparison.kept_more', ['promises' => Figure::words($kept, 1)]),
                $kept <= -self::KEPT => __('plan.comparison.kept_less', ['promises' => Figure::words(-$kept, 1)]),
                default => '',
            },
            match (true) {
                $late > 0 => __('plan.comparison.late_less', ['batches' => $late]),
                $late < 0 => __('plan.comparison.late_more', ['batches' => -$late]),
                $hours > 0 => __('plan.comparison.late_hours_less', ['hours' => Figure::words($hours, 1)]),
                default => '',
            },
            match (true) {
                $saved > 0 => __('plan.comparison.changeover_saved', ['min' => $saved]),
                $saved < 0 => __('plan.comparison.changeover_added', ['min' => -$saved]),
                default => '',
            },
            __('plan.comparison.batches_sooner', ['batches' => $this->moves->count()]),
        ], static fn(string $one): bool => $one !== ''))]);
    }

    /** What the search went by, part by part, as it is and as it would be. */
    public function points(): string
    {
        $names = [
            'late' => __('plan.comparison.lateness'),
            'changeover' => __('plan.comparison.changeovers'),
            'flow' => __('plan.comparison.waiting'),
            'unfit' => __('plan.comparison.unfit_machines'),
            'moved' => __('plan.comparison.wasted_preparation'),
            'walks' => __('plan.comparison.thread_walks'),
            'beyond' => __('plan.comparison.people_missing'),
        ];
        [$now, $then] = [$this->now->totals->parts(), $this->then->totals->parts()];
        $said = [];
        foreach ($names as $part => $name) {
            if ($now[$part] !== 0.0 || $then[$part] !== 0.0) {
                $said[] = __('plan.comparison.part_points', [
                    'part' => $name,
                    'now' => Figure::words($now[$part], 1),
                    'then' => Figure::words($then[$part], 1),
                ]);
            }
        }

        return implode('; ', $said);
    }

    /** @return list<OpenBatch> in time as it is, late as it would be */
    public function becomeLate(): array
    {
        return array_values(
            array_map(
                static fn(array $row): OpenBatch => $row[0],
                array_filter(
                    $this->rows,
                    static fn(array $row): bool => ($row[1]?->lateS() ?? 0) === 0 && ($row[2]?->lateS() ?? 0) > 0,
                ),
            ),
        );
    }

    /** @return list<OpenBatch> late as it is, in time as it would be */
    public function areSaved(): array
    {
        return array_values(
            array_map(
                static fn(array $row): OpenBatch => $row[0],
                array_filter(
                    $this->rows,
                    static fn(array $row): bool => ($row[1]?->lateS() ?? 0) > 0 && $row[2]?->lateS() === 0,
                ),
            ),
        );
    }

    /** @return list<array{OpenBatch, string, string}> prepared and moved all the same: batch, from, to */
    public function movedThoughPrepared(): array
    {
        $moved = [];
        foreach ($this->rows as [$batch, , $after]) {
            $on = $this->then->workload->people->keeps[$batch->code]->machine ?? null;
            if ($on !== null && $after !== null && $after->machine !== $on) {
                $moved[] = [$batch, $on, $after->machine];
            }
        }

        return $moved;
    }

    /** Seconds of hands that a plan wants while all who are in have theirs full. */
    public function beyondS(Timetable $of): int
    {
        $people = $of->workload->people->in;

        return $people === null
            ? 0
            : Handwork::of($of->placed, $of->workload)->beyond($people, $of->workload->now, PHP_INT_MAX);
    }
}
