<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Hakama\Money\Risk;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class RiskTest extends TestCase
{
    #[Test]
    public function what_is_to_be_expected_follows_from_how_cloth_like_it_came_out(): void
    {
        // 24 hoodies at 52.00 are 1248.00. 97 came out and 3 did not; the house says 2 % of 20: (3 + 0.4) / 120 = 2.833 %.
        $risk = Risk::of(24, 1, 5200, 97, 3, 0.02, 3.0, 3);
        self::assertSame(124_800, $risk->onTableCents);
        self::assertEqualsWithDelta(3.4 / 120, $risk->share, 1e-12);
        // 1248.00 by 2.8333 % is 35.36.
        self::assertSame(3_536, $risk->lossCents);
        self::assertFalse($risk->isUnpractised());
    }

    #[Test]
    public function cloth_nobody_has_sewn_is_spoiled_more_often_and_practice_brings_it_down(): void
    {
        // Three times 2 % is 6 %: 74.88. Three good ones on scrap: 0.4 / 23 = 1.739 %: 21.70.
        $risk = Risk::of(24, 1, 5200, 0, 0, 0.02, 3.0, 3);
        self::assertSame([7_488, 2_170, true], [$risk->lossCents, $risk->practisedCents, $risk->isUnpractised()]);
    }

    #[Test]
    public function each_place_on_a_garment_is_a_chance_to_spoil_it(): void
    {
        // 10 % at each of two places: 1 - 0.81 = 19 %.
        $risk = Risk::of(10, 2, 1000, 18, 2, 0.1, 3.0, 0);
        self::assertEqualsWithDelta(0.1, $risk->share, 1e-12);
        self::assertSame(1_900, $risk->lossCents);
    }

    #[Test]
    public function more_that_came_out_never_make_it_worse_and_more_that_did_not_never_better(): void
    {
        mt_srand(9);
        for ($round = 0; $round < 300; $round++) {
            [$came, $failed] = [mt_rand(0, 200), mt_rand(0, 20)];
            $of = static fn(int $c, int $f): int => Risk::of(20, mt_rand(1, 1), 3000, $c, $f, 0.02, 3.0, 3)->lossCents;
            self::assertLessThanOrEqual($of($came, $failed), $of($came + 1, $failed));
            self::assertGreaterThanOrEqual($of($came, $failed), $of($came, $failed + 1));
            self::assertLessThanOrEqual(60_000, $of($came, $failed));
        }
    }
}
