<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How high the smallest letters in a block are, as somebody measured them on the drawing. */
final class KeepLetters extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'block' => ['required', 'integer', 'between:1,255'],
            'letter_mm' => ['nullable', 'numeric', 'between:1,200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'block.*' => __('artwork.keep_letters.choose_a_block_of_this_artwork'),
            'letter_mm.*' => __('artwork.keep_letters.letter_height_is_1_to_200'),
        ];
    }

    public function letterMm(): ?float
    {
        return $this->filled('letter_mm') ? round($this->float('letter_mm'), 1) : null;
    }
}
