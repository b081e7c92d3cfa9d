<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Orders\OrderList;
use App\Orders\TypedLine;
use Carbon\CarbonImmutable;
use Hakama\Garment\Size;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/** Orders of a list, held against what the form of an order is held against. */
final readonly class ListedOrders
{
    public function __construct(private CheckedOrder $order) {}

    /**
     * @return array{form: string, customer: string, due: CarbonImmutable, note: string, lines: list<TypedLine>, event: bool}
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
            return $this->order->of($order['form']);
        } catch (ValidationException $e) {
            throw new InvalidArgumentException(__('orders.order_list_controller.of_order_in_row', [
                'order' => $key,
                'row' => $order['row'],
                'problems' => implode(' ', array_unique($e->validator->errors()->all())),
            ]));
        }
    }
}
