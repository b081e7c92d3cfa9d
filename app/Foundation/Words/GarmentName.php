<?php

declare(strict_types=1);

namespace App\Foundation\Words;

use Hakama\Garment\Garment;

/** What a garment is called wherever it is listed: its style, what it is, its colour, in the order of the language. */
final class GarmentName
{
    public static function of(string $style, string $garment, string $colour): string
    {
        $kind = Words::say(Garment::from($garment)->label());

        return match (true) {
            $colour === '' && $style === '' => $kind,
            $colour === '' => __('orders.order_line.style', ['style' => $style, 'garment' => $kind]),
            $style === '' => __('orders.order_line.plain', ['garment' => $kind, 'colour' => $colour]),
            default => __('orders.order_line.called', ['style' => $style, 'garment' => $kind, 'colour' => $colour]),
        };
    }
}
