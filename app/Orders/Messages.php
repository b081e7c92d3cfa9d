<?php

declare(strict_types=1);

namespace App\Orders;

use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;

/** What a customer is told, ready to copy. */
final class Messages
{
    /**
     * @param CarbonImmutable|null $ends when it ends by the plan
     *
     * @return array<string, string> what it is about => the text
     */
    public static function of(
        Order $order,
        string $shop,
        HouseRules $house,
        ?CarbonImmutable $ends,
        int $ready,
        int $pieces,
    ): array {
        $hello = trim('Good day'.($order->contact !== '' ? ' '.$order->contact : '')).',';
        $due = $order->due_at->format('l j F, H:i');
        $letter = static fn(string ...$lines): string => implode("\n\n", [$hello, ...$lines, $shop]);
        $letters = [
            'Received' => $letter(
                "we have your order, no. {$order->number}. It is promised for {$due}. If anything in it is not as ".
                "you meant it, tell us before we begin.",
            ),
            'A sample to approve' => $letter(
                "the first piece of your order no. {$order->number} is sewn. Have a look at the picture: colours, ".
                "place and spelling are as they will be on all of them. We go on when we have your yes; until then ".
                "the machine sews something else.",
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
                    'your order no. %d was promised for %s. As things stand it will be ready %s. We are sorry; tell '.
                        'us if a part of it helps you earlier.',
                    $order->number,
                    $due,
                    $ends->format('l j F, H:i'),
                ),
            );
        }
        $pressed = $order->lines->first(static fn(OrderLine $line): bool => $line->isIronedOn());
        if ($pressed !== null) {
            $letters['How the patches are ironed on'] = $letter(self::pressedOn($house));
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

    /** The note that goes with patches for whoever irons them on. */
    public static function pressedOn(HouseRules $house): string
    {
        return sprintf(
            'the patches have film on their backs. Try it on a place that is not seen; what bears no hot iron is sewn on. '.
                'Iron the place warm, lay the patch, a thin dry cloth over it, and press without moving and without '.
                'steam for %1$.0f seconds, as hot as the cloth bears. Let it cool for %2$.0f seconds, turn the garment '.
                'inside out and press for %1$.0f seconds from behind. Not washed for a day. Irons burn.',
            $house->value(HouseRule::PressSide),
            $house->value(HouseRule::PressCool),
        );
    }
}
