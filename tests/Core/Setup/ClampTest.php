<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\House\HouseRules;
use Hakama\Machine\Clamp\ClampCalibration;
use Hakama\Machine\Clamp\ProvingDesign;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Fit\Fit;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class ClampTest extends TestCase
{
    #[Test]
    public function the_proving_design_fits_the_largest_frame_and_no_other(): void
    {
        // 300 less twice 7 leaves 286; the second takes 240 at most: halfway is 263.
        $proving = ProvingDesign::of([self::flat('S', 120), self::flat('L', 300), self::flat('M', 240)], 7);
        self::assertNotNull($proving);
        self::assertSame(['L', 'M', 263.0], [$proving->largest->id, $proving->second->id, $proving->widthMm]);
        $figures = PatternFigures::of($proving->pattern(), HouseRules::of()->measuring());
        self::assertEqualsWithDelta(263.0, $figures->bounds->width(), 0.05);
        self::assertEqualsWithDelta(0.0, $figures->bounds->centre()->x, 0.05);
        self::assertLessThan(4.05, $figures->lengths->longestMm());
        foreach (['L' => true, 'M' => false, 'S' => false] as $id => $fits) {
            $frame = self::flat($id, ['S' => 120.0, 'M' => 240.0, 'L' => 300.0][$id]);
            self::assertSame($fits, Fit::of($figures->hull, $frame, Turn::None, 7)->fits(), $id);
        }
    }

    #[Test]
    public function two_frames_that_are_too_much_alike_cannot_be_told_apart(): void
    {
        self::assertNull(ProvingDesign::of([self::flat('L', 300), self::flat('M', 287)], 7));
        self::assertNotNull(ProvingDesign::of([self::flat('L', 300), self::flat('M', 285)], 7));
        self::assertNull(ProvingDesign::of([self::flat('L', 300)], 7));
        // What is no frame of the flat arms says nothing.
        $clamp = new FrameSpec('K', FrameKind::Clamp, Driver::Clamp, 140, 110, Window::rectangle(100, 70));
        self::assertNull(ProvingDesign::of([self::flat('L', 300), $clamp], 7));
    }

    #[Test]
    public function what_was_found_holds_until_it_fell_or_something_else_stood_there(): void
    {
        self::assertStringContainsString('never found', Said::of((new ClampCalibration(null, null, null))->due()));
        self::assertNull((new ClampCalibration(100, null, null))->due());
        self::assertNull((new ClampCalibration(100, 99, 99))->due());
        self::assertStringContainsString('dropped', Said::of((new ClampCalibration(100, 101, null))->due()));
        self::assertStringContainsString(
            'on that machine since',
            Said::of((new ClampCalibration(100, 90, 101))->due()),
        );
        self::assertNull((new ClampCalibration(102, 101, 101))->due());
    }

    private static function flat(string $id, float $side): FrameSpec
    {
        return new FrameSpec($id, FrameKind::Square, Driver::Flat, $side + 40, $side + 40, Window::rectangle($side, $side));
    }
}
