<?php

declare(strict_types=1);

namespace App\Foundation\Http;

/** Addresses as others know the shop by: by the name it has on the network, where it has one. */
final class ShopAddress
{
    public static function of(string $route, string $part): string
    {
        return self::at(route($route, $part, false));
    }

    public static function at(string $path): string
    {
        $shop = rtrim((string) config('shop.address'), '/');

        return $shop === '' ? url($path) : $shop.$path;
    }
}
