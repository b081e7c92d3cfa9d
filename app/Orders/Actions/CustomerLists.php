<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Foundation\Database\Transaction;
use App\Foundation\Formats\Csv;
use App\Orders\CustomerCards;
use App\Orders\CustomerFacts;
use App\Orders\Http\Requests\SaveCustomer;
use App\Orders\Models\Customer;
use Illuminate\Support\Facades\Validator;
use InvalidArgumentException;

/** Customers from a list or from address cards: the whole file or nothing of it. */
final class CustomerLists
{
    private const MOST_ROWS = 5000;
    private const MOST_PROBLEMS = 10;

    /**
     * @return int how many were taken
     *
     * @throws InvalidArgumentException with what is wrong, row by row
     */
    public static function take(string $path): int
    {
        $begins = ltrim((string) file_get_contents($path, length: 64), "\u{FEFF} \r\n");
        $rows = str_starts_with($begins, 'BEGIN:VCARD')
            ? CustomerCards::read((string) file_get_contents($path))
            : self::rows($path);
        if ($rows === []) {
            throw new InvalidArgumentException(__('customers.list.nobody_in_it'));
        }
        $problems = [];
        foreach ($rows as $number => $row) {
            $wrong = Validator::make($row, SaveCustomer::facts(), SaveCustomer::words())->errors();
            foreach ($wrong->all() as $problem) {
                $problems[] = __('customers.list.row', ['row' => $number, 'problem' => $problem]);
            }
        }
        if ($problems !== []) {
            throw new InvalidArgumentException(implode(' ', array_slice($problems, 0, self::MOST_PROBLEMS)));
        }
        Transaction::run(static function () use ($rows): void {
            $known = Customer::query()
                ->whereIn('name', array_column($rows, 'name'))
                ->get()
                ->keyBy(static fn(Customer $one): string => mb_strtolower($one->name));
            foreach ($rows as $row) {
                $name = mb_strtolower(trim((string) $row['name']));
                CustomerBook::save($known[$name] ?? null, CustomerFacts::read($row));
            }
        });

        return count($rows);
    }

    /**
     * @return array<int, array<string, mixed>> by their row
     *
     * @throws InvalidArgumentException
     */
    private static function rows(string $path): array
    {
        $lines = Csv::lines($path, self::MOST_ROWS);
        if (count($lines) > self::MOST_ROWS + 1) {
            throw new InvalidArgumentException(__('customers.list.too_many', ['most' => self::MOST_ROWS]));
        }
        $foreign = array_diff(Csv::head($lines), [...CustomerFacts::COLUMNS, '']);
        if ($foreign !== [] || ! in_array('name', Csv::head($lines), true)) {
            throw new InvalidArgumentException(__('customers.list.headings', [
                'foreign' => implode(', ', $foreign),
                'known' => implode(', ', CustomerFacts::COLUMNS),
            ]));
        }

        return array_map(CustomerFacts::ofRow(...), Csv::named($lines));
    }
}
