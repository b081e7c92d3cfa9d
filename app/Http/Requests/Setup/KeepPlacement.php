<?php

declare(strict_types=1);

namespace App\Http\Requests\Setup;

use Hakama\Garment\Size;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Where a design goes on one size, as it was found; a comma in a number is a point. */
final class KeepPlacement extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'size' => ['required', Rule::enum(Size::class)],
            'peg' => ['nullable', 'string', 'max:12'],
            'down' => ['required', 'numeric', 'between:-400,900'],
            'across' => ['required', 'numeric', 'between:-400,400'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'size.*' => 'Choose the size.',
            'peg.*' => 'A peg has at most 12 signs.',
            'down.*' => 'Down is a number of millimetres, −400 to 900; above the seam it is below zero.',
            'across.*' => 'Across is a number of millimetres, −400 to 400.',
        ];
    }

    public function size(): string
    {
        return $this->string('size')->value();
    }

    /** @return array<string, mixed> columns of `kept_placements` that are measured */
    public function measures(): array
    {
        return [
            'peg' => trim($this->string('peg')->value()),
            'down_mm' => $this->float('down'),
            'across_mm' => $this->float('across'),
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->merge([
            'down' => str_replace(',', '.', $this->string('down')->value()),
            'across' => str_replace(',', '.', $this->string('across')->value()),
        ]);
    }
}
