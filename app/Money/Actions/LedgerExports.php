<?php

declare(strict_types=1);

namespace App\Money\Actions;

use App\Foundation\Database\Transaction;
use App\Foundation\Formats\Csv;
use App\Foundation\ShopProfile;
use App\Money\Models\AccountTable;
use App\Money\Models\Invoice;
use App\Money\Models\LedgerExport;
use App\Money\Models\Payment;
use App\Money\Queries\Unbooked;
use App\Shop\ChangeLog;
use App\Shop\House;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Money\Amount;
use Hakama\Money\Ledger\Ledger;
use Hakama\Money\Ledger\LedgerEntry;
use Hakama\Money\Ledger\NoTaxKey;

/** Gives invoices and payments to the bookkeeper: each once, in an export that has a number and is kept as it left. */
final readonly class LedgerExports
{
    public const COLUMNS = [
        'export',
        'entry',
        'day',
        'document',
        'account',
        'account_name',
        'debit',
        'credit',
        'currency',
        'tax_key',
        'tax_percent',
        'customer',
        'customer_name',
        'text',
    ];
    private const FIRST = 1;
    private const WHO = 40;

    public function __construct(private House $house, private ShopProfile $premises) {}

    /**
     * @param CarbonImmutable $until the last day of what goes into it
     * @param string          $form  the same again is the same export
     *
     * @return LedgerExport|null null where nothing waits
     *
     * @throws NoTaxKey where the table of accounts does not know a rate; nothing is written then
     */
    public function write(CarbonImmutable $until, string $form, string $who): ?LedgerExport
    {
        return Transaction::run(function () use ($until, $form, $who): ?LedgerExport {
            $same = LedgerExport::query()->listed()->where('form_id', $form)->first();
            if ($same !== null) {
                return $same;
            }
            $table = $this->premises->writeTo(null, fn(): AccountTable => AccountTable::inForce($this->house));
            $unbooked = new Unbooked($table, $until);
            $last = LedgerExport::query()->listed()->first();
            $number = $last === null ? self::FIRST : $last->number + 1;
            $first = $last === null ? self::FIRST : $last->first_entry + $last->entries;
            // In the shop's language, whoever presses the button.
            [$journal, $entries, $debit] = $this->premises->writeTo(
                null,
                fn(): array => $this->journal($unbooked, new Ledger($table->accounts()), $number, $first),
            );
            if ($entries === 0) {
                return null;
            }
            if (! $table->exists) {
                $table->fill(['who' => mb_substr($who, 0, self::WHO), 'made_at' => CarbonImmutable::now()])->save();
            }
            $export = LedgerExport::query()->create([
                'number' => $number,
                'form_id' => $form,
                'account_table_id' => $table->id,
                'until' => $until->toDateString(),
                'first_entry' => $first,
                'entries' => $entries,
                'debit_cents' => $debit,
                'who' => mb_substr($who, 0, self::WHO),
                'made_at' => CarbonImmutable::now(),
                'sha256' => hash('sha256', $journal),
                'journal' => (string) gzencode($journal),
            ]);
            // Nobody else writes meanwhile: what is marked is what was read.
            $unbooked->invoices()->update(['ledger_export_id' => $export->id]);
            $unbooked->payments()->update(['ledger_export_id' => $export->id]);
            ChangeLog::note(Change::SHOP, 'ledger', __('ledger.export.was_written', [
                'number' => $number,
                'entries' => $entries,
            ]));

            return $export;
        });
    }

    /**
     * @return array{string, int, int} the file, its entries, and what they come to on the debit side in cents
     *
     * @throws NoTaxKey
     */
    private function journal(Unbooked $unbooked, Ledger $ledger, int $number, int $first): array
    {
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        Csv::begin($stream, self::COLUMNS);
        $entries = $debit = 0;
        foreach ($unbooked->inOrder() as $one) {
            $entry = self::entry($ledger, $one);
            foreach ($this->rows($entry, $one) as $row) {
                Csv::put($stream, [(string) $number, (string) ($first + $entries), ...$row]);
            }
            $entries++;
            $debit += $entry->debitCents();
        }
        rewind($stream);

        return [(string) stream_get_contents($stream), $entries, $debit];
    }

    /** @throws NoTaxKey */
    private static function entry(Ledger $ledger, Invoice|Payment $one): LedgerEntry
    {
        return $one instanceof Invoice
            ? $ledger->sold($one->issued_at->toDateString(), (string) $one->number, $one->cents, $one->tax())
            : $ledger->paid($one->paid_on->toDateString(), (string) $one->invoice->number, $one->cents, $one->way);
    }

    /** @return list<list<string>> a row for each side, from the day on */
    private function rows(LedgerEntry $entry, Invoice|Payment $one): array
    {
        $invoice = $one instanceof Invoice ? $one : $one->invoice;
        $currency = $this->premises->shop()->currency;
        $rows = [];
        foreach ($entry->postings as $posting) {
            $rows[] = [
                $entry->day,
                $entry->document,
                $posting->account->number,
                $posting->account->name,
                Amount::plain($posting->debitCents()),
                Amount::plain($posting->creditCents()),
                $currency,
                $posting->tax->key ?? '',
                $posting->tax === null ? '' : (string) round($posting->tax->percent, 2),
                (string) $invoice->order->customer_id,
                $invoice->customer,
                self::text($one, $invoice),
            ];
        }

        return $rows;
    }

    private static function text(Invoice|Payment $one, Invoice $invoice): string
    {
        return match (true) {
            $one instanceof Payment => __('ledger.text.payment', ['number' => $invoice->number]),
            $invoice->credits !== null => __('ledger.text.credit', [
                'number' => $invoice->number,
                'of' => $invoice->credits->number,
            ]),
            default => __('ledger.text.invoice', ['number' => $invoice->number, 'order' => $invoice->order->number]),
        };
    }
}
