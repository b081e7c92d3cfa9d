<?php

declare(strict_types=1);

namespace App\Api;

/** By which a program knows that it was this shop that told it, as the open specification for webhooks has it. */
final class NewsSignature
{
    private const BYTES = 32;
    /** By which a secret is known as one. */
    private const SECRET = 'whsec_';

    /** A new one, drawn at random. */
    public static function secret(): string
    {
        return self::SECRET.base64_encode(random_bytes(self::BYTES));
    }

    /** @param string $at seconds since 1970 */
    public static function of(string $secret, string $number, string $at, string $body): string
    {
        $key = (string) base64_decode(substr($secret, strlen(self::SECRET)), true);

        return 'v1,'.base64_encode(hash_hmac('sha256', "{$number}.{$at}.{$body}", $key, true));
    }
}
