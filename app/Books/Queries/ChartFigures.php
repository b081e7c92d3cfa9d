<?php

declare(strict_types=1);

namespace App\Books\Queries;

use App\Books\Charts\Chart;
use App\Books\Charts\ChartKind;
use App\Books\Charts\ChartRow;
use App\Books\PeriodWords;
use App\Floor\Projections\DaySums;
use App\Foundation\Clock\ShopClock;
use App\Foundation\ShopProfile;
use App\Foundation\Words\Words;
use App\Money\OrderMoney;
use App\Money\Queries\OrderAccounts;
use App\Plan\Queries\DueOrder;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\PromiseRecord;
use App\Shop\Figure;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Hakama\Books\MachineUse;
use Hakama\Books\Period;
use Hakama\Floor\SpoilCause;
use Hakama\House\HouseRule;

/** What the charts of the books show. */
final readonly class ChartFigures
{
    /** More machines than can be told apart in one bar are one part of it. */
    private const SERIES = 5;
    /** The orders sewn last of which the margins are drawn. */
    private const ORDERS = 300;

    public function __construct(
        private PlanBoard $board,
        private MachineHours $hours,
        private OrderAccounts $accounts,
        private House $house,
        private ShopProfile $premises,
    ) {}

    public function of(ChartKind $kind, CarbonImmutable $from, CarbonImmutable $to): Chart
    {
        return match ($kind) {
            ChartKind::Load => $this->load($from, $to),
            ChartKind::OnTime => $this->onTime($from, $to),
            ChartKind::Spoilage => self::spoilage($from, $to),
            ChartKind::Margin => $this->margin($from, $to),
            ChartKind::Hours => $this->hours($from, $to),
        };
    }

    /** Hours sewn by each machine in each week, and those that are planned after them. */
    private function load(CarbonImmutable $from, CarbonImmutable $to): Chart
    {
        $seconds = $sums = [];
        foreach (self::weeks($from, $to) as $week) {
            $seconds[$week] = [];
        }
        foreach (DaySums::between($from, $to) as $entry) {
            self::add($seconds, $sums, self::week(CarbonImmutable::parse($entry->day)), $entry->machine, $entry->realS);
        }
        $isNow = $to->isToday() || $to->isFuture();
        $ahead = [];
        foreach ($isNow ? $this->board->timetable()->placed : [] as $placed) {
            $week = self::week(ShopClock::time($placed->start()));
            $ahead[$week] = true;
            self::add($seconds, $sums, $week, $placed->machine, (float) ($placed->end() - $placed->start()));
        }
        ksort($seconds);
        arsort($sums);
        $shown = array_slice(array_keys($sums), 0, self::SERIES);
        sort($shown);
        $isMore = count($sums) > count($shown);
        $rows = [];
        foreach ($seconds as $week => $of) {
            $values = array_map(static fn(string $machine): float => ($of[$machine] ?? 0.0) / 3600, $shown);
            $rows[] = new ChartRow(
                self::weekWords($week).(isset($ahead[$week]) ? ' '.__('books.chart.planned') : ''),
                $isMore ? [...$values, array_sum($of) / 3600 - array_sum($values)] : $values,
                self::inBooks($week),
                isset($ahead[$week]),
            );
        }
        $sewn = array_filter($rows, static fn(ChartRow $row): bool => ! $row->ahead);
        $busiest = array_reduce(
            $sewn,
            static fn(?ChartRow $most, ChartRow $row): ChartRow => $most === null
                || array_sum($row->values) > array_sum($most->values) ? $row : $most,
        );

        return new Chart(
            $busiest === null || $sums === [] ? __('books.chart.nothing_sewn') : __('books.chart.busiest', [
                'week' => $busiest->label,
                'hours' => Figure::words((float) array_sum($busiest->values), 1),
            ]),
            __('books.period_name.week'),
            $isMore ? [...$shown, __('books.chart.others')] : $shown,
            'h',
            $rows,
            1,
            __('books.chart.load_because'),
        );
    }

    /**
     * @param array<string, array<string, float>> $seconds
     * @param array<string, float>                $sums
     */
    private static function add(array &$seconds, array &$sums, string $week, string $machine, float $s): void
    {
        $seconds[$week][$machine] = ($seconds[$week][$machine] ?? 0.0) + $s;
        $sums[$machine] = ($sums[$machine] ?? 0.0) + $s;
    }

    /** Of what was due in each week, the share that was done by then. */
    private function onTime(CarbonImmutable $from, CarbonImmutable $to): Chart
    {
        $record = PromiseRecord::between($from, $to);
        $weeks = [];
        foreach ($record->orders as $order) {
            $weeks[self::week($order->due)][] = $order;
        }
        $rows = [];
        foreach ($weeks as $week => $orders) {
            $kept = count(array_filter($orders, static fn(DueOrder $one): bool => $one->isKept()));
            $rows[] = new ChartRow(
                self::weekWords($week),
                [100 * $kept / count($orders)],
                route('books.promises', self::span($week)),
                note: __('books.chart.of', ['kept' => $kept, 'all' => count($orders)]),
            );
        }
        $all = count($record->orders);

        return new Chart(
            $all === 0 ? __('books.promises.nothing_was_due_in_these_days') : __('books.promises.of_promises_kept', [
                'kept' => $record->kept(),
                'all' => $all,
                'kept_2' => Figure::words(100 * $record->kept() / $all),
            ]),
            __('books.chart.due_in'),
            [__('books.promises.on_time')],
            '%',
            $rows,
            0,
            __('books.chart.on_time_because'),
            $this->house->rules()->value(HouseRule::PromiseKept),
        );
    }

    private static function spoilage(CarbonImmutable $from, CarbonImmutable $to): Chart
    {
        $entries = DaySums::between($from, $to);
        $causes = [];
        foreach ($entries as $entry) {
            foreach ($entry->spoiled as $cause => $pieces) {
                $causes[$cause] = ($causes[$cause] ?? 0) + $pieces;
            }
        }
        arsort($causes);
        $spoiled = array_sum($causes);
        $sewn = $spoiled + array_sum(array_map(static fn(Entry $entry): int => $entry->done, $entries));
        $rows = [];
        foreach ($causes as $cause => $pieces) {
            $rows[] = new ChartRow(
                Words::capital(Words::say(SpoilCause::from($cause)->label())),
                [(float) $pieces],
                note: __('books.chart.share', ['share' => Figure::words(100 * $pieces / $spoiled)]),
            );
        }

        return new Chart(
            $spoiled === 0 ? __('books.chart.nothing_spoiled') : __('books.chart.spoiled_of', [
                'spoiled' => $spoiled,
                'sewn' => $sewn,
                'share' => Figure::words(100 * $spoiled / $sewn, 1),
                'cause' => mb_strtolower($rows[0]->label),
            ]),
            __('books.show.cause'),
            [__('books.show.pieces')],
            __('books.chart.pieces'),
            $rows,
            0,
            __('books.chart.spoilage_because'),
        );
    }

    /** What is left of what was earned, by customer, of orders that are sewn whole. */
    private function margin(CarbonImmutable $from, CarbonImmutable $to): Chart
    {
        $of = [];
        $jobs = $this->accounts
            ->sewn(self::ORDERS, $from, $to)
            ->filter(static fn(OrderMoney $job): bool => $job->sewnShare() >= 1.0 && $job->earnedCents() !== null);
        foreach ($jobs as $job) {
            $sum = $of[$job->order->customer->name] ?? [0, 0, 0];
            $of[$job->order->customer->name] = [
                $sum[0] + (int) $job->earnedCents(),
                $sum[1] + (int) $job->profitCents(),
                $sum[2] + 1,
            ];
        }
        uasort($of, static fn(array $a, array $b): int => $b[1] <=> $a[1]);
        $rows = [];
        foreach ($of as $customer => [$earned, $profit, $orders]) {
            $rows[] = new ChartRow(
                (string) $customer,
                [$profit / 100],
                route('orders.index', ['q' => $customer]),
                note: __('books.chart.margin_note', [
                    'percent' => Figure::words($earned === 0 ? 0.0 : 100 * $profit / $earned),
                    'orders' => $orders,
                ]),
            );
        }
        $best = array_key_first($of);

        return new Chart(
            $best === null ? __('books.chart.no_jobs') : __('books.chart.best_customer', [
                'customer' => $best,
                'profit' => Figure::words($of[$best][1] / 100, 2),
                'currency' => $this->premises->shop()->currency,
            ]),
            __('books.jobs.customer'),
            [__('books.jobs.profit')],
            $this->premises->shop()->currency,
            $rows,
            2,
            __('books.chart.margin_because', ['orders' => self::ORDERS]),
        );
    }

    private function hours(CarbonImmutable $from, CarbonImmutable $to): Chart
    {
        $uses = $this->hours->between($from, $to);
        $rows = array_map(
            static fn(string $machine, MachineUse $use): ChartRow => new ChartRow(
                $machine,
                array_map(
                    static fn(int $s): float => $s / 3600,
                    [$use->sewing, $use->stopped, $use->hands, $use->changing, $use->idle],
                ),
            ),
            array_keys($uses),
            $uses,
        );
        $sewing = array_sum(array_map(static fn(MachineUse $use): int => $use->sewing, $uses));
        $all = array_sum(array_map(static fn(ChartRow $row): float => array_sum($row->values), $rows));

        return new Chart(
            match (true) {
                $uses === [] => __('books.chart.too_many_events'),
                $all <= 0.0 => __('books.chart.nothing_sewn'),
                default => __('books.chart.hours_sewing', ['share' => Figure::words($sewing / 36 / $all)]),
            },
            __('books.show.machine'),
            [
                __('books.show.sewing'),
                __('books.show.stopped'),
                __('books.show.hands'),
                __('books.show.changeovers'),
                __('books.show.idle'),
            ],
            'h',
            $rows,
            1,
            __('books.chart.hours_because'),
        );
    }

    private static function week(CarbonImmutable $day): string
    {
        return $day->startOfWeek()->toDateString();
    }

    private static function weekWords(string $week): string
    {
        return PeriodWords::of(Period::Week, CarbonImmutable::parse($week));
    }

    /** @return iterable<string> the first day of each */
    private static function weeks(CarbonImmutable $from, CarbonImmutable $to): iterable
    {
        for ($week = $from->startOfWeek(); $week <= $to; $week = $week->addWeek()) {
            yield $week->toDateString();
        }
    }

    private static function inBooks(string $week): string
    {
        return route('books.show', ['by' => Period::Day->value, ...self::span($week)]);
    }

    /** @return array{from: string, to: string} */
    private static function span(string $week): array
    {
        return ['from' => $week, 'to' => CarbonImmutable::parse($week)->addDays(6)->toDateString()];
    }
}
