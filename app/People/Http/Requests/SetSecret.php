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
            'secret.regex' => 'A PIN is 4 to 8 digits.',
            'secret.min' => Password::words(),
            'secret.*' => 'That is too long.',
            'kind.*' => 'Password or PIN.',
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

        return $this->filled('secret') ? "has a new {$kind}" : "has no {$kind} any more";
    }
}
