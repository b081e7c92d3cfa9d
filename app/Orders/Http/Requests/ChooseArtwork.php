<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The artwork that came later than the order. */
final class ChooseArtwork extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'artwork_id' => ['required', Rule::exists('artworks', 'id')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'artwork_id.*' => __('orders.choose_artwork.choose_an_artwork'),
        ];
    }
}
