<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A day on which nobody works. */
final class AddDayOff extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'day' => ['required', 'date_format:Y-m-d', Rule::unique('days_off', 'day')],
            'why' => ['required', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'day.unique' => __('shop.add_day_off.that_day_is_already_off'),
            'day.*' => __('shop.add_day_off.choose_the_day'),
            'why.*' => __('shop.add_day_off.give_a_short_reason'),
        ];
    }
}
