<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Foundation\Words\Languages;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** In which language a customer is written to; none: in the shop's. */
final class ChooseCustomerLanguage extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['reads' => ['nullable', 'string', Rule::in(array_keys(Languages::all()))]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reads.*' => __('people.choose_reading.choose_one_of_the_list')];
    }

    public function language(): ?string
    {
        return $this->string('reads')->value() ?: null;
    }
}
