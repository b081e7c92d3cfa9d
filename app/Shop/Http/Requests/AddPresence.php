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
            'who.required' => 'Say who, in a few words.',
            'who.max' => 'Say who, in a few words.',
            'people.*' => 'Choose away or in as well.',
            'first_day.*' => 'Choose the first day.',
            'who.in' => 'Choose who is away: '.implode(', ', $this->people).'.',
            'last_day.*' => 'The last day is not before the first; leave it empty for one day.',
            'from_time.*' => 'Say from when, or leave both empty for all the day.',
            'to_time.*' => 'Say until when, after it begins, or leave both empty for all the day.',
            'weekdays.*' => 'Choose the days of the week.',
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
