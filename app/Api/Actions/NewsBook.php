<?php

declare(strict_types=1);

namespace App\Api\Actions;

use App\Api\Models\Delivery;
use App\Api\Models\News;
use App\Api\Models\ToldOrder;
use App\Api\Models\Webhook;
use App\Api\NewsKind;
use App\Api\Queries\OrderShapes;
use App\Api\Shapes\InvoiceShape;
use App\Api\Shapes\NewsShape;
use App\Api\Shapes\OrderShape;
use App\Foundation\Database\Transaction;
use App\Foundation\ShopProfile;
use App\Money\Models\Invoice;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\Orders\OrderState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * Finds what is new by holding what is so against what was told last: whatever changed it, and however the program was
 * stopped between, it is told, and once. The odds and the hour of the plan move all day and are no news.
 */
final readonly class NewsBook
{
    private const AT_ONCE = 100;
    private const KEPT_DAYS = 90;
    private const CLEARED = 500;
    /** Fields of an order that are told when they change. */
    private const FACTS = ['state', 'due_at', 'is_late', 'approval', 'handed_over', 'pieces'];

    public function __construct(private OrderShapes $shapes, private ShopProfile $premises) {}

    /** @return int how much is new */
    public function gather(): int
    {
        return Transaction::run(function (): int {
            /** @var Collection<int, Webhook> $webhooks */
            $webhooks = Webhook::query()->with('program.tokens')->get();
            if ($webhooks->isEmpty()) {
                return 0;
            }

            self::clear();

            return $this->ofOrders($webhooks) + $this->ofInvoices($webhooks);
        });
    }

    /** What is long past is nobody's news; of invoices it is kept, as by it they are known to have been told. */
    private static function clear(): void
    {
        News::query()
            ->whereIn('kind', [NewsKind::OrderNew, NewsKind::OrderChanged])
            ->where('made_at', '<', CarbonImmutable::now()->subDays(self::KEPT_DAYS))
            ->limit(self::CLEARED)
            ->delete();
    }

    /** @param Collection<int, Webhook> $webhooks */
    private function ofOrders(Collection $webhooks): int
    {
        $since = CarbonImmutable::parse((string) $webhooks->min('made_at'));
        $told = 0;
        Order::query()
            ->where(static fn(Builder $of) => $of
                ->whereIn('id', Piece::query()->open()->select('order_id'))
                ->orWhereIn('id', ToldOrder::query()->where('is_final', false)->select('order_id')))
            ->chunkById(self::AT_ONCE, function (Collection $orders) use ($webhooks, $since, &$told): void {
                $known = ToldOrder::query()->findMany($orders->modelKeys())->keyBy('order_id');
                $shapes = $this->shapes->of($orders);
                foreach ($orders->values() as $i => $order) {
                    $told += $this->ofOrder($order, $shapes[$i], $known[$order->id] ?? null, $since, $webhooks);
                }
            });

        return $told;
    }

    /** @param Collection<int, Webhook> $webhooks */
    private function ofOrder(
        Order $order,
        OrderShape $shape,
        ?ToldOrder $known,
        CarbonImmutable $since,
        Collection $webhooks,
    ): int {
        $facts = json_decode(json_encode($shape, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        $facts = array_intersect_key($facts, array_flip(self::FACTS));
        $changed = array_keys(array_filter(
            $facts,
            static fn(mixed $value, string $field): bool => ($known->facts[$field] ?? null) !== $value,
            ARRAY_FILTER_USE_BOTH,
        ));
        if ($known !== null && $changed === []) {
            return 0;
        }
        $version = ($known->version ?? 0) + 1;
        ToldOrder::query()->updateOrCreate(['order_id' => $order->id], [
            'version' => $version,
            'facts' => $facts,
            'is_final' => self::isFinal($shape),
        ]);
        if ($known === null && $order->received_at < $since) {
            // It was here before anybody wanted to be told.
            return 0;
        }

        return $this->tell(
            $known === null ? NewsKind::OrderNew : NewsKind::OrderChanged,
            $order->number,
            // Counted anew since somebody wanted to be told.
            "{$order->id} {$version} {$since->getTimestamp()}",
            $known === null ? [] : $changed,
            $shape,
            $webhooks,
        );
    }

    private static function isFinal(OrderShape $shape): bool
    {
        return $shape->state === OrderState::Cancelled
            || ($shape->state === OrderState::Done && $shape->handedOver >= $shape->garments());
    }

    /** @param Collection<int, Webhook> $webhooks */
    private function ofInvoices(Collection $webhooks): int
    {
        $since = $webhooks->min('made_at');
        $untold = static fn(NewsKind $kind): Builder => Invoice::query()
            ->with(['order', 'credits', 'payments'])
            ->where('issued_at', '>=', $since)
            ->whereNotExists(static fn($news) => $news
                ->from('news')
                ->whereColumn('news.number', 'invoices.number')
                ->where('kind', $kind))
            ->orderBy('number');
        $told = 0;
        foreach ($untold(NewsKind::InvoiceNew)->limit(self::AT_ONCE)->get() as $invoice) {
            $told += $this->ofInvoice(NewsKind::InvoiceNew, $invoice, $webhooks);
        }
        $paid = $untold(NewsKind::InvoicePaid)
            ->whereNull('credits_id')
            ->where('cents', '>', 0)
            ->where(
                DB::raw('invoices.cents + invoices.tax_cents'),
                '<=',
                DB::table('payments')->whereColumn('invoice_id', 'invoices.id')->selectRaw('coalesce(sum(cents), 0)'),
            );
        foreach ($paid->limit(self::AT_ONCE)->get() as $invoice) {
            $told += $this->ofInvoice(NewsKind::InvoicePaid, $invoice, $webhooks);
        }

        return $told;
    }

    /** @param Collection<int, Webhook> $webhooks */
    private function ofInvoice(NewsKind $kind, Invoice $invoice, Collection $webhooks): int
    {
        $shape = InvoiceShape::of($invoice, $this->premises->shop()->currency);

        return $this->tell($kind, $invoice->number, (string) $invoice->number, [], $shape, $webhooks);
    }

    /**
     * @param string                   $which   of the kind
     * @param list<string>             $changed
     * @param Collection<int, Webhook> $webhooks
     */
    private function tell(
        NewsKind $kind,
        int $number,
        string $which,
        array $changed,
        OrderShape|InvoiceShape $shape,
        Collection $webhooks,
    ): int {
        $hear = $webhooks->filter(static fn(Webhook $one): bool => in_array(
            $kind->scope()->value,
            $one->program->tokens->first()->abilities ?? [],
            true,
        ));
        $now = CarbonImmutable::now();
        $sign = Uuid::uuid5(Uuid::NAMESPACE_OID, "{$kind->value} {$which}")->toString();
        $body = new NewsShape(
            $sign,
            $kind,
            $now,
            $changed,
            $shape instanceof OrderShape ? $shape : null,
            $shape instanceof InvoiceShape ? $shape : null,
        );
        $news = News::query()->firstOrCreate(['sign' => $sign], [
            'kind' => $kind,
            'number' => $number,
            'made_at' => $now,
            'body' => json_encode($body, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
        ]);
        foreach ($hear as $webhook) {
            Delivery::query()->firstOrCreate(['webhook_id' => $webhook->id, 'news_id' => $news->id]);
        }

        return 1;
    }
}
