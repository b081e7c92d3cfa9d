<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Foundation\Words\Dates;
use App\Orders\Models\Order;
use App\Orders\OrderStep;
use Carbon\CarbonImmutable;
use Hakama\Floor\Blanks;

/** An order from its coming in to its going out, step by step, as somebody on the telephone is told it. */
final readonly class OrderSteps
{
    /**
     * @param CarbonImmutable|null $ends when the plan has it sewn
     *
     * @return list<OrderStep> wants `lines` loaded
     */
    public static function of(Order $order, OrderedGarments $garments, ?CarbonImmutable $ends): array
    {
        $sum = static fn(array $by): int => array_sum(array_map(array_sum(...), $by));
        $wanted = $sum($garments->wanted);
        $counted = array_filter(
            array_map(static fn(Blanks $one): ?int => $one->good, $garments->blanks),
            static fn(?int $good): bool => $good !== null,
        );
        $last = $garments->slips->last();

        return [
            new OrderStep(__('orders.order_steps.received'), 1, 1, Dates::day($order->received_at)),
            new OrderStep(
                __('orders.order_steps.blanks'),
                array_sum($counted),
                $counted === [] ? null : $wanted,
            ),
            new OrderStep(
                __('orders.order_steps.sewn'),
                $garments->piecesDone,
                $garments->pieces,
                $garments->piecesDone < $garments->pieces && $ends !== null ? Dates::dayTime($ends) : '',
            ),
            new OrderStep(__('orders.order_steps.ready'), $sum($garments->done), $wanted, $order->shelf),
            new OrderStep(
                __('orders.order_steps.handed_over'),
                $sum($garments->handed),
                $wanted,
                $last === null ? '' : Dates::day($last->handed_at),
            ),
        ];
    }
}
