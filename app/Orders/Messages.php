<?php

declare(strict_types=1);

namespace App\Orders;

use App\Foundation\Words\Dates;
use App\Orders\Letters\LetterKind;
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
     * @return array<string, string> kind of letter => the text, in the language now spoken
     */
    public static function of(
        Order $order,
        string $shop,
        HouseRules $house,
        ?CarbonImmutable $ends,
        int $ready,
        int $pieces,
    ): array {
        $due = Dates::longDayTime($order->due_at);
        $letter = static fn(string $text): string => self::letter($order, $shop, $text);
        $letters = [
            LetterKind::Received->value => $letter(
                __('orders.messages.we_have_received_your_order_no', ['number' => $order->number, 'due' => $due]),
            ),
            LetterKind::Sample->value => $letter(
                __('orders.messages.the_first_piece_of_your_order', ['number' => $order->number]),
            ),
        ];
        if ($order->cancelled_at !== null) {
            return [
                LetterKind::Cancelled->value => $letter(
                    __('orders.messages.your_order_no_is_cancelled_as', [
                        'number' => $order->number,
                        'value' => $ready > 0 ? ' '.__('orders.messages.pieces_were_already_sewn_they_are', [
                            'ready' => $ready,
                        ]) : '',
                    ]),
                ),
            ];
        }
        if ($ends !== null && $ends > $order->due_at) {
            $letters[LetterKind::Late->value] = $letter(
                __('orders.messages.your_order_no_d_was_promised', [
                    'number' => $order->number,
                    'due' => $due,
                    'ends' => Dates::longDayTime($ends),
                ]),
            );
        }
        $pressed = $order->lines->first(static fn(OrderLine $line): bool => $line->isIronedOn());
        if ($pressed !== null) {
            $letters[LetterKind::Ironing->value] = $letter(self::pressedOn($house));
        }
        if ($ready > 0) {
            $letters[($ready >= $pieces ? LetterKind::Ready : LetterKind::PartReady)->value] = $letter(
                $ready >= $pieces
                    ? __('orders.messages.your_order_no_is_ready_to', ['number' => $order->number])
                    : __('orders.messages.of_pieces_of_your_order_no', [
                        'number' => $order->number,
                        'ready' => $ready,
                        'pieces' => $pieces,
                    ]),
            );
        }

        return $letters;
    }

    /** What is said, with whom it is said to and by whom. */
    public static function letter(Order $order, string $shop, string ...$texts): string
    {
        $hello = trim(__('orders.messages.hello', ['value' => $order->contact !== '' ? ' '.$order->contact : ''])).',';

        return implode("\n\n", [$hello, ...$texts, $shop]);
    }

    /** The note that goes with patches for whoever irons them on. */
    public static function pressedOn(HouseRules $house): string
    {
        return __('orders.messages.the_patches_have_film_on_their', [
            'press' => (string) round($house->value(HouseRule::PressSide)),
            'cool' => (string) round($house->value(HouseRule::PressCool)),
        ]);
    }
}
