<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Order;
use Carbon\CarbonImmutable;

/** What a customer is told, ready to copy. */
final class Messages
{
    /**
     * @param CarbonImmutable|null $ends when it ends by the plan
     *
     * @return array<string, string> what it is about => the text
     */
    public static function of(Order $order, string $shop, ?CarbonImmutable $ends, int $ready, int $pieces): array
    {
        $hello = trim('Good day'.($order->contact !== '' ? ' '.$order->contact : '')).',';
        $due = $order->due_at->format('l j F, H:i');
        $letter = static fn(string ...$lines): string => implode("\n\n", [$hello, ...$lines, $shop]);
        $letters = [
            'Received' => $letter(
                "we have your order, no. {$order->number}. It is promised for {$due}. If anything in it is not as you meant it, tell us before we begin.",
            ),
            'A sample to approve' => $letter(
                "the first piece of your order no. {$order->number} is sewn. Have a look at the picture: colours, place and spelling are as they will be on all of them. We go on when we have your yes; until then the machine sews something else.",
            ),
        ];
        if ($order->cancelled_at !== null) {
            return [
                'Cancelled' => $letter(
                    "your order no. {$order->number} is cancelled, as you asked.".
                        ($ready > 0 ? " {$ready} pieces were sewn already; they are here for you." : ''),
                ),
            ];
        }
        if ($ends !== null && $ends > $order->due_at) {
            $letters['It will be late'] = $letter(
                sprintf(
                    'your order no. %d was promised for %s. As things stand it will be ready %s. We are sorry; tell us if a part of it helps you earlier.',
                    $order->number,
                    $due,
                    $ends->format('l j F, H:i'),
                ),
            );
        }
        if ($ready > 0) {
            $letters[$ready >= $pieces ? 'It is ready' : 'A part is ready'] = $letter(
                $ready >= $pieces
                    ? "your order no. {$order->number} is ready and waits for you."
                    : "of your order no. {$order->number} {$ready} of {$pieces} pieces are ready and can be fetched.",
            );
        }

        return $letters;
    }
}
