<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Tube\AlongTube;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Stitch\Band;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class AlongTubeTest extends TestCase
{
    #[Test]
    public function each_hooping_of_a_design_is_tried_in_the_frame_and_not_the_whole_of_it(): void
    {
        // 40 mm wide and 200 high in three bands of 50: a reach of 75 takes one at a time. In a window of 89 the
        // frame's height leaves 19.5 at each side of 50.
        $tube = new AlongTube([new Band(0, 50), new Band(75, 125), new Band(150, 200)], HouseRules::of());
        $fit = Fit::of(self::box(40, 200), self::cylinder(90, 89), Turn::None, 7, $tube);

        self::assertTrue($fit->fits());
        self::assertSame(3, $fit->times());
        self::assertEqualsWithDelta(19.5, $fit->slack->topMm, 1e-9);
        self::assertFalse(Fit::of(self::box(40, 200), self::cylinder(90, 89), Turn::None, 7)->fits());
    }

    #[Test]
    public function a_design_too_wide_for_the_window_is_not_made_to_fit_by_several_hoopings(): void
    {
        $tube = new AlongTube([], HouseRules::of());

        self::assertTrue(Fit::of(self::box(76, 200), self::cylinder(90, 89), Turn::None, 7, $tube)->fits());
        $wide = Fit::of(self::box(78, 200), self::cylinder(90, 89), Turn::None, 7, $tube);
        self::assertFalse($wide->fits());
        self::assertEqualsWithDelta(6.0, $wide->clearMm, 1e-9);
    }

    #[Test]
    public function a_motif_longer_than_a_hooping_reaches_stops_it_even_where_the_window_would_hold_it(): void
    {
        // The house reaches 75 along a tube; the window has room for 86.
        $tube = new AlongTube([new Band(0, 80), new Band(100, 150)], HouseRules::of());
        $fit = Fit::of(self::box(40, 150), self::cylinder(90, 100), Turn::None, 7, $tube);

        self::assertFalse($fit->fits());
        self::assertStringContainsString('80 mm along the tube and one hooping reaches 75', Said::of($fit->because()));
    }

    #[Test]
    public function laid_flat_motifs_apart_are_hooped_one_after_the_other_and_an_arrangement_nobody_knows_is_not(): void
    {
        $flat = new FrameSpec('F', FrameKind::Square, Driver::Flat, 140, 140, Window::rectangle(114, 114));
        $apart = new AlongTube([new Band(0, 90), new Band(200, 290)], HouseRules::of());

        // 114 less twice the margin of 7 is a reach of 100, whatever the house reaches on the cylinder.
        $fit = Fit::of(self::box(60, 290), $flat, Turn::None, 7, $apart);
        self::assertSame([true, 2], [$fit->fits(), $fit->times()]);
        self::assertFalse(
            Fit::of(self::box(60, 290), $flat, Turn::None, 7, new AlongTube([], HouseRules::of()))->fits(),
        );
        // A quarter turn lays it across the tube: it goes in whole or not at all.
        self::assertFalse(Fit::of(self::box(60, 290), $flat, Turn::Quarter, 7, $apart)->fits());
    }

    #[Test]
    public function what_lies_between_two_heights_of_an_outline_is_what_a_scan_of_it_finds(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 200; $round++) {
            $points = [];
            for ($i = 0; $i < 12; $i++) {
                $points[] = new Point(mt_rand(-500, 500) / 10, mt_rand(-500, 500) / 10);
            }
            $hull = ConvexHull::of($points);
            [$bottom, $top] = [mt_rand(-600, 0) / 10, mt_rand(1, 600) / 10];
            $part = $hull->between($bottom, $top)?->bounds();
            // By walking each edge in small steps.
            [$left, $right] = [INF, -INF];
            foreach ($hull->points as $i => $a) {
                $b = $hull->points[($i + 1) % count($hull->points)];
                for ($step = 0; $step <= 2000; $step++) {
                    [$x, $y] = [$a->x + (($b->x - $a->x) * $step) / 2000, $a->y + (($b->y - $a->y) * $step) / 2000];
                    if ($y >= $bottom && $y <= $top) {
                        [$left, $right] = [min($left, $x), max($right, $x)];
                    }
                }
            }
            if ($left === INF) {
                continue;
            }
            self::assertNotNull($part);
            self::assertEqualsWithDelta($left, $part->left, 0.1, "round {$round}");
            self::assertEqualsWithDelta($right, $part->right, 0.1, "round {$round}");
        }
        self::assertNull(self::box(10, 10)->between(20, 30));
    }

    #[Test]
    public function every_part_of_random_designs_that_are_said_to_fit_lies_within_the_field_of_its_hooping(): void
    {
        mt_srand(5);
        $fitting = 0;
        for ($round = 0; $round < 300; $round++) {
            $bands = [];
            for ($i = 0, $at = 0; $i < mt_rand(1, 5); $i++) {
                $high = mt_rand(10, 90);
                $bands[] = new Band($at, $at + $high);
                $at += $high + mt_rand(5, 60);
            }
            $top = end($bands)->top;
            $hull = self::box(mt_rand(20, 90), $top);
            $frame = self::cylinder(mt_rand(60, 110), mt_rand(60, 110));
            $fit = Fit::of($hull, $frame, Turn::Half, 7, new AlongTube($bands, HouseRules::of()));
            if (! $fit->fits()) {
                continue;
            }
            $fitting++;
            self::assertLessThanOrEqual($frame->window->widthMm - 14 + 1e-6, $hull->bounds()->width());
            foreach ($fit->hoopings->hoopings ?? [] as $hooping) {
                self::assertLessThanOrEqual($frame->window->heightMm - 14 + 1e-6, $hooping->toMm - $hooping->fromMm);
            }
            $reach = Hoopings::reachMm(HouseRules::of(), $frame);
            $whole = $top <= $reach + 1e-9;
            self::assertSame($whole, $fit->hoopings === null);
            self::assertCount(
                count($bands),
                $whole
                    ? $bands
                    : array_merge(...array_map(static fn($one): array => $one->motifs, $fit->hoopings->hoopings)),
            );
        }
        self::assertGreaterThan(30, $fitting);
    }

    private static function box(float $width, float $height): ConvexHull
    {
        return ConvexHull::of([
            new Point(0, 0),
            new Point($width, 0),
            new Point($width, $height),
            new Point(0, $height),
        ]);
    }

    private static function cylinder(float $width, float $height): FrameSpec
    {
        return new FrameSpec('CY', FrameKind::Cylinder, Driver::Cylinder, 120, 120, Window::rectangle($width, $height));
    }
}
