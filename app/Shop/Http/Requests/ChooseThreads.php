<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use Hakama\Thread\ColourCard;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Threads of the colour card that the shop has. */
final class ChooseThreads extends FormRequest
{
    private const NONE = 'Tick what stands on the shelf, or leave the step as it is.';

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
            'codes.required' => self::NONE,
            'codes.array' => self::NONE,
            'codes.*' => 'That is not on the card.',
        ];
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_values(array_map(strval(...), $this->array('codes')));
    }
}
