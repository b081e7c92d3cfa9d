<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** Every form carries its token in a field; a cookie with a second copy of it, enciphered for each page, is read by nobody. */
final class CheckToken extends ValidateCsrfToken
{
    /** @var bool */
    protected $addHttpCookie = false;
}
