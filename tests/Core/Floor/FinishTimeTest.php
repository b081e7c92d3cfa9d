<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\FinishTime;
use Hakama\Garment\PatchBack;
use Hakama\House\HouseRules;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class FinishTimeTest extends TestCase
{
    /** 45 s a piece, 2 s a trim, a patch cut out at 8 mm a second, its film pressed 20 s from both sides. */
    #[Test]
    public function tails_scissors_and_press_are_added_up(): void
    {
        $time = new FinishTime(HouseRules::of());

        self::assertSame(45.0, $time->aPieceS(0));
        self::assertSame(45.0 + 6 * 2, $time->aPieceS(6));
        self::assertSame(45.0 + 12 + 188 / 8, $time->aPieceS(6, 188, PatchBack::SewnOn));
        self::assertSame(45.0 + 12 + 188 / 8 + 40, $time->aPieceS(6, 188, PatchBack::IronedOn));
        $own = new FinishTime(HouseRules::of(['press_side_s' => 25, 'cut_out_mm_per_s' => 4]));
        self::assertSame(45.0 + 47 + 50, $own->aPieceS(0, 188, PatchBack::IronedOn));
    }
}
