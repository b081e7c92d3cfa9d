<?php

declare(strict_types=1);

namespace App\Floor\Http\Requests;

use Hakama\Floor\LabelStock;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** On what labels are printed. */
final class PrintTags extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['on' => ['nullable', Rule::enum(LabelStock::class)], 'by' => ['nullable', 'in:piece,bundle']];
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

    public function stock(): LabelStock
    {
        return LabelStock::tryFrom($this->string('on')->value()) ?? LabelStock::Sheet;
    }
}
