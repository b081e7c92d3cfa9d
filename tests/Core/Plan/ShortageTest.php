<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Plan\Shortage;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What has to be ordered, and by when. */
final class ShortageTest extends TestCase
{
    #[Test]
    public function it_is_ordered_so_many_days_before_it_is_wanted(): void
    {
        // Wanted on the fifth day at noon, three days to come: ordered by the second at noon.
        $day = 86_400;
        $thread = Shortage::of('thread', 'D-16', 120.0, 'm', 'B-7', 5 * $day + 43_200, 3.0);
        self::assertSame(2 * $day + 43_200, $thread->orderBy);
        self::assertFalse($thread->isTooLate(2 * $day + 43_200));
        self::assertTrue($thread->isTooLate(2 * $day + 43_201));
        self::assertNull(Shortage::of('thread', 'D-16', 1.0, 'm', '', null, 3.0)->orderBy);
    }

    #[Test]
    public function what_is_ordered_first_comes_first_and_what_is_not_planned_last(): void
    {
        $of = static fn(string $what, ?int $wanted): Shortage => Shortage::of(
            'thread',
            $what,
            1.0,
            'm',
            '',
            $wanted,
            1.0,
        );
        self::assertSame(
            ['soon', 'later a', 'later b', 'some day'],
            array_map(
                static fn(Shortage $one): string => $one->what,
                Shortage::sorted([
                    $of('some day', null),
                    $of('later b', 900_000),
                    $of('soon', 100_000),
                    $of('later a', 900_000),
                ]),
            ),
        );
    }
}
