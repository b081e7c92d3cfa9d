<?php

declare(strict_types=1);

namespace Tests\Core\Needles;

use Hakama\Needles\NeedleProgram;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class NeedleProgramTest extends TestCase
{
    #[Test]
    public function what_the_last_one_left_is_held_against_what_is_wanted_block_by_block(): void
    {
        $bell = new NeedleProgram('B-104', [3, 1, 7]);
        self::assertSame([], $bell->differsAt(new NeedleProgram('B-105', [3, 1])), 'what is left over does no harm');
        self::assertSame([2, 4], $bell->differsAt(new NeedleProgram('B-105', [3, 2, 7, 1])));
        self::assertSame('3-1-7', $bell->said());
    }

    #[Test]
    public function a_change_for_one_batch_is_said_that_surprises_the_next(): void
    {
        [$bell, $leaf, $again] = [
            new NeedleProgram('B-104', [3, 1, 7]),
            new NeedleProgram('B-105', [3, 2]),
            new NeedleProgram('B-106', [3, 1, 7]),
        ];
        self::assertSame(
            'B-104 left needles 3-1-7 set; this one needs 3-2: set block 2 again. '.
                'B-106 after it needs 3-1-7 again, as B-104 left it: set it again then.',
            Said::of(NeedleProgram::words($bell, $leaf, $again)),
        );
        self::assertSame(
            'Needles 3-1-7 are still set, from B-104.',
            Said::of(NeedleProgram::words($bell, $again, $leaf)),
        );
        self::assertSame(
            'B-104 left needles 3-1-7 set; this one needs 3-2: set block 2 again.',
            Said::of(NeedleProgram::words($bell, $leaf, new NeedleProgram('B-107', [5]))),
            'one that wants a third thing is set in any case',
        );
        self::assertSame(
            'Set needles 3-2: it is not known what the machine has.',
            Said::of(NeedleProgram::words(null, $leaf, $again)),
        );
    }
}
