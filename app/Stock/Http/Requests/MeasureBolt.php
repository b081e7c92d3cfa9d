<?php

declare(strict_types=1);

namespace App\Stock\Http\Requests;

use App\Stock\Models\Cloth;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How much cloth is left on a bolt, measured. */
final class MeasureBolt extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'cloth' => ['required', 'string', Rule::exists('cloths', 'code')->whereNull('retired_at')],
            'length_mm' => ['required', 'numeric', 'between:0,500000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'cloth.*' => 'Choose a cloth of the shelf.',
            'length_mm.*' => 'How much is left on the bolt, in mm: 0 to 500 000.',
        ];
    }

    public function cloth(): Cloth
    {
        return Cloth::query()
            ->where('code', $this->string('cloth')->value())
            ->firstOrFail();
    }

    public function lengthMm(): float
    {
        return $this->float('length_mm');
    }
}
