<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Password;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A password for desks, or a PIN for tablets; empty takes it away. */
final class SetSecret extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(['password', 'pin'])],
            'secret' => [
                'nullable',
                'string',
                ...$this->input('kind') === 'pin'
                    ? ['regex:/^\d{4,8}$/']
                    : ['min:'.Password::LEAST, 'max:'.Password::MOST],
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'secret.regex' => __('people.set_secret.a_pin_has_4_to_8'),
            'secret.min' => Password::words(),
            'secret.*' => __('people.set_secret.that_is_too_long'),
            'kind.*' => __('people.set_secret.password_or_pin'),
        ];
    }

    /** @return array<string, string|null> */
    public function secret(): array
    {
        return [$this->string('kind')->value() => $this->filled('secret') ? $this->string('secret')->value() : null];
    }

    public function words(): string
    {
        $kind = $this->string('kind')->value() === 'pin' ? 'PIN' : 'password';

        return $this->filled('secret') ? __('people.set_secret.changed', [
            'kind' => $kind,
        ]) : __('people.set_secret.removed', ['kind' => $kind]);
    }
}
