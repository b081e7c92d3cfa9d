<?php

declare(strict_types=1);

namespace App\Money\Http\Requests;

use App\Foundation\StateHash;
use App\Orders\Models\Order;
use Hakama\Money\Amount;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** What the garments and the artwork of an order cost, and the price that was agreed. Amounts, such as 24.50. */
final class KeepMoney extends FormRequest
{
    private const AMOUNT = ['nullable', 'numeric', 'between:0,1000000', 'regex:/^\d+([.]\d{1,2})?$/D'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['blank' => ['array'], 'blank.*' => self::AMOUNT, 'artwork' => self::AMOUNT, 'agreed' => self::AMOUNT];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $amount = __('money.keep_money.enter_an_amount_for_example_24');

        return ['blank.*' => $amount, 'artwork.*' => $amount, 'agreed.*' => $amount];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $order = $this->route('order');
                assert($order instanceof Order);
                if ($this->filled('seen') && $this->string('seen')->value() !== self::sign($order)) {
                    $validator
                        ->errors()
                        ->add('seen', __('money.keep_money.somebody_else_changed_these_amounts_in'));
                }
            },
        ];
    }

    public static function sign(Order $order): string
    {
        return StateHash::of([
            $order->artwork_cents,
            $order->agreed_cents,
            $order->lines()->orderBy('id')->pluck('blank_cents', 'id')->all(),
        ]);
    }

    public function cents(string $field): ?int
    {
        return $this->filled($field) ? Amount::read($this->string($field)->value()) : null;
    }
}
