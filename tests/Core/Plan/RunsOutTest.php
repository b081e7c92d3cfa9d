<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Plan\RunsOut;
use Hakama\Setup\Backing\Film;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Bobbins and film against what is planned. */
final class RunsOutTest extends TestCase
{
    #[Test]
    public function the_first_batch_that_does_not_get_enough_is_named_and_all_that_is_missing_counted(): void
    {
        $uses = [['B-1', 100, 4.0], ['B-2', 200, 3.0], ['B-3', 300, 0.0], ['B-4', null, 5.0]];
        self::assertNull(RunsOut::of(12.0, $uses));
        $at = static function (float $there) use (&$uses): array {
            $out = RunsOut::of($there, $uses);

            return [$out?->missing, $out?->for, $out?->wanted];
        };
        self::assertSame([1.0, 'B-4', null], $at(11.0));
        self::assertSame([6.0, 'B-2', 200], $at(6.0));
        self::assertSame([12.0, 'B-1', 100], $at(0.0));
        $uses = array_reverse($uses);
        self::assertSame([6.0, 'B-2', 200], $at(6.0), 'in whatever order they are told');
        self::assertNull(RunsOut::of(0.0, []));
    }

    #[Test]
    public function film_reaches_two_centimetres_beyond_the_design(): void
    {
        self::assertSame(120.0, Film::cm2(80.0, 60.0), 'twelve by ten centimetres');
    }
}
