<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\Blanks;
use Hakama\Floor\Coming;
use Hakama\Floor\Lacking;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class BlanksTest extends TestCase
{
    #[Test]
    public function blanks_are_short_by_what_did_not_come_and_what_was_spoiled_beyond_the_spares(): void
    {
        self::assertSame(4, (new Blanks(15, 0, 11, 0))->short(), '11 of 15 came good');
        self::assertSame(0, (new Blanks(15, 2, 17, 2))->short(), 'two spoiled, two spares');
        self::assertSame(1, (new Blanks(15, 2, 17, 3))->short(), 'a third has none');
        self::assertSame(0, (new Blanks(15, 0, null, 0))->short(), 'not counted: they are taken to come');
        self::assertSame(1, (new Blanks(15, 0, null, 1))->short(), 'spoiled without a spare');
        self::assertSame(0, (new Blanks(15, 0, 20, 3))->short(), 'more came than were ordered');
    }

    #[Test]
    public function what_is_expected_is_not_there_until_it_comes(): void
    {
        // Nobody counted; eight of 48 are on their way: forty are there.
        self::assertSame(8, (new Blanks(48, 0, null, 0, [new Coming('', 8, 500)]))->short());
        self::assertSame(6, (new Blanks(48, 2, null, 0, [new Coming('', 8, 500)]))->short(), 'two spares are there');
        self::assertSame(8, (new Blanks(48, 0, 40, 0, [new Coming('', 5, 500)]))->short(), 'counted, that is it');
        self::assertSame(48, (new Blanks(48, 0, null, 0, [new Coming('', 99, 500)]))->short());
    }

    #[Test]
    public function the_batch_that_was_split_off_last_waits_for_them_and_each_size_for_its_own(): void
    {
        // 40 of 48 came; five come at 500, two of size L at 900, and of one nobody has said anything.
        $blanks = new Blanks(48, 0, 40, 0, [new Coming('L', 2, 900), new Coming('', 5, 500)]);
        $said = static fn(array $batches, int $now): array => array_map(
            static fn(Lacking $one): array => [$one->pieces, $one->unknown, $one->at, $one->sizes()],
            $blanks->lackedBy($batches, $now),
        );

        self::assertSame([7 => [8, 1, 900, ['L' => 2, 'M' => 6]]], $said([7 => ['M' => 30, 'L' => 18]], 100));
        self::assertSame(
            [7 => [2, 0, 900, ['L' => 2]], 9 => [6, 1, 500, ['M' => 6]]],
            $said([7 => ['M' => 24, 'L' => 18], 9 => ['M' => 6]], 100),
        );
        // At 600 the five have not come: nobody knows when they do.
        self::assertSame([7 => [8, 6, 900, ['L' => 2, 'M' => 6]]], $said([7 => ['M' => 30, 'L' => 18]], 600));
        // What is begun has its blank: of pieces that are not, no more can be without one than there are.
        self::assertSame([7 => [3, 1, 500, ['M' => 3]]], $said([7 => ['M' => 3]], 100));
        self::assertSame([7 => [0, 0, null, []]], (static fn(): array => array_map(
            static fn(Lacking $one): array => [$one->pieces, $one->unknown, $one->at, $one->sizes()],
            (new Blanks(48, 0, 48, 0))->lackedBy([7 => ['M' => 48]], 0),
        ))());
    }
}
