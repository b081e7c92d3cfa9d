<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Hakama\Money\Address;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class AddressTest extends TestCase
{
    #[Test]
    public function it_is_written_as_on_a_letter_without_empty_lines(): void
    {
        $known = ['street' => ' Pier Road 1 ', 'postcode' => '4810', 'city' => 'Ullenmere'];
        $address = Address::of([...$known, 'country' => 'pl', 'x' => 1]);
        self::assertSame(['Pier Road 1', '4810 Ullenmere', 'Poland'], $address->lines('Poland'));
        self::assertSame(['Ullenmere'], Address::of(['city' => 'Ullenmere', 'more' => ['a list']])->lines());
        self::assertSame('PL', $address->country);
        self::assertEquals($address, Address::of($address->parts()));
    }

    #[Test]
    public function it_is_empty_only_where_no_part_is_known(): void
    {
        self::assertTrue(Address::of(['street' => ' ', 'x' => 'y'])->isEmpty());
        foreach (Address::PARTS as $part) {
            self::assertFalse(Address::of([$part => 'PL'])->isEmpty(), $part);
        }
    }
}
