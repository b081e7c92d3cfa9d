<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Foundation\Http\TypedForms;
use App\Orders\Http\Requests\StoreOrder;
use App\Orders\OrderList;
use App\Orders\TypedLine;
use Carbon\CarbonImmutable;
use Hakama\Garment\Size;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/** Orders of a list, held against what the form of an order is held against. */
final readonly class ListedOrders
{
    public function __construct(private TypedForms $forms) {}

    /**
     * @return array{form: string, customer: string, due: CarbonImmutable, note: string, lines: list<TypedLine>}
     *
     * @throws InvalidArgumentException in words
     */
    public function checked(OrderList $list, string $key): array
    {
        $order = $list->order($key);
        foreach ($order['form']['lines'] as $line) {
            foreach (array_keys($line['sizes']) as $size) {
                if (Size::tryFrom((string) $size) === null) {
                    throw new InvalidArgumentException(
                        __('orders.order_list_controller.order_is_not_a_size', ['key' => $key, 'size' => $size]),
                    );
                }
            }
        }
        try {
            $form = $this->forms->checked(StoreOrder::class, Request::create('/orders', 'POST', $order['form']));
        } catch (ValidationException $e) {
            throw new InvalidArgumentException(__('orders.order_list_controller.of_order_in_row', [
                'order' => $key,
                'row' => $order['row'],
                'problems' => implode(' ', array_unique($e->validator->errors()->all())),
            ]));
        }

        return [
            'form' => $form->string('form')->value(),
            'customer' => $form->string('customer')->value(),
            'due' => $form->dueAt(),
            'note' => $form->string('note')->value(),
            'lines' => $form->lines(),
        ];
    }
}
