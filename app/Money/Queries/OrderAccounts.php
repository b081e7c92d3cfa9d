<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Floor\Models\FloorEvent;
use App\Money\DecorationCosting;
use App\Money\OrderMoney;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Illuminate\Support\Collection;

/** Reads what orders cost, are sold for and came to. */
final readonly class OrderAccounts
{
    private const LOADS = [
        'customer',
        'lines.decorations.artwork.blocks.thread',
        'lines.decorations.artwork.hardware',
        'lines.decorations.setup.frame',
        'lines.decorations.setup.times',
        'lines.decorations.batch',
    ];

    public function __construct(
        private House $house,
        private PriceList $prices,
        private DecorationCosting $works,
        private ShopRates $rates,
    ) {}

    public function of(Order $order): OrderMoney
    {
        $order->load(self::LOADS);
        $this->works->know(new Collection([$order]));

        return $this->money($order);
    }

    /**
     * @param CarbonImmutable|null $from the first day they may have been due; null for any
     * @param CarbonImmutable|null $to   the last
     *
     * @return Collection<int, OrderMoney> orders of which something is sewn, those due last first
     */
    public function sewn(int $most, ?CarbonImmutable $from = null, ?CarbonImmutable $to = null): Collection
    {
        $orders = Order::query()
            ->with(self::LOADS)
            ->whereIn('id', FloorEvent::query()->where('kind', EventKind::PieceDone)->select('order_id'))
            ->when($from !== null, static fn($of) => $of->where('due_at', '>=', $from?->startOfDay()))
            ->when($to !== null, static fn($of) => $of->where('due_at', '<=', $to?->endOfDay()))
            ->orderByDesc('due_at')
            ->limit($most)
            ->get();
        $this->works->know($orders->toBase());

        return $orders->map($this->money(...))->toBase();
    }

    private function money(Order $order): OrderMoney
    {
        $order->lines->each(static fn(OrderLine $line) => $line->setRelation('order', $order));

        return OrderMoney::of($order, $this->house, $this->prices, $this->works, $this->rates);
    }
}
