<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use App\Foundation\StateHash;
use App\Money\Queries\PriceList;
use Hakama\Money\Amount;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** The price list as it is typed: a row for each limit of stitches, a column for each quantity. */
final class KeepPrices extends FormRequest
{
    public const MOST_ROWS = 12;
    public const MOST_COLUMNS = 8;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'limits' => ['required', 'array', 'max:'.self::MOST_ROWS],
            'limits.*' => ['nullable', 'integer', 'between:1,10000000', 'distinct'],
            'steps' => ['required', 'array', 'max:'.self::MOST_COLUMNS],
            'steps.*' => ['nullable', 'integer', 'between:1,100000', 'distinct'],
            'prices' => ['required', 'array'],
            'prices.*' => ['array'],
            'prices.*.*' => ['nullable', 'numeric', 'between:0,10000'],
            'seen' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'limits.*' => __('money.keep_prices.stitches_whole_numbers_each_only_once'),
            'steps.*' => __('money.keep_prices.quantities_whole_numbers_each_only_once'),
            'prices.*.*' => __('money.keep_prices.enter_a_price_as_an_amount'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                if ($this->filled('seen') && $this->string('seen')->value() !== StateHash::of(PriceList::steps())) {
                    $validator->errors()->add('seen', __('money.keep_prices.somebody_else_changed_the_list_in'));
                }
                $rows = $this->rows();
                if ($rows === []) {
                    $validator->errors()->add('prices', __('money.keep_prices.the_list_needs_at_least_one'));
                }
                $first = [];
                foreach ($rows as $row) {
                    $first[$row['stitches_to']] = min($first[$row['stitches_to']] ?? PHP_INT_MAX, $row['pieces_from']);
                }
                foreach ($first as $to => $from) {
                    if ($from > 1) {
                        $validator->errors()->add('prices', __('money.keep_prices.up_to_stitches_there_is_no', [
                            'to' => $to,
                        ]));
                    }
                }
            },
        ];
    }

    /** @return list<array{stitches_to: int, pieces_from: int, cents: int}> */
    public function rows(): array
    {
        $rows = [];
        $prices = $this->array('prices');
        foreach ($this->array('limits') as $i => $to) {
            foreach ($this->array('steps') as $j => $from) {
                $price = is_array($prices[$i] ?? null) ? $prices[$i][$j] ?? null : null;
                if (is_numeric($to) && is_numeric($from) && is_numeric($price)) {
                    $rows[] = [
                        'stitches_to' => (int) $to,
                        'pieces_from' => (int) $from,
                        'cents' => (int) Amount::read($price),
                    ];
                }
            }
        }

        return $rows;
    }
}
