<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use App\Foundation\Words\Languages;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** The two-letter code of a country there is. */
final class KnownCountry implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || ! isset(Languages::regions()[strtoupper($value)])) {
            $fail(__('customers.save.choose_a_country'));
        }
    }
}
