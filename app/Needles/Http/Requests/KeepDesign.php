<?php

declare(strict_types=1);

namespace App\Needles\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The slot of a machine's memory that holds the design of a batch; empty: it was deleted there. */
final class KeepDesign extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'batch' => ['required', 'string', 'max:20'],
            'file' => ['required', 'string'],
            'slot' => ['nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['slot.*' => __('needles.keep_design.a_slot_is_a_number_or')];
    }

    /** Whether the design was another file when the card was looked at. */
    public function sawAnother(string $checksum): bool
    {
        return $this->string('file')->value() !== $checksum;
    }

    public function slot(): string
    {
        return $this->string('slot')->squish()->value();
    }
}
