<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use App\Shop\Catalogue\Catalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Who is away, or in as well; the days of the week are for those that come back every week. */
final class AddPresence extends FormRequest
{
    /** @var list<string> of the shop */
    private array $people = [];

    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        $this->people = $catalogue->people();

        return [
            // Somebody who comes in as well may be anybody; away is only who is there at other times.
            'who' => [
                'required',
                'string',
                'max:60',
                ...$this->integer('people') < 0 ? [Rule::in($this->people)] : [],
            ],
            'people' => ['required', Rule::in([-1, 1])],
            'first_day' => ['required', 'date_format:Y-m-d'],
            'last_day' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:first_day'],
            'from_time' => ['nullable', 'date_format:H:i', 'required_with:to_time'],
            'to_time' => ['nullable', 'date_format:H:i', 'after:from_time', 'required_with:from_time'],
            'weekdays' => ['required', 'array'],
            'weekdays.*' => ['integer', 'between:1,7'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'who.required' => __('shop.add_presence.give_a_short_note'),
            'who.max' => __('shop.add_presence.give_a_short_note'),
            'people.*' => __('shop.add_presence.choose_absent_or_extra'),
            'first_day.*' => __('shop.add_presence.choose_the_first_day'),
            'who.in' => __('shop.add_presence.choose_who_is_absent', ['value' => implode(', ', $this->people)]),
            'last_day.*' => __('shop.add_presence.the_last_day_cannot_be_before'),
            'from_time.*' => __('shop.add_presence.enter_the_start_or_leave_both'),
            'to_time.*' => __('shop.add_presence.enter_an_end_after_the_start'),
            'weekdays.*' => __('shop.add_presence.choose_weekdays'),
        ];
    }

    /** @return array<string, mixed> columns of `presences` */
    public function row(): array
    {
        return [
            ...$this->only('who', 'people', 'first_day', 'from_time', 'to_time'),
            'last_day' => $this->filled('last_day') ? $this->string('last_day')->value() : $this->string('first_day')->value(),
            'weekdays' => array_map(intval(...), array_values($this->array('weekdays'))),
        ];
    }
}
