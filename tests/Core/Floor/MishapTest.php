<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\EventKind;
use Hakama\Floor\Mishap;
use Hakama\Floor\SpoilCause;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class MishapTest extends TestCase
{
    #[Test]
    public function breaks_count_by_the_times_spoils_by_the_pieces_and_what_was_withdrawn_is_none(): void
    {
        $all = Mishap::all([
            ['M2', 'B-1', EventKind::Stopped, null, 1, 0, []],
            ['M1', 'B-1', EventKind::ThreadBroke, null, 2, 0, ['Ann', 'Bo']],
            // Four pieces in two loads, one of them withdrawn; another rejected when it was finished.
            ['M1', 'B-1', EventKind::PieceSpoiled, SpoilCause::Puckering, 2, 4, ['Bo']],
            ['M1', 'B-1', EventKind::SpoilWithdrawn, SpoilCause::Puckering, 1, 1, ['Cy']],
            ['M1', 'B-1', EventKind::PieceRejected, SpoilCause::Puckering, 1, 1, ['Ann', 'Bo']],
            // Said before this shift, withdrawn in it.
            ['M1', 'B-2', EventKind::SpoilWithdrawn, SpoilCause::Other, 1, 1, ['Cy']],
        ]);

        self::assertSame(
            [
                ['M1', null, SpoilCause::Puckering, 4, ['Bo', 'Ann']],
                ['M1', EventKind::ThreadBroke, null, 2, ['Ann', 'Bo']],
                ['M2', EventKind::Stopped, null, 1, []],
            ],
            array_map(static fn(Mishap $one): array => [$one->machine, $one->halt, $one->cause, $one->times, $one->who], $all),
        );
    }

    #[Test]
    public function what_is_planned_is_no_mishap(): void
    {
        $kinds = Mishap::kinds();
        self::assertContains(EventKind::ThreadBroke, $kinds);
        self::assertContains(EventKind::SpoilWithdrawn, $kinds);
        self::assertNotContains(EventKind::HandStop, $kinds);
        self::assertNotContains(EventKind::BobbinRanOut, $kinds);
        self::assertNotContains(EventKind::PieceReturned, $kinds);
    }
}
