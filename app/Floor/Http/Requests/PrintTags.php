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
            'on.*' => 'Labels are printed on a sheet or on a roll.',
            'by.*' => 'A label goes with a piece or with a bundle.',
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
