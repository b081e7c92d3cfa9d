<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Orders\OpenAmounts;
use Illuminate\Support\Facades\DB;

/** Invoices less credits less payments, by customer: one query. */
final readonly class CustomerAmounts implements OpenAmounts
{
    public function of(array $customers): array
    {
        $paid = DB::table('payments')->select('invoice_id')->selectRaw('sum(cents) as paid')->groupBy('invoice_id');

        return DB::table('invoices as i')
            ->join('orders as o', 'o.id', '=', 'i.order_id')
            ->leftJoinSub($paid, 'p', 'p.invoice_id', '=', 'i.id')
            ->whereIn('o.customer_id', $customers)
            ->groupBy('o.customer_id')
            ->havingRaw('open <> 0')
            ->select('o.customer_id')
            ->selectRaw('cast(sum(i.cents + i.tax_cents - coalesce(p.paid, 0)) as signed) as open')
            ->pluck('open', 'customer_id')
            ->map(static fn(mixed $cents): int => (int) $cents)
            ->all();
    }
}
