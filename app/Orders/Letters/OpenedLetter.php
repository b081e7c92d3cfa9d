<?php

declare(strict_types=1);

namespace App\Orders\Letters;

use App\Foundation\ShopProfile;
use App\Orders\Models\Letter;
use App\Orders\Models\Order;

/** What is shown of an opened letter, whatever it is about. */
final class OpenedLetter
{
    /**
     * @param string $action where it is sent from
     *
     * @return array<string, mixed>
     */
    public static function of(Order $order, DraftLetter $draft, string $action): array
    {
        return [
            'order' => $order,
            'draft' => $draft,
            'action' => $action,
            'before' => Letter::query()
                ->where('order_id', $order->id)
                ->where('kind', $draft->kind)
                ->where('subject', $draft->subject)
                ->latest('id')
                ->first(Letter::LISTED),
            'postbox' => app(Postbox::class),
            'reads' => $order->customer->language ?? app(ShopProfile::class)->shop()->language,
        ];
    }
}
