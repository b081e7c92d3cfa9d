<?php

declare(strict_types=1);

namespace App\Foundation\Http;

/** Addresses as others know the shop by: by the name it has on the network, where it has one. */
final class ShopAddress
{
    public static function of(string $route, string $part): string
    {
        $shop = rtrim((string) config('shop.address'), '/');

        return $shop === '' ? route($route, $part) : $shop.route($route, $part, false);
    }
}
