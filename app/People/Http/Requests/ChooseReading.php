<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\Foundation\Words\Habits;
use App\Foundation\Words\Languages;
use Hakama\Artwork\Paper;
use Hakama\House\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A language that is there, and how days, hours and lengths are written in it. */
final class ChooseReading extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'language' => ['required', 'string', Rule::in(array_keys(Languages::all()))],
            'region' => ['nullable', 'string', Rule::in(array_keys(Languages::regions()))],
            'hours' => ['nullable', 'string', Rule::in(Habits::HOURS)],
            'first_day' => ['nullable', 'integer', 'between:1,7'],
            'paper' => ['nullable', Rule::enum(Paper::class)],
            'units' => ['nullable', Rule::enum(Units::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => __('people.choose_reading.choose_one_of_the_list')];
    }

    public function language(): string
    {
        return $this->string('language')->value();
    }

    public function habits(): Habits
    {
        return Habits::read($this->safe()->except('language'));
    }
}
