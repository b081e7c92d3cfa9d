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
            'suppliers.*.name' => __('stock.keep_suppliers.at_most_80_characters'),
            'suppliers.*.lead_days' => __('stock.keep_suppliers.days_0_to_120_or_leave'),
            'suppliers' => __('stock.keep_suppliers.reload_the_page'),
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
