<?php

declare(strict_types=1);

namespace App\Floor\Http\Requests;

use App\People\Attempts;
use App\People\Caller;
use App\People\Models\Person;
use App\Shop\Catalogue\Catalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Who stands at the machines from now on; whoever has a PIN says it. */
final class ChoosePerson extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'who' => ['required', 'string', Rule::in($catalogue->people())],
            'pin' => ['nullable', 'string', 'max:8'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'who.*' => __('floor.choose_person.choose_who_is_at_the_machine'),
            'pin.*' => __('floor.choose_person.a_pin_has_4_to_8'),
        ];
    }

    /** @throws ValidationException when the PIN is another's */
    public function person(): Person
    {
        $person = Person::query()
            ->where('name', $this->string('who')->value())
            ->whereNull('retired_at')
            ->firstOrFail();
        if ($person->pin === null || Caller::of($this)?->person?->id === $person->id) {
            return $person;
        }
        Attempts::count("pin:{$person->id}", (string) $this->ip(), 'pin');
        if (! Hash::check($this->string('pin')->value(), $person->pin)) {
            throw ValidationException::withMessages([
                'pin' => $this->filled('pin') ? __('floor.choose_person.wrong_pin') : __('floor.choose_person.enter_the_pin'),
            ]);
        }
        Attempts::forget("pin:{$person->id}", (string) $this->ip());

        return $person;
    }
}
