<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\Datum;
use Hakama\Setup\Placement\Edge;
use Hakama\Setup\Placement\Line;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Tube\OtherEnd;
use Hakama\Setup\Tube\TubeLayout;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class TubeLayoutTest extends TestCase
{
    #[Test]
    public function designs_that_nobody_has_placed_follow_each_other_with_the_gap_of_the_house(): void
    {
        $layout = TubeLayout::of([7 => ['bell', 40.0, null], 8 => ['row', 60.0, null]], 50.0, 15.0);

        self::assertSame([50.0, 105.0], [$layout->startMm(7), $layout->startMm(8)]);
        self::assertSame(['15 mm between bell and row'], Said::each($layout->gaps()));
        self::assertSame([], $layout->overlaps());
    }

    #[Test]
    public function a_place_that_was_kept_holds_for_its_design_alone_and_what_follows_stands_behind_it(): void
    {
        $layout = TubeLayout::of(
            [7 => ['bell', 40.0, null], 8 => ['row', 60.0, 200.0], 9 => ['leaf', 30.0, null]],
            50.0,
            15.0,
        );

        self::assertSame([50.0, 200.0, 275.0], [$layout->startMm(7), $layout->startMm(8), $layout->startMm(9)]);
        self::assertSame(['110 mm between bell and row', '15 mm between row and leaf'], Said::each($layout->gaps()));
    }

    #[Test]
    public function designs_that_lie_over_each_other_are_named_with_how_much(): void
    {
        $layout = TubeLayout::of([7 => ['bell', 40.0, 50.0], 8 => ['row', 60.0, 70.0]], 0.0, 15.0);

        self::assertSame(['bell and row overlap by 20 mm'], Said::each($layout->overlaps()));
        self::assertSame([], Said::each($layout->gaps()));
    }

    #[Test]
    public function a_place_measured_from_the_other_end_is_the_same_place(): void
    {
        // A leg of 800 mm, a design of 60: 100 up from the hem is 640 down from the waistband to its upper edge.
        $leg = new Placement(Datum::Waistband, Edge::Upper, 250, 0, Line::OuterSeam);
        self::assertSame(640.0, OtherEnd::downMm($leg, 800, 60, 100));
        // A sleeve of 600: 150 down from the shoulder is 390 up from the hem to its lower edge.
        $sleeve = new Placement(Datum::Hem, Edge::Lower, -40, 0, Line::OuterSeam);
        self::assertSame(-390.0, OtherEnd::downMm($sleeve, 600, 60, 150));
        self::assertStringContainsString(
            'Enter 0 to 540 mm from that end',
            Said::refusalOf(fn(): mixed => OtherEnd::downMm($sleeve, 600, 60, 541)),
        );
    }
}
