<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Setup\Tube\TubeLayout;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class TubeLayoutTest extends TestCase
{
    #[Test]
    public function designs_that_nobody_has_placed_follow_each_other_with_the_gap_of_the_house(): void
    {
        $layout = TubeLayout::of([7 => ['bell', 40.0, null], 8 => ['row', 60.0, null]], 50.0, 15.0);

        self::assertSame([50.0, 105.0], [$layout->startMm(7), $layout->startMm(8)]);
        self::assertSame(['15 mm between bell and row'], $layout->gaps());
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
        self::assertSame(['110 mm between bell and row', '15 mm between row and leaf'], $layout->gaps());
    }

    #[Test]
    public function designs_that_lie_over_each_other_are_named_with_how_much(): void
    {
        $layout = TubeLayout::of([7 => ['bell', 40.0, 50.0], 8 => ['row', 60.0, 70.0]], 0.0, 15.0);

        self::assertSame(['bell and row lie over each other by 20 mm'], $layout->overlaps());
        self::assertSame([], $layout->gaps());
    }
}
