<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use App\Foundation\Words\Languages;
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
            'language' => ['nullable', Rule::in(array_keys(Languages::all()))],
            'units' => ['nullable', Rule::enum(Units::class)],
            'owner' => ['required', 'string', 'max:40'],
            'password' => ['required', 'string', 'min:'.Password::LEAST, 'max:'.Password::MOST, 'same:again'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => __('shop.name_shop.enter_the_shops_name_up_to'),
            'zone.*' => __('shop.name_shop.choose_the_time_zone_from_the'),
            'currency.*' => __('shop.name_shop.a_currency_has_three_letters_for'),
            'language.*' => __('shop.name_shop.choose_a_language_from_the_list'),
            'units.*' => __('shop.name_shop.choose_millimetres_or_inches'),
            'owner.*' => __('shop.name_shop.enter_the_owners_name_up_to'),
            'password.same' => __('shop.name_shop.the_two_passwords_are_not_the'),
            'password.*' => Password::words(),
        ];
    }
}
