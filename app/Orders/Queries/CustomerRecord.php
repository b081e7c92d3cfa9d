<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Foundation\Clock\Moment;
use App\Foundation\Words\GarmentName;
use App\Orders\Models\Order;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What customers ordered: how often, when last, and which garments with which artwork. */
final readonly class CustomerRecord
{
    private const THINGS = 20;

    private function __construct(public int $orders, public CarbonImmutable $last) {}

    /**
     * @param array<int> $customers
     *
     * @return array<int, self> by customer; those without an order are not in it
     */
    public static function ofEach(array $customers): array
    {
        return Order::query()
            ->whereIn('customer_id', $customers)
            ->whereNull('cancelled_at')
            ->groupBy('customer_id')
            ->select('customer_id')
            ->selectRaw('count(*) as orders, max(received_at) as last')
            ->withCasts(['last' => Moment::class])
            ->get()
            ->keyBy('customer_id')
            ->map(static fn(Order $row): self => new self((int) $row->getAttribute('orders'), $row->getAttribute('last')))
            ->all();
    }

    /** @return list<array{garment: string, artwork: string, artworkId: int|null, orders: int}> the newest first */
    public static function things(int $customer): array
    {
        return array_values(
            DB::table('orders as o')
                ->join('order_lines as l', 'l.order_id', '=', 'o.id')
                ->join('decorations as d', 'd.order_line_id', '=', 'l.id')
                ->leftJoin('artworks as a', 'a.id', '=', 'd.artwork_id')
                ->where('o.customer_id', $customer)
                ->groupBy('l.style', 'l.garment', 'a.id', 'a.name')
                ->orderByRaw('max(o.id) desc')
                ->limit(self::THINGS)
                ->select('l.style', 'l.garment', 'a.id', 'a.name')
                ->selectRaw('count(distinct o.id) as orders')
                ->get()
                ->map(static fn($row): array => [
                    'garment' => GarmentName::of((string) $row->style, (string) $row->garment, ''),
                    'artwork' => (string) $row->name,
                    'artworkId' => $row->id === null ? null : (int) $row->id,
                    'orders' => (int) $row->orders,
                ])
                ->all(),
        );
    }
}
