<?php

declare(strict_types=1);

namespace App\Money\Actions;

use App\Foundation\Database\Transaction;
use App\Foundation\ShopProfile;
use App\Money\Models\BankReceipt;
use App\Money\Models\Invoice;
use Carbon\CarbonImmutable;
use Hakama\Money\Bank\BankEntry;
use Hakama\Money\PaymentWay;
use Ramsey\Uuid\Uuid;

/**
 * What came to the bank becomes payments of invoices: by itself where it can only be for them, else by somebody's word.
 */
final readonly class BankBook
{
    private const PARTY = 140;
    private const TEXT = 1000;

    public function __construct(private ShopProfile $premises) {}

    /**
     * Each entry once, however often it is read.
     *
     * @param list<BankEntry> $entries
     *
     * @return array{new: int, noted: int} those nobody had read before, and of those the ones whose invoice is clear
     */
    public function take(array $entries, string $who): array
    {
        return Transaction::run(function () use ($entries, $who): array {
            $currency = $this->premises->shop()->currency;
            $known = BankReceipt::query()
                ->whereIn('entry_key', array_column($entries, 'key'))
                ->pluck('entry_key')
                ->flip();
            // What left the account, or came in another currency, pays none of these invoices.
            $new = array_values(array_filter($entries, static fn(BankEntry $one): bool => $one->cents > 0
                && in_array($one->currency, ['', $currency], true)
                && ! isset($known[$one->key])));
            $invoices = self::named($new);
            $noted = 0;
            foreach ($new as $entry) {
                $open = array_map(static fn(Invoice $one): int => $one->openCents(), $invoices);
                $paid = $entry->pays(array_filter($open, static fn(int $cents): bool => $cents > 0));
                $receipt = BankReceipt::query()->create([
                    'entry_key' => $entry->key,
                    'booked_on' => $entry->day,
                    'cents' => $entry->cents,
                    'party' => mb_substr($entry->party, 0, self::PARTY),
                    'text' => mb_substr($entry->text, 0, self::TEXT),
                    'is_open' => $paid === [],
                    'invoices' => implode(', ', $paid),
                    'read_at' => CarbonImmutable::now(),
                ]);
                foreach ($paid as $number) {
                    self::pay($receipt, $invoices[$number], $open[$number], $who);
                }
                $noted += $paid === [] ? 0 : 1;
            }

            return ['new' => count($new), 'noted' => $noted];
        });
    }

    /** @return bool false where it is dealt with already, or more than is open of the invoice */
    public static function assign(BankReceipt $receipt, int $number, string $who): bool
    {
        return Transaction::run(static function () use ($receipt, $number, $who): bool {
            $open = BankReceipt::query()->whereKey($receipt->id)->where('is_open', true)->first();
            $invoice = self::numbered([$number])[$number] ?? null;
            if ($open === null || $invoice === null || $open->cents > $invoice->openCents()) {
                return false;
            }
            $open->update(['is_open' => false, 'invoices' => (string) $number]);
            self::pay($open, $invoice, $open->cents, $who);

            return true;
        });
    }

    /** It is for no invoice. */
    public static function setAside(BankReceipt $receipt): void
    {
        Transaction::run(static fn() => BankReceipt::query()->whereKey($receipt->id)->update(['is_open' => false]));
    }

    private static function pay(BankReceipt $receipt, Invoice $invoice, int $cents, string $who): void
    {
        $invoice->payments->push(Payments::note(
            $invoice,
            // The same money for the same invoice is the same payment.
            Uuid::uuid5(Uuid::NAMESPACE_OID, "{$receipt->entry_key} {$invoice->number}")->toString(),
            $cents,
            $receipt->booked_on->toDateString(),
            $receipt->party,
            $who,
            PaymentWay::Bank,
        ));
    }

    /**
     * @param list<BankEntry> $entries
     *
     * @return array<int, Invoice> those that any of them names
     */
    private static function named(array $entries): array
    {
        $numbers = array_merge(...array_map(static fn(BankEntry $one): array => $one->numbers(), $entries));

        return self::numbered($numbers);
    }

    /**
     * @param list<int> $numbers
     *
     * @return array<int, Invoice> by number; none that was taken back, and none that takes back
     */
    private static function numbered(array $numbers): array
    {
        return Invoice::query()
            ->with(['payments', 'order'])
            ->whereIn('number', array_values(array_unique($numbers)))
            ->whereNull('credits_id')
            ->whereNotIn('id', Invoice::query()->whereNotNull('credits_id')->select('credits_id'))
            ->get()
            ->keyBy('number')
            ->all();
    }
}
