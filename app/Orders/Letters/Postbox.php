<?php

declare(strict_types=1);

namespace App\Orders\Letters;

use App\Foundation\ShopProfile;

/** Whether letters can be sent, and what is in the way. */
final readonly class Postbox
{
    public function __construct(private ShopProfile $premises) {}

    public static function hasServer(): bool
    {
        return (string) config('shop.smtp') !== '';
    }

    /** They go nowhere but to this computer. */
    public static function isStandIn(): bool
    {
        return (string) config('shop.mailbox') !== '';
    }

    public function hasSender(): bool
    {
        return $this->premises->shop()->letterhead()->party->email !== '';
    }

    public function isReady(): bool
    {
        return self::hasServer() && $this->hasSender();
    }
}
