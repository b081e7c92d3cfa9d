<?php

declare(strict_types=1);

namespace App\Stock\Http\Requests;

use App\Foundation\Http\ReadsChoices;
use App\Stock\StockKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How much of something lies on the shelf. */
final class CountStock extends FormRequest
{
    use ReadsChoices;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(StockKind::class)],
            'amount' => ['required', 'numeric', 'between:0,100000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => __('stock.count_stock.choose_what_was_counted'),
            'amount.*' => __('stock.count_stock.quantity_0_to_100_000'),
        ];
    }

    public function kind(): StockKind
    {
        return $this->chosen('kind', StockKind::class);
    }

    public function amount(): float
    {
        return $this->float('amount');
    }
}
