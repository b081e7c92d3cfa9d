<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Foundation\Http\KnownCountry;
use App\Foundation\Words\Languages;
use App\Orders\CustomerFacts;
use App\Orders\Models\Customer;
use Closure;
use Hakama\Money\Address;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** What is known of a customer, typed or read from a list. */
final class SaveCustomer extends FormRequest
{
    /** So many people to speak to have room on the form. */
    public const CONTACTS = 3;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [...self::facts(), 'seen' => ['nullable', 'string', 'max:20']];
    }

    /**
     * A name is one customer's. Who sends a new one twice sends the same, and is told of no other.
     *
     * @return list<Closure(Validator): void>
     */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $own = $this->route('customer');
                $other = $validator->errors()->isNotEmpty()
                    ? null
                    : Customer::query()->where('name', $this->string('name')->trim()->value())->first();
                if ($other === null || ($own instanceof Customer && $own->id === $other->id)) {
                    return;
                }
                $known = CustomerFacts::of($other);
                if ($own instanceof Customer || [...$known, ...$this->said()] !== $known) {
                    $validator->errors()->add('name', __('customers.save.that_name_is_taken'));
                }
            },
        ];
    }

    /** @return array<string, list<mixed>> the same for a form and for each row of a list */
    public static function facts(): array
    {
        $rules = [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['nullable', 'string', 'email', 'max:190'],
            'phone' => ['nullable', 'string', 'max:40'],
            'tax_number' => ['nullable', 'string', 'max:40'],
            'language' => ['nullable', 'string', Rule::in(array_keys(Languages::all()))],
            'terms_days' => ['nullable', 'integer', 'between:0,365'],
            'discount_percent' => ['nullable', 'numeric', 'between:0,90'],
            'note' => ['nullable', 'string', 'max:1000'],
            'contacts' => ['nullable', 'array', 'max:20'],
            'contacts.*.name' => ['nullable', 'string', 'max:80'],
            'contacts.*.role' => ['nullable', 'string', 'max:80'],
            'contacts.*.email' => ['nullable', 'string', 'email', 'max:190'],
            'contacts.*.phone' => ['nullable', 'string', 'max:40'],
        ];
        foreach (['invoice_address', 'delivery_address'] as $address) {
            $rules[$address] = ['nullable', 'array'];
            foreach (Address::PARTS as $part) {
                $rules["{$address}.{$part}"] = ['nullable', 'string', 'max:80'];
            }
            $rules["{$address}.country"] = ['nullable', 'string', new KnownCountry()];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::words();
    }

    /** @return array<string, string> */
    public static function words(): array
    {
        return [
            'name.required' => __('customers.save.enter_a_name'),
            'email' => __('customers.save.that_is_no_email'),
            'terms_days.*' => __('customers.save.days_0_to_365'),
            'discount_percent.*' => __('customers.save.percent_0_to_90'),
            'language.*' => __('people.choose_reading.choose_one_of_the_list'),
            'max' => __('customers.save.too_long'),
        ];
    }

    /** @return array<string, mixed> columns of the table */
    public function said(): array
    {
        return CustomerFacts::read([
            'language' => '', 'terms_days' => '', 'discount_percent' => 0, 'contacts' => [],
            'email' => '', 'phone' => '', 'tax_number' => '', 'note' => '',
            ...array_filter($this->validated(), static fn(mixed $value): bool => $value !== null),
        ]);
    }
}
