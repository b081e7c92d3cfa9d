<?php

declare(strict_types=1);

namespace App\Money\Queries;

use App\Foundation\Clock\Moment;
use App\Money\Models\AccountTable;
use App\Money\Models\Invoice;
use App\Money\Models\Payment;
use Carbon\CarbonImmutable;
use Hakama\Money\Ledger\NoTaxKey;
use Illuminate\Database\Eloquent\Builder;
use IteratorIterator;

/** Invoices and payments that are in no export yet, from the day on which bookkeeping begins. */
final readonly class Unbooked
{
    private const AT_ONCE = 1000;

    public function __construct(private AccountTable $table, private CarbonImmutable $until) {}

    /** @return Builder<Invoice> */
    public function invoices(): Builder
    {
        $from = $this->table->begins_on;

        return Invoice::query()
            ->whereNull('ledger_export_id')
            ->where('issued_at', '<=', Moment::write($this->until->endOfDay()))
            ->when($from !== null, static fn(Builder $of) => $of->where(
                'issued_at',
                '>=',
                Moment::write(CarbonImmutable::parse((string) $from?->toDateString())),
            ));
    }

    /** @return Builder<Payment> */
    public function payments(): Builder
    {
        $from = $this->table->begins_on;

        return Payment::query()
            ->whereNull('ledger_export_id')
            ->where('paid_on', '<=', $this->until->toDateString())
            ->when($from !== null, static fn(Builder $of) => $of->where('paid_on', '>=', $from?->toDateString()));
    }

    /**
     * In the order of their days; of one day the invoices first.
     *
     * @return iterable<Invoice|Payment>
     */
    public function inOrder(): iterable
    {
        $payments = new IteratorIterator(
            $this->payments()->with('invoice.order')->orderBy('paid_on')->orderBy('id')->lazy(self::AT_ONCE),
        );
        $payments->rewind();
        foreach ($this->invoices()->with(['order', 'credits'])->lazyById(self::AT_ONCE) as $invoice) {
            $day = $invoice->issued_at->toDateString();
            while ($payments->valid() && $payments->current()->paid_on->toDateString() < $day) {
                yield $payments->current();
                $payments->next();
            }
            yield $invoice;
        }
        while ($payments->valid()) {
            yield $payments->current();
            $payments->next();
        }
    }

    /** @return list<float> rates on them that the table of accounts has no row for */
    public function unknownRates(): array
    {
        $unknown = [];
        foreach ($this->invoices()->distinct()->orderBy('tax_percent')->pluck('tax_percent') as $percent) {
            try {
                $this->table->accounts()->taxed((float) $percent);
            } catch (NoTaxKey $e) {
                $unknown[] = $e->percent;
            }
        }

        return $unknown;
    }
}
