<?php

declare(strict_types=1);

namespace App\Floor\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** An event that cannot have happened, and why it goes. */
final class VoidEvent extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'event' => ['required', 'integer', 'min:1', 'max:'.PHP_INT_MAX],
            'why_void' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'event.*' => 'Choose what is to be voided.',
            'why_void.required' => 'Say why: it is kept beside the log with your name.',
            'why_void.max' => 'At most 200 letters.',
        ];
    }
}
