<?php

declare(strict_types=1);

namespace App\Stock\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Thread or backing was ordered: the day on which it comes. */
final class GoodsExpected extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'of' => ['required', Rule::in(['Thread', 'Backing'])],
            'what' => ['required', 'string', 'max:80'],
            'comes_on' => ['required', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+1 year'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'of.*' => __('stock.expected.reload'),
            'what.*' => __('stock.expected.reload'),
            'comes_on.*' => __('stock.expected.choose_a_day'),
        ];
    }
}
