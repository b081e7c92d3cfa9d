<?php

declare(strict_types=1);

namespace App\Money\Actions;

use App\Foundation\Database\Transaction;
use App\Money\Models\Invoice;
use App\Money\Models\Payment;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Money\Amount;
use Hakama\Money\PaymentWay;

/** Money that came in for an invoice, typed by somebody or found at the bank: written and said in one way. */
final readonly class Payments
{
    private const NOTE = 80;
    private const WHO = 40;

    /**
     * @param string $form the same again is the same payment
     * @param string $day when it came in: 2026-03-04
     */
    public static function note(
        Invoice $invoice,
        string $form,
        int $cents,
        string $day,
        string $note,
        string $who,
        PaymentWay $way,
    ): Payment {
        return Transaction::run(static function () use ($invoice, $form, $cents, $day, $note, $who, $way): Payment {
            $same = Payment::query()->where('form_id', $form)->first();
            if ($same !== null) {
                return $same;
            }
            ChangeLog::note(Change::ORDER, (string) $invoice->order->number, __('money.payment.was_noted', [
                'amount' => Amount::plain($cents),
                'number' => $invoice->number,
            ]));

            return Payment::query()->create([
                'invoice_id' => $invoice->id,
                'form_id' => $form,
                'cents' => $cents,
                'paid_on' => $day,
                'way' => $way,
                'note' => mb_substr($note, 0, self::NOTE),
                'who' => mb_substr($who, 0, self::WHO),
                'noted_at' => CarbonImmutable::now(),
            ]);
        });
    }
}
