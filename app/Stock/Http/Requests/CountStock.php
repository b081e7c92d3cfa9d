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
        return ['kind.*' => 'Choose what was counted.', 'amount.*' => 'How much is there, as a number: 0 to 100 000.'];
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
