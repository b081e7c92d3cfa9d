<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\Foundation\Words\Languages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A language that is there, and the region whose dates and hours are written. */
final class ChooseLanguage extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'language' => ['required', 'string', Rule::in(array_keys(Languages::all()))],
            'region' => ['nullable', 'string', Rule::in(array_keys(Languages::regions()))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'language.*' => __('people.choose_language.choose_one_of_the_list'),
            'region.*' => __('people.choose_language.choose_one_of_the_list'),
        ];
    }

    public function language(): string
    {
        return $this->string('language')->value();
    }

    public function region(): string
    {
        return $this->string('region')->value();
    }
}
