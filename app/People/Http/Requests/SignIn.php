<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\People\Attempts;
use App\People\Models\Person;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

/** Name and password; five wrong ones, and a minute has to pass. */
final class SignIn extends FormRequest
{
    /** Takes as long to check as a real one: how long the answer takes does not tell which names there are. */
    private const NOBODY = '$argon2id$v=19$m=65536,t=3,p=1$T1VDc2RyblhQTVI5UWdpSw$HvZ0OxwqLtc5m6mnvcKeuWM4ZCFHQvHgbrDlVPHXoZw';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:40'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => __('people.sign_in.enter_your_name'),
            'password.*' => __('people.sign_in.enter_your_password'),
        ];
    }

    /** @throws ValidationException when it is not them, or too many tries were made */
    public function person(): Person
    {
        $name = $this->string('name')->trim()->value();
        $person = Person::query()->where('name', $name)->whereNull('retired_at')->first();
        // However the name is spelt, it is the person that is tried.
        $of = $person === null ? 'nobody' : "person:{$person->id}";
        Attempts::count($of, (string) $this->ip(), 'password');
        $fits = Hash::driver('argon2id')->check($this->string('password')->value(), $person->password ?? self::NOBODY);
        if ($person === null || $person->password === null || ! $fits) {
            throw ValidationException::withMessages(
                ['password' => __('people.sign_in.name_and_password_do_not_match')],
            );
        }
        Attempts::forget($of, (string) $this->ip());

        return $person;
    }
}
