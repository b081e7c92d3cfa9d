<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use App\Foundation\Http\KnownCountry;
use Closure;
use Hakama\Money\Iban;
use Hakama\Money\Letterhead;
use Illuminate\Foundation\Http\FormRequest;

/** What the shop's papers say of the shop. */
final class KeepLetterhead extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(Letterhead::FIELDS, ['nullable', 'string', 'max:80']),
            'name' => ['required', 'string', 'max:80'],
            'email' => ['nullable', 'string', 'email', 'max:190'],
            'no_tax_reason' => ['nullable', 'string', 'max:200'],
            'registration' => ['nullable', 'string', 'max:200'],
            'country' => ['nullable', 'string', new KnownCountry()],
            'iban' => ['nullable', 'string', 'max:60', static function (string $field, mixed $typed, Closure $fail): void {
                if (! Iban::isValid((string) $typed)) {
                    $fail(__('shop.letterhead.check_the_iban'));
                }
            }],
            'bic' => ['nullable', 'string', 'regex:/^\s*[A-Za-z]{6}[A-Za-z0-9]{2}([A-Za-z0-9]{3})?\s*$/'],
            'seen' => ['nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => __('shop.letterhead.enter_the_name'),
            'email' => __('customers.save.that_is_no_email'),
            'bic.*' => __('shop.letterhead.a_bic_has_8_or_11'),
            'max' => __('customers.save.too_long'),
        ];
    }

    public function letterhead(): Letterhead
    {
        return Letterhead::of($this->validated());
    }
}
