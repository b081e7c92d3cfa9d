<?php

declare(strict_types=1);

namespace Hakama\Money;

/** An account number by ISO 13616: country, two check digits, the account as its country writes it. */
final class Iban
{
    private const FORM = '/^[A-Z]{2}\d{2}[A-Z0-9]{11,30}$/';
    private const GROUP = 4;

    /** Without spaces, in capitals; as it is kept. */
    public static function plain(string $typed): string
    {
        return strtoupper((string) preg_replace('/\s+/', '', $typed));
    }

    /** Its check digits are right: read as one number, letters as 10 to 35, it leaves 1 over 97 (ISO 7064). */
    public static function isValid(string $typed): bool
    {
        $iban = self::plain($typed);
        if (preg_match(self::FORM, $iban) !== 1) {
            return false;
        }
        $rest = 0;
        foreach (str_split(substr($iban, 4).substr($iban, 0, 4)) as $sign) {
            $value = ctype_digit($sign) ? (int) $sign : ord($sign) - ord('A') + 10;
            $rest = ($rest * ($value > 9 ? 100 : 10) + $value) % 97;
        }

        return $rest === 1;
    }

    /** In groups of four, as it is read out. */
    public static function spaced(string $typed): string
    {
        return implode(' ', str_split(self::plain($typed), self::GROUP));
    }
}
