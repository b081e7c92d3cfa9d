<?php

declare(strict_types=1);

namespace Tests\Core\Machine;

use Hakama\Machine\CopiesPerFrame;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class CopiesTest extends TestCase
{
    #[Test]
    public function forty_eight_patches_on_a_sheet_of_twenty_four_are_two_sheets(): void
    {
        self::assertSame([2, 0], [CopiesPerFrame::frames(48, 24), CopiesPerFrame::over(48, 24)]);
        self::assertSame([3, 23], [CopiesPerFrame::frames(49, 24), CopiesPerFrame::over(49, 24)]);
        self::assertSame([1, 23], [CopiesPerFrame::frames(1, 24), CopiesPerFrame::over(1, 24)]);
        self::assertSame([7, 0], [CopiesPerFrame::frames(7, 1), CopiesPerFrame::over(7, 1)]);
        self::assertSame([0, 0], [CopiesPerFrame::frames(0, 24), CopiesPerFrame::over(0, 24)]);
    }

    #[Test]
    public function no_piece_is_lost_or_doubled_over_the_frames(): void
    {
        for ($pieces = 1; $pieces <= 120; $pieces++) {
            for ($copies = 1; $copies <= 30; $copies++) {
                self::assertSame(
                    $pieces + CopiesPerFrame::over($pieces, $copies),
                    CopiesPerFrame::frames($pieces, $copies) * $copies,
                );
                self::assertLessThan($copies, CopiesPerFrame::over($pieces, $copies));
            }
        }
    }
}
