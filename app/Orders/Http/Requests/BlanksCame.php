<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

/** Blanks that came in, counted. */
final class BlanksCame extends BlanksForm
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'good' => ['required', 'integer', 'between:0,9999'],
            'wrong' => ['nullable', 'integer', 'between:0,9999'],
            'arrival_note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'good.*' => __('orders.change_controller.good_blanks'),
            'wrong.*' => __('orders.change_controller.wrong_blanks'),
            'arrival_note.*' => __('orders.change_controller.at_most_200'),
        ];
    }
}
