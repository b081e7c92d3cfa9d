<?php

declare(strict_types=1);

namespace App\Stock\Http\Requests;

use App\Stock\Models\Supplier;
use Illuminate\Foundation\Http\FormRequest;

/** Who supplies what, and within how many days. */
final class KeepSuppliers extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'suppliers' => ['required', 'array:'.implode(',', Supplier::OF)],
            'suppliers.*' => ['array:name,lead_days'],
            'suppliers.*.name' => ['nullable', 'string', 'max:80'],
            'suppliers.*.lead_days' => ['nullable', 'numeric', 'between:0,120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'suppliers.*.name' => 'At most 80 letters.',
            'suppliers.*.lead_days' => 'Days are a number, 0 to 120; or leave it empty.',
            'suppliers' => 'Open the page anew.',
        ];
    }

    /** @return list<array{of: string, name: string, lead_days: float|null}> */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->array('suppliers') as $of => $one) {
            $days = $one['lead_days'] ?? null;
            $rows[] = [
                'of' => (string) $of,
                'name' => trim((string) ($one['name'] ?? '')),
                'lead_days' => is_numeric($days) ? (float) $days : null,
            ];
        }

        return $rows;
    }
}
