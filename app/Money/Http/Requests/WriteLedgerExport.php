<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

/** Up to which day invoices and payments go to the bookkeeper. */
final class WriteLedgerExport extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'form' => ['required', 'uuid'],
            'until' => ['required', 'date_format:Y-m-d', 'before_or_equal:'.CarbonImmutable::now()->toDateString()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'form.*' => __('money.invoice_controller.reload_the_page'),
            'until.*' => __('ledger.export.enter_the_day'),
        ];
    }

    public function until(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('until')->value());
    }
}
