<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Foundation\Database\Transaction;
use App\Orders\Models\Arrival;
use App\Orders\Models\OrderLine;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;

/** Writes down blanks that came in, counted. */
final class BlankArrivals
{
    /** @param string $form the form it was written on: the same one again is the same delivery */
    public static function note(OrderLine $line, string $form, int $good, int $wrong, string $note, string $who): void
    {
        Transaction::run(static function () use ($line, $form, $good, $wrong, $note, $who): void {
            $isNew = Arrival::query()->firstOrCreate(
                ['form_id' => $form],
                [
                    'order_line_id' => $line->id,
                    'good' => $good,
                    'wrong' => $wrong,
                    'note' => $note,
                    'who' => $who,
                    'came_at' => CarbonImmutable::now(),
                ],
            )->wasRecentlyCreated;
            if ($isNew) {
                $order = $line->order()->firstOrFail();
                ChangeLog::note(Change::ORDER, (string) $order->number, __('orders.change_controller.blanks_received', [
                    'garment_label' => $line->garmentLabel(),
                ]), null, ['good' => $good, 'wrong' => $wrong]);
            }
        });
    }
}
