<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use Hakama\Money\QuoteState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What the customer said to a quote. */
final class AnswerQuote extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $declined = $this->string('answer')->value() === QuoteState::Declined->value;

        return [
            'answer' => ['required', Rule::in([QuoteState::Accepted->value, QuoteState::Declined->value])],
            'why' => [Rule::requiredIf($declined), 'nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'answer.*' => 'Accepted or declined.',
            'why.required' => 'Say why it was declined: the next price is made with it.',
            'why.*' => 'At most 300 letters.',
        ];
    }

    public function isAccepted(): bool
    {
        return $this->string('answer')->value() === QuoteState::Accepted->value;
    }
}
