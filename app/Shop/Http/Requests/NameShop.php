<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use App\People\Password;
use Hakama\House\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What the shop is called, its clock and money, and who owns it. */
final class NameShop extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'zone' => ['required', 'timezone:all'],
            'currency' => ['required', 'string', 'regex:/^[A-Za-z]{3}$/'],
            'units' => ['nullable', Rule::enum(Units::class)],
            'owner' => ['required', 'string', 'max:40'],
            'password' => ['required', 'string', 'min:'.Password::LEAST, 'max:'.Password::MOST, 'same:again'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'What is the shop called? At most 80 letters.',
            'zone.*' => 'Choose the time zone from the list.',
            'currency.*' => 'A currency is three letters, such as EUR.',
            'units.*' => 'Choose millimetres or inches.',
            'owner.*' => 'Who owns the shop? At most 40 letters.',
            'password.same' => 'The two passwords are not the same.',
            'password.*' => Password::words(),
        ];
    }
}
