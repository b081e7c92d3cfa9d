<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use App\Money\Models\Invoice;
use App\Money\Models\Payment;
use Carbon\CarbonImmutable;
use Closure;
use Hakama\Money\Amount;
use Hakama\Money\PaymentWay;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was paid of an invoice. Never more than is open; below zero it goes back, never more than came. */
final class NotePayment extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'form' => ['required', 'uuid'],
            'paid' => ['required', 'numeric', 'between:-1000000,1000000', $this->isOpen()],
            'paid_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:'.CarbonImmutable::now()->toDateString()],
            'note' => ['nullable', 'string', 'max:80'],
            // What a form from before it was asked does not say came to the bank.
            'way' => ['nullable', Rule::enum(PaymentWay::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'form.*' => __('money.invoice_controller.reload_the_page'),
            'paid.required' => __('money.payment.enter_the_amount'),
            'paid.numeric' => __('money.payment.enter_the_amount'),
            'paid.between' => __('money.payment.enter_the_amount'),
            'paid_on.*' => __('money.payment.enter_the_day'),
            'note.*' => __('money.payment.note_up_to_80'),
            'way' => __('money.payment.choose_how'),
        ];
    }

    public function cents(): int
    {
        return (int) Amount::read($this->string('paid')->value());
    }

    public function way(): PaymentWay
    {
        return $this->enum('way', PaymentWay::class) ?? PaymentWay::Bank;
    }

    /** @return Closure(string, mixed, Closure): void */
    private function isOpen(): Closure
    {
        return function (string $field, mixed $typed, Closure $fail): void {
            $invoice = $this->route('invoice');
            assert($invoice instanceof Invoice);
            $isKnown = Payment::query()->where('form_id', $this->string('form')->lower()->value())->exists();
            if (! is_numeric($typed) || $isKnown) {
                return;
            }
            $cents = (int) Amount::read($typed);
            $paid = (int) $invoice->payments()->sum('cents');
            $open = $invoice->cents + $invoice->tax_cents - $paid;
            if ($cents === 0 || $invoice->credits_id !== null || $cents > $open || $cents < -$paid) {
                $fail(__('money.payment.at_most_what_is_open', [
                    'open' => Amount::plain(max(0, $open)),
                    'paid' => Amount::plain($paid),
                ]));
            }
        };
    }
}
