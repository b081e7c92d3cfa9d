<?php

declare(strict_types=1);

namespace App\Orders\Listeners;

use App\Floor\Models\FloorEvent;
use App\Orders\Letters\DueLetters;
use App\Orders\Letters\LetterKind;
use App\Orders\Models\Order;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Illuminate\Database\Eloquent\Collection;

/** Customers are told by themselves that an order has come, and that it is ready, where the house wants that. */
final readonly class WriteDueLetters
{
    public function __construct(private DueLetters $letters) {}

    public function handle(): void
    {
        if (! $this->letters->areWanted()) {
            return;
        }
        // What is older was told by somebody, or before the house wanted this.
        $since = CarbonImmutable::now()->subDay();
        $this->letters->write(LetterKind::Received, $this->orders(
            LetterKind::Received,
            static fn($orders) => $orders->where('received_at', '>=', $since),
        ));
        $this->letters->write(LetterKind::Ready, $this->orders(
            LetterKind::Ready,
            static fn($orders) => $orders->whereIn('id', FloorEvent::query()
                ->where('kind', EventKind::PieceDone)
                ->where('recorded_at', '>=', $since)
                ->select('order_id')),
        ));
    }

    /**
     * @param callable(\Illuminate\Database\Eloquent\Builder<Order>): mixed $which
     *
     * @return Collection<int, Order> whose customers were not written of it yet
     */
    private function orders(LetterKind $kind, callable $which): Collection
    {
        return Order::query()
            ->with(['customer', 'lines'])
            ->whereNull('cancelled_at')
            ->tap($which)
            ->whereNotExists(static fn($letters) => $letters
                ->from('letters')
                ->whereColumn('letters.order_id', 'orders.id')
                ->where('kind', $kind))
            ->orderBy('id')
            ->limit(DueLetters::AT_ONCE)
            ->get();
    }
}
