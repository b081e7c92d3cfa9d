<?php

declare(strict_types=1);

namespace App\Orders\Letters;

use App\Foundation\Database\Transaction;
use App\Orders\Jobs\SendLetter;
use App\Orders\Models\Letter;
use App\Orders\Models\LetterFile;
use App\Orders\Models\Order;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;

/** Letters to customers: written once, sent once, and once more only by somebody's word. */
final readonly class LetterBook
{
    /** @param string $form the same again is the same letter */
    public static function write(Order $order, DraftLetter $draft, string $form, string $who): Letter
    {
        return Transaction::run(static function () use ($order, $draft, $form, $who): Letter {
            $same = Letter::query()->where('form_id', $form)->first();
            if ($same !== null) {
                return $same;
            }
            $now = CarbonImmutable::now();
            $letter = Letter::query()->create([
                'order_id' => $order->id,
                'kind' => $draft->kind,
                'form_id' => $form,
                'to' => $draft->to,
                'subject' => $draft->subject,
                'body' => $draft->body,
                'state' => LetterState::Waiting,
                'who' => mb_substr($who, 0, 40),
                // Nobody else's has the like, whichever shop it comes from.
                'message_id' => "{$form}.".bin2hex(random_bytes(8)).'@letters.hakama.invalid',
                'made_at' => $now,
                'state_at' => $now,
            ]);
            foreach ($draft->files as $file) {
                LetterFile::query()->create(['letter_id' => $letter->id, ...$file]);
            }
            ChangeLog::note(Change::ORDER, (string) $order->number, __('letters.log.written', [
                'kind' => $draft->kind->label(),
                'to' => $draft->to,
            ]));
            SendLetter::dispatch($letter->id);

            return $letter;
        });
    }

    /** @return bool false where it is on its way, or has arrived */
    public static function again(Letter $letter, string $to): bool
    {
        return Transaction::run(static function () use ($letter, $to): bool {
            $stuck = Letter::query()->findOrFail($letter->id);
            if (! $stuck->state->mayGoAgain()) {
                return false;
            }
            $stuck->become(LetterState::Waiting);
            $stuck->update(['to' => $to]);
            SendLetter::dispatch($stuck->id);

            return true;
        });
    }
}
