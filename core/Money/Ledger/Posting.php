<?php

declare(strict_types=1);

namespace Hakama\Money\Ledger;

/** One side of an entry. */
final readonly class Posting
{
    /** @param int $cents above zero on the debit side, below it on the credit side */
    private function __construct(public Account $account, public int $cents, public ?TaxKey $tax) {}

    public static function debit(Account $account, int $cents, ?TaxKey $tax = null): self
    {
        return new self($account, $cents, $tax);
    }

    public static function credit(Account $account, int $cents, ?TaxKey $tax = null): self
    {
        return new self($account, -$cents, $tax);
    }

    public function debitCents(): int
    {
        return max(0, $this->cents);
    }

    public function creditCents(): int
    {
        return max(0, -$this->cents);
    }
}
