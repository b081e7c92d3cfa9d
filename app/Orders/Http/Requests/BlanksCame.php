<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use Hakama\Garment\Size;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Blanks that came in, counted. */
final class BlanksCame extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'good' => ['required', 'integer', 'between:0,9999'],
            'wrong' => ['nullable', 'integer', 'between:0,9999'],
            'size' => ['nullable', Rule::enum(Size::class)],
            'arrival_note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'good.*' => __('orders.change_controller.good_blanks'),
            'wrong.*' => __('orders.change_controller.wrong_blanks'),
            'size.*' => __('orders.blanks.choose_a_size'),
            'arrival_note.*' => __('orders.change_controller.at_most_200'),
        ];
    }

    public function form(): string
    {
        return $this->string('id')->lower()->value();
    }

    /** '' for any. */
    public function size(): string
    {
        return $this->string('size')->value();
    }
}
