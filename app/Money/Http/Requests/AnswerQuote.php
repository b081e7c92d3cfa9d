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
            'answer.*' => __('money.answer_quote.choose_accepted_or_declined'),
            'why.required' => __('money.answer_quote.give_the_reason_it_helps_with'),
            'why.*' => __('money.answer_quote.at_most_300_characters'),
        ];
    }

    public function isAccepted(): bool
    {
        return $this->string('answer')->value() === QuoteState::Accepted->value;
    }
}
