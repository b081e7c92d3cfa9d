<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Orders\OpenAmounts;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Invoices less credits less payments, by customer: two queries, each by the orders of these customers alone. */
final readonly class CustomerAmounts implements OpenAmounts
{
    public function of(array $customers): array
    {
        $invoiced = self::invoices($customers)
            ->selectRaw('cast(sum(i.cents + i.tax_cents) as signed) as cents')
            ->pluck('cents', 'customer_id');
        $paid = self::invoices($customers)
            ->join('payments as p', 'p.invoice_id', '=', 'i.id')
            ->selectRaw('cast(sum(p.cents) as signed) as cents')
            ->pluck('cents', 'customer_id');
        $open = [];
        foreach ($invoiced as $customer => $cents) {
            $open[(int) $customer] = (int) $cents - (int) ($paid[$customer] ?? 0);
        }

        return array_filter($open, static fn(int $cents): bool => $cents !== 0);
    }

    /** @param list<int> $customers */
    private static function invoices(array $customers): Builder
    {
        return DB::table('orders as o')
            ->join('invoices as i', 'i.order_id', '=', 'o.id')
            ->whereIn('o.customer_id', $customers)
            ->groupBy('o.customer_id')
            ->select('o.customer_id');
    }
}
