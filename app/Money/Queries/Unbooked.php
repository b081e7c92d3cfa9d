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
    /** A page counts no further: a shop that never exported has ten years of them. */
    public const COUNTED = 50;

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

    /** @return array{int, int} invoices and payments; of each one more than `COUNTED` at most */
    public function counts(): array
    {
        $count = static fn(Builder $of): int => count($of->limit(self::COUNTED + 1)->pluck('id')->all());

        return [$count($this->invoices()), $count($this->payments())];
    }

    /** @return list<float> rates on the first of them that the table of accounts has no row for */
    public function unknownRates(): array
    {
        $unknown = [];
        $rates = $this->invoices()->limit(self::COUNTED)->pluck('tax_percent')->unique()->sort();
        foreach ($rates as $percent) {
            try {
                $this->table->accounts()->taxed((float) $percent);
            } catch (NoTaxKey $e) {
                $unknown[] = $e->percent;
            }
        }

        return $unknown;
    }
}
