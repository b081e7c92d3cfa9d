<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use Hakama\House\HouseRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Stock that was bought: what, how much of it, and what was paid for all of it. */
final class NotePurchase extends FormRequest
{
    /** What is bought by its length or its area => the unit. */
    public const OF = [
        HouseRule::ThreadKm->value => 'km',
        HouseRule::BobbinKm->value => 'km',
        HouseRule::BackingM2->value => 'm²',
        HouseRule::TopperM2->value => 'm²',
        HouseRule::ClothM2->value => 'm²',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'of' => ['required', Rule::in(array_keys(self::OF))],
            'amount' => ['required', 'numeric', 'gt:0', 'max:100000'],
            'paid' => ['required', 'numeric', 'between:0,1000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => __('money.note_purchase.reload_the_page'),
            'of.*' => __('money.note_purchase.choose_what_was_bought'),
            'amount.*' => __('money.note_purchase.enter_km_or_m2_more_than'),
            'paid.*' => __('money.note_purchase.enter_the_total_paid_as_an'),
        ];
    }
}
