<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Foundation\Words\GarmentName;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Orders\Models\Piece;
use App\Orders\OrderState;
use App\Plan\Queries\PlanBoard;
use Carbon\CarbonImmutable;
use stdClass;

/** One order as the list shows it. Its state is what its pieces come to; nobody types it. */
final readonly class OrderRow
{
    private function __construct(
        public int $number,
        public string $customer,
        public string $what,
        public CarbonImmutable $dueAt,
        public int $pieces,
        public int $done,
        public int $sewing,
        public ?CarbonImmutable $ends,
        public bool $isCancelled,
        public int $blanksShort = 0,
    ) {}

    /**
     * @param array<Order> $orders with their customers
     *
     * @return list<self>
     */
    public static function of(array $orders, PlanBoard $board): array
    {
        $ids = array_map(static fn(Order $order): int => $order->id, $orders);
        $counts = Piece::query()
            ->whereIn('order_id', $ids)
            ->groupBy('order_id')
            ->select('order_id')
            ->selectRaw("count(*) as pieces, sum(state = 'done') as done, sum(state = 'sewing') as sewing")
            ->toBase()
            ->get()
            ->keyBy('order_id');
        $garments = OrderLine::query()
            ->whereIn('order_id', $ids)
            ->orderBy('id')
            ->toBase()
            ->get(['order_id', 'style', 'garment', 'colour_name'])
            ->groupBy('order_id');

        return array_values(
            array_map(static function (Order $order) use ($counts, $garments, $board): self {
                $count = $counts[$order->id] ?? null;
                $open = (int) ($count->pieces ?? 0) - (int) ($count->done ?? 0);

                return new self(
                    $order->number,
                    $order->customer->name,
                    ($garments[$order->id] ?? collect())
                        ->map(
                            static fn(stdClass $line): string => GarmentName::of(
                                $line->style,
                                $line->garment,
                                $line->colour_name,
                            ),
                        )
                        ->implode(' · '),
                    $order->due_at,
                    (int) ($count->pieces ?? 0),
                    (int) ($count->done ?? 0),
                    (int) ($count->sewing ?? 0),
                    $open > 0 ? $board->orderEnds($order->id, $open) : null,
                    $order->cancelled_at !== null,
                    $open > 0 ? $board->blanksShort($order->id) : 0,
                );
            }, $orders),
        );
    }

    public function isDone(): bool
    {
        return $this->pieces > 0 && $this->done === $this->pieces;
    }

    public function isLate(): bool
    {
        return ! $this->isDone()
            && ! $this->isCancelled
            && (($this->ends !== null && $this->ends > $this->dueAt) || $this->dueAt->isPast());
    }

    public function state(): OrderState
    {
        return match (true) {
            $this->isCancelled => OrderState::Cancelled,
            $this->isDone() => OrderState::Done,
            $this->blanksShort > 0 => OrderState::BlanksShort,
            $this->sewing > 0 => OrderState::Sewing,
            $this->done > 0 => OrderState::Begun,
            $this->ends !== null => OrderState::Planned,
            default => OrderState::Unplanned,
        };
    }

    public function words(): string
    {
        return match ($this->state()) {
            OrderState::Cancelled => __('orders.order_row.cancelled'),
            OrderState::Done => __('orders.order_row.done'),
            OrderState::BlanksShort => $this->blanksShort === 1
                ? __('orders.order_row.n_1_blank_short')
                : __('orders.order_row.blanks_short', ['blanks_short' => $this->blanksShort]),
            OrderState::Sewing => __('orders.order_row.on_the_machine'),
            OrderState::Begun => __('orders.order_row.begun'),
            OrderState::Planned => __('orders.order_row.planned'),
            OrderState::Unplanned => __('orders.order_row.not_planned_yet'),
        };
    }
}
