<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\Bobbin;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class BobbinTest extends TestCase
{
    #[Test]
    public function what_is_left_is_counted_in_pieces_and_said_with_the_piece_to_change_it_before(): void
    {
        // 90 m less 15 are 75; a piece takes 2.5 m: thirty pieces.
        $bobbin = new Bobbin(90.0, 15.0);

        self::assertSame(30, $bobbin->pieces(2.5));
        self::assertSame(
            'The bobbin lasts 30 pieces: change it before no. 37.',
            Said::of($bobbin->words(2.5, 6, 48, 1)),
        );
        self::assertSame(
            'The bobbin lasts to the end of the batch: 30 pieces.',
            Said::of($bobbin->words(2.5, 6, 36, 1)),
        );
        // Two heads have a bobbin each: thirty loads of two.
        self::assertSame(
            'The bobbin lasts 60 pieces: change it before no. 61.',
            Said::of($bobbin->words(2.5, 0, 96, 2)),
        );
    }

    #[Test]
    public function one_that_does_not_last_for_a_piece_is_changed_now(): void
    {
        self::assertSame(0, (new Bobbin(90.0, 88.0))->pieces(2.5));
        self::assertSame(
            'The bobbin holds 2.0 m and a piece takes 2.5: change it now.',
            Said::of((new Bobbin(90.0, 88.0))->words(2.5, 0, 10, 1)),
        );
        self::assertSame(
            0.0,
            (new Bobbin(90.0, 95.0))->leftM(),
            'what was sewn beyond it is another bobbin nobody noted',
        );
        self::assertSame(1, (new Bobbin(90.0, 87.5))->pieces(2.5));
    }
}
