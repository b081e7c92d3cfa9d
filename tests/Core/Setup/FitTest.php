<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measures;
use Hakama\Garment\Position;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Fit\Fitting;
use Hakama\Setup\Fit\FrameChange;
use Hakama\Setup\Fit\FrameRanking;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Fit\WayIn;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class FitTest extends TestCase
{
    #[Test]
    public function a_box_in_a_rectangle_has_its_slack_on_four_sides(): void
    {
        // 60 × 40 in 100 × 80: 20 on every side, wherever the design lies on its tape.
        $fit = Fit::of(self::box(60, 40, 500, -70), self::frame(Window::rectangle(100, 80)), Turn::None, 7.0);

        self::assertEqualsWithDelta(
            [20, 20, 20, 20, 20],
            [$fit->clearMm, $fit->slack->leftMm, $fit->slack->rightMm, $fit->slack->topMm, $fit->slack->bottomMm],
            1e-6,
        );
        self::assertTrue($fit->fits());
    }

    #[Test]
    public function a_wide_design_goes_into_a_tall_window_by_a_quarter_turn(): void
    {
        $frame = self::frame(Window::rectangle(60, 120));

        self::assertFalse(Fit::of(self::box(90, 30), $frame, Turn::None, 7.0)->fits());
        $turned = Fit::of(self::box(90, 30), $frame, Turn::Quarter, 7.0);
        self::assertTrue($turned->fits());
        self::assertEqualsWithDelta([15, 15], [$turned->slack->leftMm, $turned->slack->topMm], 1e-6);
    }

    #[Test]
    public function a_round_frame_loses_the_corners(): void
    {
        // Half the diagonal of 60 × 80 is 50: in a circle of 120 that leaves 10, though the box alone would leave 20.
        $fit = Fit::of(self::box(60, 80), self::frame(Window::ellipse(120, 120)), Turn::None, 7.0);

        self::assertEqualsWithDelta(10, $fit->clearMm, 1e-6);
        self::assertEqualsWithDelta(20, $fit->slack->topMm, 1e-6);
        self::assertTrue($fit->fits());
        self::assertFalse(
            Fit::of(self::box(60, 88), self::frame(Window::ellipse(120, 120)), Turn::None, 7.0)->fits(),
        );
    }

    #[Test]
    public function in_a_circle_the_best_centre_is_that_of_the_smallest_circle_round_it(): void
    {
        // A 3-4-5 triangle: its circle has its middle on the long side and radius 25.
        $hull = ConvexHull::of([new Point(0, 0), new Point(40, 0), new Point(0, 30)]);
        $fit = Fit::of($hull, self::frame(Window::ellipse(100, 100)), Turn::None, 7.0);

        self::assertEqualsWithDelta(25, $fit->clearMm, 1e-6);
    }

    #[Test]
    public function a_margin_is_kept_to_a_tenth(): void
    {
        $frame = self::frame(Window::rectangle(100, 80));

        self::assertTrue(Fit::of(self::box(86, 20), $frame, Turn::None, 7)->fits());
        self::assertFalse(Fit::of(self::box(86.2, 20), $frame, Turn::None, 7)->fits());
        self::assertStringContainsString(
            'Only 6.9 mm clear',
            Said::of(Fit::of(self::box(86.2, 20), $frame, Turn::None, 7)->because()),
        );
    }

    #[Test]
    public function distances_to_the_edge_agree_with_dense_sampling_of_it(): void
    {
        mt_srand(17);
        foreach (
            [
                Window::rectangle(100, 60, 18),
                Window::ellipse(120, 70),
                Window::ellipse(90, 90),
                Window::rectangle(80, 80),
            ] as $window
        ) {
            $edge = self::edge($window);
            for ($i = 0; $i < 60; $i++) {
                $p = new Point(mt_rand(-480, 480) / 10, mt_rand(-280, 280) / 10);
                $nearest = min(array_map(static fn(Point $e): float => hypot($e->x - $p->x, $e->y - $p->y), $edge));
                $inside = $window->insideMm($p);
                if ($inside >= 0) {
                    self::assertEqualsWithDelta($nearest, $inside, 0.05);
                }
            }
        }
    }

    #[Test]
    public function no_sampled_place_leaves_more_room_than_the_best_centre(): void
    {
        mt_srand(23);
        foreach ([Window::rectangle(120, 90, 25), Window::ellipse(130, 95), Window::ellipse(120, 120)] as $window) {
            for ($round = 0; $round < 6; $round++) {
                $points = [];
                for ($i = 0; $i < 7; $i++) {
                    $points[] = new Point(mt_rand(-350, 350) / 10, mt_rand(-250, 250) / 10);
                }
                $hull = ConvexHull::of($points);
                $fit = Fit::of($hull, self::frame($window), Turn::None, 7.0);
                $middle = $hull->bounds()->centre();
                for ($dx = -12.0; $dx <= 12; $dx += 1.5) {
                    for ($dy = -12.0; $dy <= 12; $dy += 1.5) {
                        $clear = min(
                            array_map(
                                static fn(Point $p): float => $window->insideMm(
                                    $p->moved($dx - $middle->x, $dy - $middle->y),
                                ),
                                $hull->points,
                            ),
                        );
                        self::assertLessThanOrEqual($fit->clearMm + 0.02, $clear);
                    }
                }
            }
        }
    }

    #[Test]
    public function frames_are_ranked_by_fitting_then_by_what_must_be_changed_then_by_size(): void
    {
        $small = self::frame(Window::rectangle(70, 70), 'small');
        $mounted = self::frame(Window::rectangle(150, 150), 'mounted');
        $middle = self::frame(Window::rectangle(120, 120), 'middle');
        $tight = self::frame(Window::rectangle(60, 60), 'tight');
        $cap = self::frame(Window::rectangle(150, 75), 'cap', Driver::Cap);
        $ranked = FrameRanking::of(
            Fitting::of(self::box(50, 50), [$tight, $cap, $middle, $small, $mounted], 7),
            [Driver::Flat, Driver::Cap],
            [Turn::None],
            $mounted,
        );

        self::assertSame(
            ['mounted', 'small', 'middle', 'cap', 'tight'],
            array_map(static fn(RankedFrame $r): string => $r->fit->frame->id, $ranked),
        );
        self::assertSame(
            [FrameChange::Nothing, FrameChange::Frame, FrameChange::Frame, FrameChange::Driver],
            array_map(static fn(RankedFrame $r): FrameChange => $r->change, array_slice($ranked, 0, 4)),
        );
    }

    #[Test]
    public function a_design_that_pulls_hard_is_held_close_by_though_a_larger_frame_is_mounted(): void
    {
        $mounted = self::frame(Window::rectangle(150, 150), 'mounted');
        $close = self::frame(Window::rectangle(120, 120), 'close');
        $house = HouseRules::of();
        // 50 × 50 mm are 25 cm²: 6250 stitches are 250 to the cm², which is the most that is not dense. The larger
        // window leaves 50 mm around it, the smaller 35.
        $first = static fn(int $stitches): RankedFrame => FrameRanking::of(
            Fitting::of(self::box(50, 50), [$mounted, $close], 7),
            [Driver::Flat],
            [Turn::None],
            $mounted,
            new Facts(
                new Design(50, 50, $stitches, 40),
                new Item(Garment::Polo, Position::LeftChest, new ClothSpec(Fabric::Twill)),
                new OnMachine([Driver::Flat]),
            ),
            $house,
        )[0];

        self::assertSame('mounted', $first(6250)->fit->frame->id);
        self::assertSame('close', $first(6251)->fit->frame->id);
    }

    #[Test]
    public function a_frame_that_does_not_go_into_the_garment_does_not_fit_however_well_it_holds_the_design(): void
    {
        $wide = self::frame(Window::rectangle(150, 150), 'wide');
        $narrow = self::frame(Window::rectangle(80, 80), 'narrow');
        $fitting = Fitting::of(self::box(50, 50), [$wide, $narrow], 7);
        // Outer sides are 180 and 110, with bars of 12; the garment is 122 wide: just enough for the second.
        $item = new Item(
            Garment::Polo,
            Position::FullFront,
            new ClothSpec(Fabric::Twill),
            measures: new Measures(['chest_width' => 122.0]),
        );
        $house = HouseRules::of();
        $way = new WayIn($item, Driver::Flat, $house);
        $facts = new Facts(new Design(50, 50, 3000, 40), $item, new OnMachine([Driver::Flat]));
        $ranked = FrameRanking::of($fitting, [Driver::Flat], [Turn::None], $wide, $facts, $house, ['flat' => $way]);

        self::assertSame(
            [['narrow', true], ['wide', false]],
            array_map(static fn(RankedFrame $r): array => [$r->fit->frame->id, $r->fits()], $ranked),
        );
        self::assertTrue($ranked[1]->fit->fits());
        self::assertSame(
            $fitting->in($wide, Turn::None),
            $fitting->only($wide)->in($wide, Turn::None),
            'worked out once',
        );
    }

    #[Test]
    public function a_clamp_is_told_where_the_machine_thinks_its_centre_is_and_how_near_its_corners_are(): void
    {
        // Window 100 × 70, its middle 9 mm below what the machine takes for the centre; a box of 60 × 30 lies in the
        // middle.
        $frame = new FrameSpec('P', FrameKind::Clamp, Driver::Clamp, 150, 120, Window::rectangle(100, 70), 0, -9);
        $fit = Fit::of(self::box(60, 30, 200, 80), $frame, Turn::None, 7.0);

        self::assertEqualsWithDelta([0.0, -9.0], [$fit->fromMachineCentre()->x, $fit->fromMachineCentre()->y], 0.01);
        foreach ($fit->cornersMm() as $corner) {
            self::assertEqualsWithDelta(hypot(20, 20), $corner, 0.01);
        }
        self::assertTrue($frame->isOffCentre());
        // A slanted edge is nearer to a corner than any of its ends.
        $slanted = Fit::of(
            ConvexHull::of([new Point(0, 0), new Point(60, 0), new Point(0, 60)]),
            self::frame(Window::rectangle(60, 60)),
            Turn::None,
            7.0,
        );
        self::assertEqualsWithDelta(hypot(30, 30), $slanted->cornersMm()[1], 0.01);
    }

    #[Test]
    public function a_random_shape_in_a_random_window_is_as_clear_as_dense_sampling_finds(): void
    {
        mt_srand(91);
        for ($round = 0; $round < 24; $round++) {
            [$w, $h] = [mt_rand(700, 2000) / 10, mt_rand(700, 2000) / 10];
            $window = [Window::rectangle($w, $h, mt_rand(0, 30)), Window::ellipse($w, $h), Window::ellipse($w, $w)][
                $round % 3
            ];
            $points = [];
            for ($i = 0; $i < 9; $i++) {
                $points[] = new Point(mt_rand(-250, 250) / 10, mt_rand(-250, 250) / 10);
            }
            $fit = Fit::of(ConvexHull::of($points), self::frame($window), Turn::cases()[$round % 4], 7.0);
            $edge = self::edge($window);
            $least = INF;
            foreach ($fit->placed->points as $point) {
                foreach ($edge as $at) {
                    $least = min($least, $point->distanceTo($at));
                }
            }
            self::assertEqualsWithDelta($least, abs($fit->clearMm), 0.06, "round {$round}");
        }
    }

    private static function box(float $width, float $height, float $x = 0, float $y = 0): ConvexHull
    {
        return ConvexHull::of([
            new Point($x, $y),
            new Point($x + $width, $y),
            new Point($x + $width, $y + $height),
            new Point($x, $y + $height),
        ]);
    }

    private static function frame(Window $window, string $id = 'F', Driver $driver = Driver::Flat): FrameSpec
    {
        return new FrameSpec($id, FrameKind::Square, $driver, $window->widthMm + 30, $window->heightMm + 30, $window);
    }

    /** @return list<Point> */
    private static function edge(Window $window): array
    {
        $points = [];
        for ($i = 0; $i < 6000; $i++) {
            $t = (2 * M_PI * $i) / 6000;
            if ($window->round) {
                $points[] = new Point(($window->widthMm / 2) * cos($t), ($window->heightMm / 2) * sin($t));
                continue;
            }
            // Out along a ray until the window is left, by halving.
            [$near, $far] = [0.0, 200.0];
            for ($k = 0; $k < 40; $k++) {
                $mid = ($near + $far) / 2;
                $window->insideMm(new Point($mid * cos($t), $mid * sin($t))) >= 0 ? ($near = $mid) : ($far = $mid);
            }
            $points[] = new Point($near * cos($t), $near * sin($t));
        }

        return $points;
    }
}
