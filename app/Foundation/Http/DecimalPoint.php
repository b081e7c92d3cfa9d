<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/** A number that is typed with a comma is the number with a point: 7,20 is 7.20 in every field that takes one. */
final class DecimalPoint extends TransformsRequest
{
    /** Text, and lists in which a comma stands between two. */
    private const TEXT = ['code', 'customer', 'name', 'names', 'note', 'password', 'q', 'reason', 'stops', 'text', 'why'];

    /**
     * @param string $key
     * @param mixed  $value
     */
    protected function transform($key, $value): mixed
    {
        return is_string($value)
            && ! in_array(preg_replace('/\..*$/', '', $key), self::TEXT, true)
            && preg_match('/^\s*-?\d{1,9},\d{1,4}\s*$/D', $value) === 1
            ? str_replace(',', '.', trim($value))
            : $value;
    }
}
