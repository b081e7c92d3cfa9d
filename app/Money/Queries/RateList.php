<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Foundation\Formats\Csv;
use App\Shop\House;
use App\Shop\RuleWords;
use Hakama\House\HouseRule;
use Hakama\House\RuleSpec;
use Hakama\Money\Amount;
use InvalidArgumentException;

/** What an hour, a metre and a piece cost, and the price list, as lists that a spreadsheet program writes and reads. */
final readonly class RateList
{
    private const RATES = ['rule', 'label', 'value', 'unit'];
    private const PRICES = ['stitches_to', 'pieces_from', 'price'];
    private const SECTION = 'books';
    private const MOST = 500;

    /**
     * @param array<string, float>                                            $rates rule => value
     * @param list<array{stitches_to: int, pieces_from: int, cents: int}> $steps of the price list
     */
    private function __construct(public array $rates, public array $steps) {}

    public static function rates(House $house): string
    {
        return Csv::write(
            self::RATES,
            array_map(
                static fn(HouseRule $rule): array => [
                    $rule->value,
                    RuleWords::label($rule),
                    (string) $house->rules()->value($rule),
                    self::unit($rule),
                ],
                self::rules(),
            ),
        );
    }

    public static function prices(): string
    {
        $rows = [];
        foreach (PriceList::steps() as $to => $of) {
            foreach ($of as $from => $cents) {
                $rows[] = [(string) $to, (string) $from, Amount::plain($cents)];
            }
        }

        return Csv::write(self::PRICES, $rows);
    }

    /**
     * One of the two, as it is told by its columns.
     *
     * @throws InvalidArgumentException that says in which row what is wrong
     */
    public static function read(string $path): self
    {
        $lines = Csv::lines($path, self::MOST);
        $head = Csv::head($lines);
        $rows = Csv::named($lines);
        if ($rows === [] || count($rows) > self::MOST) {
            throw new InvalidArgumentException(__('money.rate_list.rows', ['most' => self::MOST]));
        }

        return match (true) {
            array_diff(['rule', 'value'], $head) === [] => self::readRates($rows),
            array_diff(self::PRICES, $head) === [] => self::readPrices($rows),
            default => throw new InvalidArgumentException(
                __('money.rate_list.columns', ['prices' => implode(', ', self::PRICES)]),
            ),
        };
    }

    /** @param array<int, array<string, string>> $rows */
    private static function readRates(array $rows): self
    {
        $rates = [];
        foreach ($rows as $number => $row) {
            $rule = HouseRule::tryFrom(trim($row['rule']));
            if ($rule === null || ! in_array($rule, self::rules(), true)) {
                throw new InvalidArgumentException(__('money.rate_list.no_such_rate', [
                    'row' => $number,
                    'typed' => $row['rule'],
                ]));
            }
            $value = self::number($row['value']);
            $spec = RuleSpec::of($rule);
            if ($value === null || $value < $spec->least || $value > $spec->most) {
                throw new InvalidArgumentException(
                    __('money.rate_list.out_of_range', [
                        'row' => $number,
                        'label' => RuleWords::label($rule),
                        'least' => (string) $spec->least,
                        'most' => (string) $spec->most,
                        'unit' => self::unit($rule),
                        'typed' => $row['value'],
                    ]),
                );
            }
            $rates[$rule->value] = $value;
        }

        return new self($rates, []);
    }

    /** @param array<int, array<string, string>> $rows */
    private static function readPrices(array $rows): self
    {
        $steps = $least = [];
        foreach ($rows as $number => $row) {
            [$to, $from] = [self::whole($row['stitches_to'], 10_000_000), self::whole($row['pieces_from'], 100_000)];
            $price = self::number($row['price']);
            if ($to === null || $from === null || $price === null || $price < 0 || $price > 10_000) {
                throw new InvalidArgumentException(__('money.rate_list.no_price', ['row' => $number]));
            }
            if (isset($steps["{$to} {$from}"])) {
                throw new InvalidArgumentException(__('money.rate_list.twice', ['row' => $number]));
            }
            $steps["{$to} {$from}"] = [
                'stitches_to' => $to,
                'pieces_from' => $from,
                'cents' => (int) Amount::read($price),
            ];
            $least[$to] = min($least[$to] ?? PHP_INT_MAX, $from);
        }
        foreach ($least as $to => $from) {
            if ($from > 1) {
                throw new InvalidArgumentException(__('money.rate_list.no_first', ['stitches' => $to]));
            }
        }

        return new self([], array_values($steps));
    }

    /** @return list<HouseRule> */
    private static function rules(): array
    {
        return array_values(
            array_filter(
                HouseRule::cases(),
                static fn(HouseRule $rule): bool => RuleSpec::of($rule)->station === self::SECTION,
            ),
        );
    }

    private static function number(string $typed): ?float
    {
        $typed = str_replace(',', '.', trim($typed));

        return preg_match('/^-?\d{1,9}(\.\d{1,4})?$/D', $typed) === 1 ? (float) $typed : null;
    }

    private static function whole(string $typed, int $most): ?int
    {
        $typed = trim($typed);

        return preg_match('/^\d{1,8}$/D', $typed) === 1 && (int) $typed >= 1 && (int) $typed <= $most ? (int) $typed : null;
    }

    private static function unit(HouseRule $rule): string
    {
        return RuleSpec::of($rule)->isMoney() ? 'cents' : (string) __("rules.{$rule->value}.unit");
    }
}
