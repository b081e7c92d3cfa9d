<?php

declare(strict_types=1);

namespace App\Plan\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How many of a batch’s pieces are to be run apart. */
final class ChooseSplit extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pieces' => ['required', 'integer', 'min:1'],
            'version' => ['required', 'integer'],
            'elsewhere' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pieces.*' => __('plan.choose_split.enter_a_whole_number_of_at'),
        ];
    }
}
