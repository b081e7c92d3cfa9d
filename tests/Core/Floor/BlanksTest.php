<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\Blanks;
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
}
