<?php

declare(strict_types=1);

namespace App\Money;

use App\Foundation\Formats\Csv;
use Hakama\Money\Amount;
use Hakama\Money\Bank\BankEntry;
use Hakama\Money\Bank\CamtReader;
use Hakama\Money\Bank\NoStatement;
use InvalidArgumentException;

/** A statement as a bank gives it out, or a list with these columns. */
final class BankFile
{
    public const COLUMNS = ['date', 'amount', 'name', 'text'];
    private const MOST_ROWS = 20_000;

    /**
     * @return list<BankEntry>
     *
     * @throws InvalidArgumentException with what is wrong
     */
    public static function entries(string $path): array
    {
        $begins = ltrim((string) file_get_contents($path, length: 64), "\u{FEFF} \r\n");
        if (! str_starts_with($begins, '<')) {
            return self::rows($path);
        }
        try {
            return CamtReader::read((string) file_get_contents($path));
        } catch (NoStatement) {
            throw new InvalidArgumentException(__('money.bank.no_statement'));
        }
    }

    /**
     * @return list<BankEntry>
     *
     * @throws InvalidArgumentException
     */
    private static function rows(string $path): array
    {
        $entries = [];
        $seen = [];
        foreach (Csv::named(Csv::lines($path, self::MOST_ROWS)) as $number => $row) {
            $cents = Amount::read(str_replace(',', '.', $row['amount'] ?? ''));
            $day = $row['date'] ?? '';
            $isDay = preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $day, $of) === 1;
            if (! $isDay || ! checkdate((int) $of[2], (int) $of[3], (int) $of[1])) {
                throw new InvalidArgumentException(__('money.bank.row_day', ['row' => $number]));
            }
            if ($cents === null || abs($cents) > 100_000_000) {
                throw new InvalidArgumentException(__('money.bank.row_amount', ['row' => $number]));
            }
            $said = json_encode([$day, $cents, $row['name'] ?? '', $row['text'] ?? ''], JSON_THROW_ON_ERROR);
            // Twice the same on one list is twice paid; the same on the next list is the same.
            $seen[$said] = ($seen[$said] ?? 0) + 1;
            $entries[] = new BankEntry(
                hash('sha256', "{$said} {$seen[$said]}"),
                $day,
                $cents,
                '',
                $row['name'] ?? '',
                $row['text'] ?? '',
            );
        }
        if ($entries === []) {
            throw new InvalidArgumentException(__('money.bank.nothing_in_it'));
        }

        return $entries;
    }
}
