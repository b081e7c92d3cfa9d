<?php

declare(strict_types=1);

namespace Hakama\Money\Ledger;

/** What one paper or one payment does to the accounts: both sides come to the same. */
final readonly class LedgerEntry
{
    /** @var non-empty-list<Posting> none of nothing */
    public array $postings;

    /**
     * @param string        $day      yyyy-mm-dd
     * @param string        $document the number of the invoice it is about
     * @param list<Posting> $postings
     *
     * @throws UnbalancedEntry
     */
    public function __construct(public string $day, public string $document, array $postings)
    {
        $sum = array_sum(array_map(static fn(Posting $one): int => $one->cents, $postings));
        $moved = array_values(array_filter($postings, static fn(Posting $one): bool => $one->cents !== 0));
        if ($sum !== 0 || $moved === []) {
            throw UnbalancedEntry::by($document, $sum);
        }
        $this->postings = $moved;
    }

    public function debitCents(): int
    {
        return array_sum(array_map(static fn(Posting $one): int => $one->debitCents(), $this->postings));
    }
}
