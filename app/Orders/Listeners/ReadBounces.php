<?php

declare(strict_types=1);

namespace App\Orders\Listeners;

use App\Foundation\Database\Transaction;
use App\Orders\Letters\BouncedMail;
use App\Orders\Letters\LetterState;
use App\Orders\Models\Letter;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;

/** Letters that came back are seen at the order and at the customer. What was read lies beside, in `read`. */
final class ReadBounces
{
    private const AT_ONCE = 50;
    private const MOST_BYTES = 1_000_000;

    public function handle(): void
    {
        $folder = (string) config('shop.bounces');
        if ($folder === '' || ! is_dir($folder)) {
            return;
        }
        foreach (array_slice(glob("{$folder}/*.eml") ?: [], 0, self::AT_ONCE) as $file) {
            $bounce = BouncedMail::read((string) file_get_contents($file, length: self::MOST_BYTES));
            if ($bounce !== null) {
                Transaction::run(static fn() => self::cameBack($bounce));
            }
            is_dir("{$folder}/read") || mkdir("{$folder}/read");
            rename($file, "{$folder}/read/".basename($file));
        }
    }

    private static function cameBack(BouncedMail $bounce): void
    {
        $letter = Letter::query()->with('order')->where('message_id', $bounce->messageId)->first();
        if ($letter === null || $letter->state === LetterState::Failed) {
            return;
        }
        $letter->become(LetterState::Failed, $bounce->why);
        ChangeLog::note(Change::ORDER, (string) $letter->order->number, __('letters.log.came_back', [
            'to' => $letter->to,
            'why' => $bounce->why,
        ]));
    }
}
