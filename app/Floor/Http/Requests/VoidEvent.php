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
            'event.*' => __('floor.void_event.choose_the_entry_to_void'),
            'why_void.required' => __('floor.void_event.give_the_reason_it_is_kept'),
            'why_void.max' => __('floor.void_event.at_most_200_characters'),
        ];
    }
}
