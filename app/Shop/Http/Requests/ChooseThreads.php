<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use Hakama\Thread\ColourCard;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Threads of the colour card that the shop has. */
final class ChooseThreads extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['codes' => ['required', 'array'], 'codes.*' => ['string', Rule::in(array_keys(ColourCard::threads()))]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            // By the rule: a star would take the list itself too.
            'codes.required' => __('shop.choose_threads.tick'),
            'codes.array' => __('shop.choose_threads.tick'),
            'codes.*' => __('shop.choose_threads.that_thread_is_not_on_the'),
        ];
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_values(array_map(strval(...), $this->array('codes')));
    }
}
