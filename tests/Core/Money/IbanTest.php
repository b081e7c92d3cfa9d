<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Hakama\Money\Iban;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The examples that are printed where the standard is explained. */
final class IbanTest extends TestCase
{
    #[Test]
    #[TestWith(['GB82 WEST 1234 5698 7654 32'])]
    #[TestWith(['DE89370400440532013000'])]
    #[TestWith(['fr14 2004 1010 0505 0001 3m02 606'])]
    public function its_check_digits_are_found_right(string $iban): void
    {
        self::assertTrue(Iban::isValid($iban));
        $plain = Iban::plain($iban);
        self::assertSame($plain, Iban::plain(Iban::spaced($iban)));
        // Any one digit that is wrong is found, and any two neighbours changed over.
        for ($i = 4, $n = strlen($plain); $i < $n; $i++) {
            if (ctype_digit($plain[$i])) {
                self::assertFalse(Iban::isValid(substr_replace($plain, (string) (((int) $plain[$i] + 1) % 10), $i, 1)));
            }
            if ($i + 1 < $n && $plain[$i] !== $plain[$i + 1]) {
                self::assertFalse(Iban::isValid(substr_replace($plain, $plain[$i + 1].$plain[$i], $i, 2)));
            }
        }
    }

    #[Test, TestWith(['']), TestWith(['GB82']), TestWith(['GB82 WEST 1234 5698 7654 3!']), TestWith(['1234567890123456'])]
    public function what_has_another_form_is_none(string $typed): void
    {
        self::assertFalse(Iban::isValid($typed));
    }
}
