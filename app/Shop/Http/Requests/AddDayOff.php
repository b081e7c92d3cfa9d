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
            'day.unique' => 'That day is off already.',
            'day.*' => 'Choose the day.',
            'why.*' => 'Say why, in a few words.',
        ];
    }
}
