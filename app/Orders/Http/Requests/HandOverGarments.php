<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use App\Orders\Models\HandOver;
use App\Orders\Models\Order;
use App\Orders\Queries\OrderedGarments;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** Garments that are given to the customer now. */
final class HandOverGarments extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'sizes' => ['required', 'array'],
            'sizes.*' => ['array'],
            'sizes.*.*' => ['nullable', 'integer', 'between:0,999'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sizes.*' => __('orders.hand_over_garments.enter_how_many_of_which_size'),
            'sizes.*.*' => __('orders.hand_over_garments.enter_a_whole_number'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $order = $this->route('order');
                assert($order instanceof Order);
                if (
                    HandOver::query()
                        ->where('form_id', $this->string('id')->lower()->value())
                        ->exists()
                ) {
                    // Sent once more: they are given already.
                    return;
                }
                $garments = OrderedGarments::of($order);
                foreach ($this->sizes() as $line => $of) {
                    foreach ($of as $size => $count) {
                        if ($count > $garments->toHandOver($line, (string) $size)) {
                            $validator
                                ->errors()
                                ->add(
                                    'sizes',
                                    __('orders.hand_over_garments.of_only_are_finished_and_here', [
                                        'size' => $size,
                                        'to_hand_over' => $garments->toHandOver($line, (string) $size),
                                    ]),
                                );
                        }
                    }
                }
                if ($this->sizes() === []) {
                    $validator->errors()->add('sizes', __('orders.hand_over_garments.enter_how_many_of_which_size'));
                }
            },
        ];
    }

    /** @return array<int, array<string, int>> */
    public function sizes(): array
    {
        $order = $this->route('order');
        assert($order instanceof Order);

        return array_filter(array_map(array_filter(...), ChangeOrder::sizesOf($order, $this->array('sizes'))));
    }
}
