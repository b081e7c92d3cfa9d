<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use Closure;
use Illuminate\Foundation\Http\FormRequest;

/** Hours that are worked beside the usual ones: an evening, a Saturday. */
final class AddExtraHours extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $day = static fn(mixed $time): string => substr(is_string($time) ? $time : '', 0, 10);
        $sameDay = function (string $field, mixed $value, Closure $fail) use ($day): void {
            if ($day($value) !== $day($this->input('extra_from'))) {
                $fail('Extra hours begin and end on one day.');
            }
        };

        return [
            'extra_from' => ['required', 'date'],
            'extra_to' => ['bail', 'required', 'date', 'after:extra_from', $sameDay],
            'extra_why' => ['required', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'extra_from.*' => 'Say from when.',
            'extra_to.required' => 'Say until when.',
            'extra_to.date' => 'Say until when.',
            'extra_to.after' => 'Until when is after it begins.',
            'extra_why.*' => 'Say what for, in a few words.',
        ];
    }

    /** @return array<string, mixed> columns of `extra_hours` */
    public function row(): array
    {
        return [
            'from_at' => $this->date('extra_from'),
            'to_at' => $this->date('extra_to'),
            'why' => $this->string('extra_why')->value(),
        ];
    }
}
