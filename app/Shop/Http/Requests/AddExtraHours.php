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
                $fail(__('shop.add_extra_hours.overtime_starts_and_ends_on_one'));
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
            'extra_from.*' => __('shop.add_extra_hours.enter_the_start'),
            'extra_to.required' => __('shop.add_extra_hours.enter_the_end'),
            'extra_to.date' => __('shop.add_extra_hours.enter_the_end'),
            'extra_to.after' => __('shop.add_extra_hours.the_end_must_be_after_the'),
            'extra_why.*' => __('shop.add_extra_hours.give_a_short_reason'),
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
