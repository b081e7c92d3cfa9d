<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use App\Money\Models\AccountTable;
use Hakama\Money\Ledger\Accounts;
use Hakama\Money\Ledger\AccountUse;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** The table of accounts as it is typed. A row of taxes in which nothing is typed is none. */
final class KeepAccounts extends FormRequest
{
    public const MOST_TAXES = 12;
    public const TAX_FIELDS = ['percent', 'key', 'sales', 'sales_name', 'tax', 'tax_name'];
    private const NUMBER = 'regex:/^[\p{L}\p{N}][\p{L}\p{N} .\/-]{0,15}$/u';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $number = ['required', 'string', self::NUMBER];
        $name = ['required', 'string', 'max:60'];
        $rules = [
            'accounts' => ['required', 'array'],
            'taxes' => ['required', 'array', 'max:'.self::MOST_TAXES],
            'begins_on' => ['nullable', 'date_format:Y-m-d'],
            'seen' => ['nullable', 'string', 'max:20'],
        ];
        foreach (AccountUse::cases() as $use) {
            $rules["accounts.{$use->value}.number"] = $number;
            $rules["accounts.{$use->value}.name"] = $name;
        }
        foreach (array_keys($this->typedTaxes()) as $row) {
            $rules["taxes.{$row}.percent"] = ['required', 'numeric', 'between:0,100', 'decimal:0,2'];
            $rules["taxes.{$row}.key"] = ['nullable', 'string', 'max:12'];
            $rules["taxes.{$row}.sales"] = $rules["taxes.{$row}.tax"] = $number;
            $rules["taxes.{$row}.sales_name"] = $rules["taxes.{$row}.tax_name"] = $name;
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'accounts.*.number' => __('ledger.table.enter_a_number'),
            'taxes.*.sales' => __('ledger.table.enter_a_number'),
            'taxes.*.tax' => __('ledger.table.enter_a_number'),
            'taxes.*.percent' => __('ledger.table.enter_a_rate'),
            'taxes.*.key' => __('ledger.table.key_up_to_12'),
            'begins_on' => __('ledger.table.enter_the_day'),
            'required' => __('ledger.table.enter_a_name'),
            'max' => __('ledger.table.name_up_to_60'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                $known = [];
                foreach ($this->typedTaxes() as $row => $tax) {
                    $percent = (float) $tax['percent'];
                    if (array_filter($known, static fn(float $one): bool => Accounts::isSame($one, $percent)) !== []) {
                        $validator->errors()->add("taxes.{$row}.percent", __('ledger.table.each_rate_once'));
                    }
                    $known[] = $percent;
                }
                if ($known === []) {
                    $validator->errors()->add('taxes.0.percent', __('ledger.table.one_rate_at_least'));
                }
            },
        ];
    }

    public function table(): AccountTable
    {
        return new AccountTable([
            'uses' => array_map(
                fn(AccountUse $use): array => [
                    'number' => trim((string) $this->input("accounts.{$use->value}.number")),
                    'name' => trim((string) $this->input("accounts.{$use->value}.name")),
                ],
                array_column(AccountUse::cases(), null, 'value'),
            ),
            'taxes' => array_values(array_map(static fn(array $tax): array => [
                ...array_map(trim(...), $tax),
                'percent' => (float) $tax['percent'],
            ], $this->typedTaxes())),
            'begins_on' => $this->filled('begins_on') ? $this->string('begins_on')->value() : null,
        ]);
    }

    /** @return array<int|string, array<string, string>> by their row; every field of each */
    private function typedTaxes(): array
    {
        $rows = [];
        foreach ($this->array('taxes') as $row => $typed) {
            $fields = [];
            foreach (self::TAX_FIELDS as $field) {
                $value = is_array($typed) ? $typed[$field] ?? '' : '';
                $fields[$field] = is_scalar($value) ? (string) $value : '';
            }
            if (trim(implode('', $fields)) !== '') {
                $rows[$row] = $fields;
            }
        }

        return $rows;
    }
}
