<?php

declare(strict_types=1);

namespace App\Floor\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** On what labels are printed. */
final class PrintTags extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['on' => ['nullable', 'in:sheet,roll'], 'by' => ['nullable', 'in:piece,bundle']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'on.*' => __('floor.print_tags.print_labels_on_a_sheet_or'),
            'by.*' => __('floor.print_tags.choose_labels_per_piece_or_per'),
        ];
    }

    public function isByBundle(): bool
    {
        return $this->string('by')->value() === 'bundle';
    }

    public function isRoll(): bool
    {
        return $this->string('on')->value() === 'roll';
    }
}
