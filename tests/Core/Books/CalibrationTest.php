<?php

declare(strict_types=1);

namespace Tests\Core\Books;

use Hakama\Books\OddsCalibration;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The odds that were given, held against what became of the promises. */
final class CalibrationTest extends TestCase
{
    #[Test]
    public function promises_are_counted_by_what_was_said_of_them(): void
    {
        $bands = OddsCalibration::of([[0.4, false], [0.5, true], [0.7, false], [0.94, true], [0.95, true], [1.0, true]]);
        self::assertSame([0.0, 0.5, 0.8, 0.95], array_column($bands, 'from'));
        self::assertSame([1, 2, 1, 2], array_column($bands, 'n'));
        self::assertSame([0, 1, 1, 2], array_column($bands, 'kept'));
        self::assertEqualsWithDelta([0.4, 0.6, 0.94, 0.975], array_column($bands, 'said'), 1e-9);
        self::assertSame(0.5, $bands[1]->share());
        self::assertSame([], OddsCalibration::of([]));
    }

    #[Test]
    public function what_chance_explains_is_not_held_against_the_odds(): void
    {
        // A hundred at 90 %: a standard deviation is √(100 · 0.9 · 0.1) = 3, and 1.96 of them are 5.88.
        $of = static fn(int $kept): OddsCalibration => OddsCalibration::of([
            ...array_fill(0, $kept, [0.9, true]),
            ...array_fill(0, 100 - $kept, [0.9, false]),
        ])[0];
        self::assertFalse($of(85)->isTooHopeful());
        self::assertTrue($of(84)->isTooHopeful());
        self::assertFalse($of(95)->isTooCareful());
        self::assertTrue($of(96)->isTooCareful());
        self::assertFalse($of(96)->isTooHopeful());
        // What was said to be certain and was not kept is one too many.
        self::assertTrue(OddsCalibration::of([[1.0, false]])[0]->isTooHopeful());
    }

    #[Test]
    public function odds_that_are_true_are_hardly_ever_called_false(): void
    {
        mt_srand(5);
        $called = 0;
        for ($shop = 0; $shop < 400; $shop++) {
            $promises = [];
            for ($i = 0; $i < 60; $i++) {
                $p = mt_rand(800, 949) / 1000;
                $promises[] = [$p, mt_rand() / mt_getrandmax() < $p];
            }
            $band = OddsCalibration::of($promises)[0];
            $called += $band->isTooHopeful() || $band->isTooCareful() ? 1 : 0;
        }
        // Five of a hundred, and three standard deviations of that beside.
        self::assertLessThan(400 * 0.05 + 3 * sqrt(400 * 0.05 * 0.95) + 4, $called);
    }
}
