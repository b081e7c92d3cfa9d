<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\Tag;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class TagTest extends TestCase
{
    #[Test]
    public function the_last_digit_is_that_of_luhn(): void
    {
        // The textbook number 7992739871 has the digit 3; of 1234: 8 + 3 + 4 + 1 = 16.
        self::assertSame('P-7992739871-3', Tag::of(7_992_739_871)->code());
        self::assertSame('P-1234-4', Tag::of(1234)->code());
        self::assertSame(1234, Tag::read('P-1234-4')?->number);
    }

    #[Test]
    public function it_is_read_as_it_is_typed_or_scanned_and_nothing_else_is(): void
    {
        foreach (['p12344', ' P 1234 4', 'http://shop.local:8080/floor/tags/P-1234-4', "P-1234-4\n"] as $typed) {
            self::assertSame(1234, Tag::read($typed)?->number, $typed);
        }
        foreach (
            ['', 'P', 'P-1234', 'P-1234-5', 'Q-1234-4', 'P-0-0', 'P-1234-4?x', 'P-99999999999-1', 'ab/cd'] as $typed
        ) {
            self::assertNull(Tag::read($typed), $typed);
        }
    }

    #[Test]
    public function one_wrong_digit_or_two_changed_about_is_noticed(): void
    {
        mt_srand(3);
        for ($i = 0; $i < 300; $i++) {
            $code = Tag::of(mt_rand(1, 999_999))->code();
            $at = mt_rand(2, strlen($code) - 1);
            if ($code[$at] === '-') {
                continue;
            }
            $wrong = $code;
            $wrong[$at] = (string) (((int) $code[$at] + mt_rand(1, 9)) % 10);
            self::assertNull(Tag::read($wrong), "{$code} as {$wrong}");
            // Neighbours of which one is nought and the other nine look alike to it.
            $next = $code[$at + 1] ?? '-';
            if ($next !== '-' && $next !== $code[$at] && abs((int) $next - (int) $code[$at]) !== 9) {
                $about = $code;
                [$about[$at], $about[$at + 1]] = [$next, $code[$at]];
                self::assertNull(Tag::read($about), "{$code} as {$about}");
            }
        }
    }

    #[Test]
    public function a_bundle_has_a_letter_of_its_own_and_the_same_digit(): void
    {
        self::assertSame('K-1234-4', Tag::ofBundle(1234)->code());
        $read = Tag::read('http://shop/floor/tags/k-1234-4');
        self::assertSame([1234, true], [$read?->number, $read?->isBundle]);
        self::assertFalse(Tag::read('P-1234-4')?->isBundle);
        self::assertNull(Tag::read('K-1234-5'));
        self::assertNull(Tag::read('B-1234-4'));
    }
}
