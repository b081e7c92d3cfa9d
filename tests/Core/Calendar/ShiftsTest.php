<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Hakama\Calendar\Shifts;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class ShiftsTest extends TestCase
{
    /** @param list<array{int, int}> $hours */
    #[Test]
    #[TestWith(['', []])]
    #[TestWith(['8-12', [[8, 12]]])]
    #[TestWith([' 12:00 – 17:00 ; 8:00-11:00', [[8, 11], [12, 17]]])]
    #[TestWith(['8-12 and 12-16', [[8, 16]]])]
    #[TestWith(['20-24, 0-4', [[0, 4], [20, 24]]])]
    public function hours_are_read_as_people_write_them(string $text, array $hours): void
    {
        $spans = array_map(static fn(array $span): array => [3600 * $span[0], 3600 * $span[1]], $hours);

        self::assertSame($spans, Shifts::read($text));
        self::assertSame($spans, Shifts::read(Shifts::words($spans)));
    }

    #[Test]
    #[TestWith(['early', 'Write hours like'])]
    #[TestWith(['8-12-16', 'Write hours like'])]
    #[TestWith(['25-26', 'no such time'])]
    #[TestWith(['8:60-9', 'no such time'])]
    #[TestWith(['22-6', 'to 24:00, and from 0:00'])]
    #[TestWith(['9-9', 'ends after it begins'])]
    #[TestWith(['0-1,2-3,4-5,6-7,8-9,10-11,12-13,14-15,16-17', 'at most 8 shifts'])]
    public function what_cannot_be_read_is_said_in_words(string $text, string $said): void
    {
        self::assertStringContainsString($said, Said::refusalOf(static fn(): array => Shifts::read($text)));
    }
}
