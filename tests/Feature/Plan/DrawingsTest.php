<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Foundation\Clock\ShopClock;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Plan\Chart\Bar;
use App\Plan\Chart\ChartMeasures;
use App\Plan\Chart\LaneChart;
use App\Plan\Chart\LanePage;
use App\Plan\Chart\PlanChart;
use App\Plan\Chart\ThreadStrand;
use App\Plan\Chart\Zoom;
use App\Plan\Queries\PlanBoard;
use App\Shop\Calendar\Calendar;
use App\Shop\Figure;
use Carbon\CarbonImmutable;
use Database\Factories\OrderFactory;
use Hakama\Garment\Position;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use SimpleXMLElement;
use Tests\Feature\FeatureTestCase;

/** What is drawn is measured, and held against what was computed. */
final class DrawingsTest extends FeatureTestCase
{
    #[Test]
    public function the_day_is_drawn_where_its_times_lie(): void
    {
        $board = self::board();
        $chart = self::chart($board);
        $perHour = (ChartMeasures::WIDTH - ChartMeasures::LEFT) / 9;
        $from = $chart->axis->days[0][0];

        self::assertSame('2026-03-04', $chart->axis->day->toDateString());
        // Twenty to ten is an hour and two thirds after eight.
        self::assertEqualsWithDelta(ChartMeasures::LEFT + ($perHour * 5) / 3, $chart->nowX, 0.01);
        foreach ($chart->lanes as $machine => $lane) {
            foreach ($lane->bars as $bar) {
                $placed = $board->timetable()->find($bar->batch->code);
                self::assertNotNull($placed);
                self::assertSame($machine, $placed->machine);
                $hours = static fn(int $time): float => min(9, ($time - $from) / 3600);
                self::assertEqualsWithDelta(
                    ChartMeasures::LEFT + $perHour * $hours($placed->changeoverStart),
                    $bar->edges->changeoverX,
                    0.01,
                );
                self::assertEqualsWithDelta(
                    ChartMeasures::LEFT + $perHour * $hours($placed->end()),
                    $bar->edges->endX,
                    0.01,
                );
                self::assertLessThanOrEqual($bar->edges->endX, $bar->edges->startX);
                self::assertGreaterThanOrEqual($bar->edges->startX, $bar->edges->hoopedX);
            }
        }
    }

    #[Test]
    public function each_needle_is_one_strand_that_changes_where_it_is_threaded_anew(): void
    {
        $board = self::board();
        $chart = self::chart($board, Zoom::Week);
        foreach ($board->workload()->lanes as $machine => $lane) {
            foreach ($lane->rack->needles as $number => $needle) {
                $strands = array_values(
                    array_filter(
                        $chart->lanes[$machine]->strands,
                        static fn(ThreadStrand $one): bool => $one->needle === $number,
                    ),
                );
                self::assertSame($needle->thread, $strands[0]->thread, 'it begins with what is on the needle');
                self::assertEqualsWithDelta(ChartMeasures::LEFT, $strands[0]->from, 0.01);
                self::assertEqualsWithDelta(ChartMeasures::WIDTH, end($strands)->to, 0.01);
                $changes = 0;
                foreach ($board->timetable()->on((string) $machine) as $placed) {
                    foreach ($placed->changes->cones->load as $change) {
                        $changes +=
                            $change->needle === $number && $placed->changeoverStart < $chart->axis->days[4][1] ? 1 : 0;
                    }
                }
                self::assertCount(
                    $changes,
                    array_filter($strands, static fn(ThreadStrand $one): bool => $one->until !== null),
                    "{$machine}, needle {$number}",
                );
                foreach (array_slice($strands, 1) as $i => $strand) {
                    self::assertEqualsWithDelta($strands[$i]->to, $strand->from, 0.01, 'without a gap');
                }
            }
        }
    }

    #[Test]
    public function what_does_not_end_today_goes_on_on_the_chart_of_tomorrow(): void
    {
        // Some four minutes each: more than this day has left, and no more than two days.
        $many = self::batchOf(
            OrderFactory::new()
                ->polos(['M' => 150])
                ->nextAt('M2')
                ->create(),
        )->code;
        $on = static fn(int $day): array => array_merge(
            ...array_values(
                array_map(
                    static fn(LaneChart $lane): array => array_map(
                        static fn(Bar $bar): string => $bar->batch->code,
                        $lane->bars,
                    ),
                    self::chart(self::board(), Zoom::Day, $day)->lanes,
                ),
            ),
        );

        self::assertContains($many, $on(0));
        self::assertContains($many, $on(1));
        self::assertNotContains($many, $on(2));
    }

    #[Test]
    public function the_chart_leaves_out_weekends_and_days_off_and_a_week_is_five_days_without_their_nights(): void
    {
        $days = array_map(
            static fn(int $day): string => self::chart(self::board(), Zoom::Day, $day)->axis->day->toDateString(),
            range(0, 5),
        );
        self::assertSame(['2026-03-04', '2026-03-05', '2026-03-06', '2026-03-09', '2026-03-10', '2026-03-11'], $days);
        DB::table('days_off')->insert(['day' => '2026-03-06', 'why' => 'the fair']);
        self::outdate();
        $week = self::chart(self::board(), Zoom::Week)->axis;
        self::outdate();
        self::assertSame(
            ['2026-03-04', '2026-03-05', '2026-03-09', '2026-03-10', '2026-03-11'],
            array_map(static fn(array $day): string => gmdate('Y-m-d', $day[0]), $week->days),
        );
        self::assertEqualsWithDelta(
            $week->x($week->days[0][1]),
            $week->x($week->days[1][0]),
            1e-9,
            'the night takes no room',
        );
        self::assertEqualsWithDelta(
            (ChartMeasures::WIDTH - ChartMeasures::LEFT) / 5,
            $week->x($week->days[2][1]) - $week->x($week->days[2][0]),
            1e-9,
        );
        $hours = self::chart(self::board(), Zoom::Hour)->axis;
        self::assertSame(
            ['09:00', '12:00'],
            array_map(static fn(int $s): string => gmdate('H:i', $s), $hours->days[0]),
        );
    }

    #[Test]
    public function a_day_that_is_over_is_not_shown_first(): void
    {
        CarbonImmutable::setTestNow('2026-03-04 16:59:00');
        self::assertSame('2026-03-04', self::chart(self::board())->axis->day->toDateString());
        CarbonImmutable::setTestNow('2026-03-04 17:00:00');
        self::assertSame('2026-03-05', self::chart(self::board())->axis->day->toDateString());
        CarbonImmutable::setTestNow('2026-03-04 09:40:00');
    }

    #[Test]
    public function the_row_of_hands_is_as_wide_and_high_as_what_the_plan_wants_of_people(): void
    {
        $row = self::chart(self::board())->hands;
        // Nine hours of the day over the width of the drawing: what is drawn is what is counted.
        $second = (ChartMeasures::WIDTH - ChartMeasures::LEFT) / (9 * 3600);
        self::assertEqualsWithDelta(
            $row->wantedS,
            array_sum(array_map(static fn(array $one): float => ($one[1] - $one[0]) * $one[2], $row->work)) / $second,
            1,
        );
        self::assertSame([[2, 3]], array_map(static fn(array $one): array => array_slice($one, 2), $row->people));
        $beyond = array_filter($row->work, static fn(array $one): bool => $one[2] > 2);
        self::assertEqualsWithDelta(
            $row->beyondS,
            array_sum(array_map(static fn(array $one): float => ($one[1] - $one[0]) * ($one[2] - 2), $beyond)) /
                $second,
            1,
        );
        self::assertSame(count($beyond), substr_count($row->beyond(100), 'M'));
        self::assertSame(count($row->work), substr_count($row->outline(100), 'M'));

        // With one of the two away for some hours, more is wanted than there is.
        $this->post('/plan/calendar/person', [
            'who' => 'Maren',
            'people' => '-1',
            'first_day' => '2026-03-04',
            'from_time' => '10:00',
            'to_time' => '12:00',
            'weekdays' => ['1', '2', '3', '4', '5', '6', '7'],
        ])->assertSessionHasNoErrors();
        $alone = self::chart(self::board())->hands;
        self::assertSame(
            [[2, 3], [1, 3], [2, 3]],
            array_map(static fn(array $one): array => array_slice($one, 2), $alone->people),
        );
        self::assertGreaterThan($row->beyondS, $alone->beyondS);
        self::assertStringContainsString('of them when everybody', $alone->words());
        $this->post('/plan/calendar/person', [
            'who' => 'Odo',
            'people' => '-1',
            'first_day' => '2026-03-04',
            'from_time' => '11:00',
            'to_time' => '14:00',
            'weekdays' => ['3'],
        ])->assertSessionHasNoErrors();
        $nobody = self::chart(self::board())->hands;
        self::assertSame(
            [[2, 3], [1, 3], [0, 0], [1, 3], [2, 3]],
            array_map(static fn(array $one): array => array_slice($one, 2), $nobody->people),
        );
        [$from, $to] = $nobody->people[2];
        self::assertSame(
            [],
            array_filter($nobody->work, static fn(array $one): bool => $one[0] < $to - 0.1 && $one[1] > $from + 0.1),
            'no hand is wanted while nobody there',
        );
        self::outdate();
    }

    #[Test]
    public function times_of_another_week_carry_their_date_and_figures_their_thousands_apart(): void
    {
        self::assertSame(
            ['Wed 16:00', 'Tue 23:59', 'Thu 00:00'],
            array_map(static fn(string $at): string => ShopClock::words(CarbonImmutable::parse($at)), [
                '2026-03-04 16:00',
                '2026-03-10 23:59',
                '2026-02-26 00:00',
            ]),
        );
        self::assertSame(
            ['Wed 11 Mar 08:00', 'Wed 25 Feb 08:00'],
            array_map(static fn(string $at): string => ShopClock::words(CarbonImmutable::parse($at)), [
                '2026-03-11 08:00',
                '2026-02-25 08:00',
            ]),
        );
        self::assertSame(
            ["14\u{202F}389.7", '999', '-0.5'],
            [Figure::words(14389.68, 1), Figure::words(999), Figure::words(-0.5, 1)],
        );
    }

    private static function chart(PlanBoard $board, Zoom $zoom = Zoom::Day, int $offset = 0): PlanChart
    {
        $page = LanePage::of(array_keys($board->workload()->lanes), 0);

        return PlanChart::of($board, $board->timetable(), app(Calendar::class)->work(), $zoom, $offset, $page);
    }

    /** @return list<array{string, string}> */
    public static function frames(): array
    {
        return [
            ['polos', 'R-9'],
            ['polos', 'R-12'],
            ['polos', 'S-18'],
            ['polos', 'G-13'],
            ['backs', 'G-34'],
            ['backs', 'S-30'],
        ];
    }

    #[Test]
    #[DataProvider('frames')]
    public function the_frame_is_drawn_in_its_own_measures_with_the_design_inside(string $what, string $code): void
    {
        $frame = \App\Machine\Models\Frame::query()->where('code', $code)->firstOrFail();
        $order = $what === 'polos' ? self::polos() : self::running('M3');
        $svg = $this->drawing($order, $code);
        if ($frame->round) {
            self::assertSame(
                [$frame->window_width_mm / 2, $frame->window_height_mm / 2],
                [(float) $svg->ellipse[1]['rx'], (float) $svg->ellipse[1]['ry']],
            );
            self::assertEqualsWithDelta($frame->window_width_mm / 2 - 7, (float) $svg->ellipse[2]['rx'], 1e-6);
        } else {
            self::assertSame(
                [$frame->window_width_mm, $frame->window_height_mm],
                [(float) $svg->rect[1]['width'], (float) $svg->rect[1]['height']],
            );
        }
        $bounds = self::decoration($order)->load('artwork')->artwork?->bounds();
        self::assertNotNull($bounds);
        self::assertEqualsWithDelta(
            [$bounds->width() + 4, $bounds->height() + 4],
            [(float) $svg->g[0]->image['width'], (float) $svg->g[0]->image['height']],
            1e-6,
        );
    }

    #[Test]
    public function the_side_and_the_back_of_a_cap_are_drawn_where_they_lie(): void
    {
        $decoration = Decoration::query()
            ->where('position', Position::CapFront)
            ->whereHas('artwork', static fn($artwork) => $artwork->where('name', 'Ringers’ bell, cap'))
            ->firstOrFail();
        $drawn = function (Position $position) use ($decoration): \SimpleXMLElement {
            $decoration->update(['position' => $position]);
            app()->forgetScopedInstances();
            $page = (string) $this->get("/setup/{$decoration->id}?machine=M1")
                ->assertOk()
                ->getContent();
            self::assertSame(1, preg_match('~<svg[^>]*id="cap-flat".*?</svg>~s', $page, $found));
            $svg = simplexml_load_string($found[0]);
            self::assertNotFalse($svg);

            return $svg;
        };
        $at = static fn(\SimpleXMLElement $svg, string $class, string $what): array => array_map(
            static fn(\SimpleXMLElement $one): float => (float) $one[$what],
            $svg->xpath("//*[contains(@class, '{$class}')]") ?: [],
        );
        $front = $drawn(Position::CapFront);
        self::assertSame([[0.0], []], [$at($front, 'design', 'data-x'), $at($front, 'panel-seam', 'data-x')]);
        self::assertCount(1, $front->xpath("//*[@class='limit']") ?: []);

        // Six panels; the driver reaches 75 degrees round, and the design ends there.
        $side = $drawn(Position::CapSide);
        [$one, $two] = $at($side, 'panel-seam', 'data-x');
        self::assertEqualsWithDelta(2 * $one, $two, 0.02);
        $round = 6 * $one;
        [$x] = $at($side, 'design', 'data-x');
        [$width] = $at($side, 'design', 'data-width');
        self::assertEqualsWithDelta(min($round / 4, ($round * 75) / 360 - $width / 2), $x, 0.05);
        self::assertSame([], $side->xpath("//*[@class='limit']") ?: [], 'the height of the front does not limit it');

        $back = $drawn(Position::CapBack);
        self::assertSame([0.0], $at($back, 'design', 'data-x'));
        self::assertEqualsWithDelta([-$one, $one], $at($back, 'panel-seam', 'data-x'), 0.02);
        self::assertCount(1, $back->xpath("//*[@class='opening']") ?: []);
    }

    #[Test]
    public function a_turned_design_is_rotated_in_the_drawing_and_never_mirrored(): void
    {
        foreach ([0, 90, 180, 270] as $turn) {
            $svg = $this->drawing(self::polos(), 'R-12', $turn);
            self::assertSame((string) $turn, (string) $svg['data-turn']);
            $transform = (string) $svg->g[0]['transform'];
            // Counter-clockwise on the cloth is minus on the screen, whose y grows downwards.
            self::assertStringContainsString('rotate('.($turn === 0 ? '0' : "-{$turn}").')', $transform);
            self::assertStringNotContainsString('scale', $transform);
        }
    }

    #[Test]
    public function the_rack_is_drawn_with_every_needle_in_its_threads_colour(): void
    {
        foreach (['M1' => 15, 'M2' => 6, 'M3' => 12] as $machine => $needles) {
            preg_match(
                '~<svg viewBox="0 0 1180.*?</svg>~s',
                (string) $this->get("/needles/{$machine}")->getContent(),
                $found,
            );
            foreach (self::machine($machine)->load('rack.thread')->rack as $needle) {
                self::assertStringContainsString('fill="'.$needle->thread?->hex.'"', $found[0]);
            }
            self::assertSame($needles, substr_count($found[0], '117L'));
        }
    }

    #[Test]
    public function the_plan_is_one_drawing_that_holds_as_xml(): void
    {
        preg_match('~<svg viewBox="0 0 1180.*?</svg>~s', (string) $this->get('/plan')->getContent(), $found);
        $svg = new SimpleXMLElement(str_replace('&nbsp;', ' ', $found[0]));
        $lanes = $svg->xpath('//*[@data-lane]');

        self::assertCount(3, (array) $lanes);
        foreach ((array) $svg->xpath('//*[@class="bar"]') as $bar) {
            self::assertStringContainsString((string) $bar['data-batch'], (string) $bar->title);
            self::assertSame('0', (string) $bar['tabindex']);
        }
    }

    #[Test]
    public function local_time_goes_to_seconds_and_back(): void
    {
        foreach (['2026-03-04 09:40:00', '2026-03-29 02:30:00', '2026-10-25 02:30:00'] as $moment) {
            $time = CarbonImmutable::parse($moment);
            self::assertSame($moment, ShopClock::time(ShopClock::seconds($time))->format('Y-m-d H:i:s'));
        }
        self::assertSame(strtotime('2026-03-04 09:40:00 UTC'), ShopClock::now());
    }

    private function drawing(Order $order, string $frame, ?int $turn = null): SimpleXMLElement
    {
        $html = (string) $this->get(
            '/setup/'.self::decoration($order)->id."?frame={$frame}".($turn === null ? '' : "&turn={$turn}"),
        )
            ->assertOk()
            ->getContent();
        preg_match('~<svg [^>]*id="in-frame".*?</svg>~s', $html, $found);

        return new SimpleXMLElement($found[0]);
    }
}
