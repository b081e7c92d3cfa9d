<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Hakama\Calendar\Hands;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class HandsTest extends TestCase
{
    #[Test]
    public function the_usual_people_are_in_at_all_times(): void
    {
        $hands = Hands::of(2, 3);

        self::assertSame(
            [6, 6, 6, []],
            [$hands->at(PHP_INT_MIN), $hands->at(PHP_INT_MAX), $hands->most(), $hands->nobody],
        );
        self::assertEquals(Hands::always(6), $hands);
    }

    #[Test]
    public function people_come_and_go_and_their_times_add_up(): void
    {
        // One away from 100 to 300, a helper from 200 to 400: 2, 1, 2, 3, 2 people.
        $hands = Hands::of(2, 3, [[100, 300, -1], [200, 400, 1]]);

        self::assertSame(
            [6, 3, 3, 6, 6, 9, 9, 6],
            array_map($hands->at(...), [99, 100, 199, 200, 299, 300, 399, 400]),
        );
        self::assertSame([100, 200, 300, 400], $hands->times);
        self::assertSame(9, $hands->most());
        self::assertSame([0, 1, 4], array_map($hands->step(...), [0, 100, 500]));
    }

    #[Test]
    public function a_change_that_another_makes_up_for_is_none(): void
    {
        $hands = Hands::of(1, 2, [[100, 300, -1], [100, 300, 1], [500, 500, 1]]);

        self::assertSame([[2], [], []], [$hands->counts, $hands->times, $hands->nobody]);
    }

    #[Test]
    public function while_nobody_is_in_what_is_on_a_machine_stays_there(): void
    {
        // Both away from 200 to 300, then one of the two is back.
        $hands = Hands::of(2, 1, [[100, 300, -1], [200, 400, -1], [600, 700, -2]]);

        self::assertSame([[200, 300], [600, 700]], $hands->nobody);
        self::assertSame([2, 1, 1, 1, 2, 2, 2], array_map($hands->at(...), [99, 100, 250, 300, 400, 650, 700]));
    }

    #[Test]
    public function more_are_tended_for_a_what_if_and_never_none(): void
    {
        $hands = Hands::of(2, 3, [[100, 300, -1]]);

        self::assertSame([7, 4], array_map($hands->more(1)->at(...), [0, 100]));
        self::assertSame([2, 1], array_map($hands->more(-4)->at(...), [0, 100]));
        self::assertSame([[100, 900]], Hands::of(1, 1, [[100, 900, -1]])->more(2)->nobody);
    }

    #[Test]
    public function a_helper_may_come_for_some_hours_only(): void
    {
        $hands = Hands::of(2, 3, [[100, 300, -1]]);

        // 6, from 50 on 9, from 100 on 6, from 200 on 3 again, from 300 on 6.
        self::assertSame(
            [6, 9, 9, 6, 6, 3, 6],
            array_map($hands->more(3, 50, 200)->at(...), [49, 50, 99, 100, 199, 200, 300]),
        );
        self::assertSame([6, 3, 4, 7], array_map($hands->more(1, 250)->at(...), [0, 249, 250, 300]));
        // What makes up for it exactly leaves no seam.
        self::assertSame([[6], []], [$hands->more(3, 100, 300)->counts, $hands->more(3, 100, 300)->times]);
    }

    #[Test]
    #[TestWith([0, 3])]
    #[TestWith([2, 0])]
    public function a_shop_without_hands_is_refused(int $people, int $each): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('at least one person');

        Hands::of($people, $each);
    }
}
