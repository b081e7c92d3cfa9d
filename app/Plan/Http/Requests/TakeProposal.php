<?php

declare(strict_types=1);

namespace App\Plan\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which moves of a proposal are taken over, or all of it. */
final class TakeProposal extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'codes' => ['array', Rule::requiredIf(! $this->boolean('whole'))],
            'codes.*' => ['string'],
            'whole' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'codes.*' => __('plan.take_proposal.tick_at_least_one_batch_or'),
        ];
    }

    /** @return list<string>|null null for all */
    public function codes(): ?array
    {
        return $this->boolean('whole') ? null : array_values(array_map(strval(...), $this->array('codes')));
    }
}
