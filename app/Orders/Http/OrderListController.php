<?php

declare(strict_types=1);

namespace App\Orders\Http;

use App\Foundation\Http\ReadList;
use App\Foundation\Http\TypedForms;
use App\Orders\Actions\OrderBook;
use App\Orders\Http\Requests\StoreOrder;
use App\Orders\OrderList;
use Carbon\CarbonImmutable;
use Hakama\Garment\Size;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;

/** Orders read from a list: all of them, or none. */
final readonly class OrderListController
{
    private const SAID = 8;

    public function __construct(private TypedForms $forms) {}

    public function store(ReadList $request): RedirectResponse
    {
        try {
            $list = OrderList::read((string) $request->list()->getRealPath());
        } catch (InvalidArgumentException $e) {
            throw ValidationException::withMessages(['list' => $e->getMessage()]);
        }
        $checked = [];
        $problems = [];
        foreach ($list->orders as $key => $order) {
            foreach ($order['form']['lines'] as $line) {
                foreach (array_keys($line['sizes']) as $size) {
                    if (Size::tryFrom((string) $size) === null) {
                        $problems[] = __('orders.order_list_controller.order_is_not_a_size', [
                            'key' => $key,
                            'size' => $size,
                        ]);
                    }
                }
            }
            try {
                $checked[] = $this->checked($order['form']);
            } catch (ValidationException $e) {
                $problems[] = __('orders.order_list_controller.of_order_in_row', [
                    'order' => $key,
                    'row' => $order['rows'][0],
                    'problems' => implode(' ', array_unique($e->validator->errors()->all())),
                ]);
            }
        }
        if ($problems !== []) {
            throw ValidationException::withMessages([
                'list' => __('orders.order_list_controller.nothing_was_imported', [
                    'value' => implode(' ', array_slice($problems, 0, self::SAID)),
                ]),
            ]);
        }
        $numbers = OrderBook::enterAll(
            CarbonImmutable::now(),
            array_map(
                static fn(StoreOrder $one): array => [
                    'form' => $one->string('form')->value(),
                    'customer' => $one->string('customer')->value(),
                    'due' => $one->dueAt(),
                    'note' => $one->string('note')->value(),
                    'lines' => $one->lines(),
                ],
                $checked,
            ),
        );

        return redirect()
            ->route('orders.index')
            ->with(
                'done',
                count($numbers) === 1
                    ? __('orders.order_list_controller.order_imported', ['numbers' => $numbers[0]])
                    : __('orders.order_list_controller.orders_imported_to', [
                        'numbers' => count($numbers),
                        'numbers_2' => $numbers[0],
                        'numbers_3' => $numbers[count($numbers) - 1],
                    ]),
            );
    }

    /**
     * The same checks as the form's.
     *
     * @param array<string, mixed> $form
     *
     * @throws ValidationException
     */
    private function checked(array $form): StoreOrder
    {
        return $this->forms->checked(StoreOrder::class, Request::create('/orders', 'POST', $form));
    }
}
