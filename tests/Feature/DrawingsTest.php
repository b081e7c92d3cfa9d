<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Plan\DayCloth;
use App\Shop\House;
use App\Shop\ShopClock;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use SimpleXMLElement;

/** What is drawn is measured, and held against what was computed. */
final class DrawingsTest extends FeatureTestCase
{
    #[Test]
    public function the_day_is_drawn_where_its_times_lie(): void
    {
        $board = self::board();
        $cloth = DayCloth::of($board, app(House::class)->rules(), 0);
        $perHour = (DayCloth::WIDTH - DayCloth::LEFT) / 9;

        self::assertSame('2026-03-04', $cloth->day->toDateString());
        // Twenty to ten is an hour and two thirds after eight.
        self::assertEqualsWithDelta(DayCloth::LEFT + $perHour * 5 / 3, $cloth->nowX, 0.01);
        foreach ($cloth->lanes as $machine => $folds) {
            foreach ($folds as $fold) {
                $placed = $board->timetable()->find($fold->batch->code);
                self::assertNotNull($placed);
                self::assertSame($machine, $placed->machine);
                $hours = static fn(int $time): float => min(9, ($time - $cloth->fromS) / 3600);
                self::assertEqualsWithDelta(DayCloth::LEFT + $perHour * $hours($placed->setupStart), $fold->setupX, 0.01);
                self::assertEqualsWithDelta(DayCloth::LEFT + $perHour * $hours($placed->end()), $fold->endX, 0.01);
                self::assertLessThanOrEqual($fold->endX, $fold->startX);
            }
        }
    }

    #[Test]
    public function what_does_not_end_today_goes_on_on_the_cloth_of_tomorrow(): void
    {
        $rules = app(House::class)->rules();
        $late = self::batchOf(1008)->code;
        $on = static fn(int $day): array => array_merge(...array_values(array_map(static fn(array $folds): array => array_map(static fn($fold): string => $fold->batch->code, $folds), DayCloth::of(self::board(), $rules, $day)->lanes)));

        self::assertContains($late, $on(0));
        self::assertContains($late, $on(1));
        self::assertNotContains($late, $on(2));
    }

    #[Test]
    public function the_cloth_leaves_out_the_weekend(): void
    {
        $rules = app(House::class)->rules();
        $days = array_map(static fn(int $day): string => DayCloth::of(self::board(), $rules, $day)->day->toDateString(), range(0, 5));

        self::assertSame(['2026-03-04', '2026-03-05', '2026-03-06', '2026-03-09', '2026-03-10', '2026-03-11'], $days);
    }

    /** @return list<array{string, string}> */
    public static function frames(): array
    {
        return [['1006', 'R-9'], ['1006', 'R-12'], ['1006', 'S-18'], ['1006', 'G-13'], ['1005', 'G-34'], ['1005', 'S-30']];
    }

    #[Test]
    #[DataProvider('frames')]
    public function the_frame_is_drawn_in_its_own_measures_with_the_design_inside(string $order, string $code): void
    {
        $frame = \App\Models\Frame::query()->where('code', $code)->firstOrFail();
        $svg = $this->drawing((int) $order, $code);
        if ($frame->round) {
            self::assertSame([$frame->window_width_mm / 2, $frame->window_height_mm / 2], [(float) $svg->ellipse[1]['rx'], (float) $svg->ellipse[1]['ry']]);
            self::assertEqualsWithDelta($frame->window_width_mm / 2 - 7, (float) $svg->ellipse[2]['rx'], 1e-6);
        } else {
            self::assertSame([$frame->window_width_mm, $frame->window_height_mm], [(float) $svg->rect[1]['width'], (float) $svg->rect[1]['height']]);
        }
        $bounds = self::decoration((int) $order)->load('artwork')->artwork?->bounds();
        self::assertNotNull($bounds);
        self::assertEqualsWithDelta([$bounds->width() + 4, $bounds->height() + 4], [(float) $svg->g[0]->image['width'], (float) $svg->g[0]->image['height']], 1e-6);
    }

    #[Test]
    public function a_turned_design_is_rotated_in_the_drawing_and_never_mirrored(): void
    {
        foreach ([0, 90, 180, 270] as $turn) {
            $svg = $this->drawing(1006, 'R-12', $turn);
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
            preg_match('~<svg viewBox="0 0 1180.*?</svg>~s', (string) $this->get("/needles/{$machine}")->getContent(), $found);
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
        foreach ((array) $svg->xpath('//*[@data-batch]') as $fold) {
            self::assertStringContainsString((string) $fold['data-batch'], (string) $fold['aria-label']);
            self::assertSame('0', (string) $fold['tabindex']);
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

    private function drawing(int $order, string $frame, ?int $turn = null): SimpleXMLElement
    {
        $html = (string) $this->get('/setup/'.self::decoration($order)->id."?frame={$frame}".($turn === null ? '' : "&turn={$turn}"))->assertOk()->getContent();
        preg_match('~<svg [^>]*id="in-frame".*?</svg>~s', $html, $found);

        return new SimpleXMLElement($found[0]);
    }
}
