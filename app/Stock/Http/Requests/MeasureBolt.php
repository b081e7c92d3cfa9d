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
            'cloth.*' => __('stock.measure_bolt.choose_a_cloth_from_stock'),
            'length_mm.*' => __('stock.measure_bolt.length_left_on_the_bolt_0'),
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
