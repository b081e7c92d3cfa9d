<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Fit\Clearance;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class ClearanceTest extends TestCase
{
    #[Test]
    public function a_design_moved_by_hand_leaves_less_on_that_side(): void
    {
        // 60 by 40 in a window of 130: 35 left at the sides, 45 above and below; moved 5 right and 3 up.
        $clear = Clearance::of(self::box(60, 40), self::frame(130), Turn::None, 0, 5, 3);
        self::assertEqualsWithDelta(
            [40.0, 30.0, 42.0, 48.0, 30.0],
            [
                $clear->slack->leftMm,
                $clear->slack->rightMm,
                $clear->slack->topMm,
                $clear->slack->bottomMm,
                $clear->leastMm,
            ],
            1e-9,
        );
    }

    #[Test]
    public function a_quarter_turn_and_a_little_more_are_both_counted(): void
    {
        $clear = Clearance::of(self::box(60, 40), self::frame(130), Turn::Quarter, 0, 0, 0);
        self::assertEqualsWithDelta([45.0, 35.0], [$clear->slack->leftMm, $clear->slack->topMm], 1e-9);
        // 30 degrees: half the width is 30 cos 30 + 20 sin 30 = 35.98.
        $turned = Clearance::of(self::box(60, 40), self::frame(130), Turn::None, 30, 0, 0);
        self::assertEqualsWithDelta(65 - 30 * cos(M_PI / 6) - 10, $turned->slack->rightMm, 1e-9);
    }

    #[Test]
    public function beyond_the_window_is_below_nought(): void
    {
        self::assertEqualsWithDelta(
            -5.0,
            Clearance::of(self::box(60, 40), self::frame(130), Turn::None, 0, 40, 0)->leastMm,
            1e-9,
        );
    }

    private static function box(float $width, float $height): ConvexHull
    {
        return ConvexHull::of([
            new Point(7, 3),
            new Point(7 + $width, 3),
            new Point(7 + $width, 3 + $height),
            new Point(7, 3 + $height),
        ]);
    }

    private static function frame(float $side): FrameSpec
    {
        return new FrameSpec('F', FrameKind::Square, Driver::Flat, $side + 40, $side + 40, Window::rectangle($side, $side));
    }
}
