<?php

declare(strict_types=1);

namespace Hakama\Money\Bill;

use Hakama\Money\Letterhead;
use Hakama\Money\Party;
use Hakama\Money\Tax;

/** An invoice or a credit note as EN 16931 knows it: all amounts in cents, a credit's above zero like an invoice's. */
final readonly class Bill
{
    /**
     * @param string         $number      its own
     * @param string         $day         of issue, yyyy-mm-dd
     * @param string|null    $due         by when it is paid
     * @param string|null    $supplied    when it was delivered
     * @param string         $order       by which the buyer knows it
     * @param list<BillRow>  $rows        what is sold
     * @param list<BillRow>  $adjustments what comes off (below zero) or on top, for the whole; of no quantity
     * @param string         $terms       how it is paid, in a sentence
     * @param string|null    $credits     the number of the invoice it takes back
     */
    public function __construct(
        public string $number,
        public string $day,
        public ?string $due,
        public ?string $supplied,
        public string $currency,
        public string $order,
        public Letterhead $seller,
        public Party $buyer,
        public array $rows,
        public array $adjustments,
        public Tax $tax,
        public string $terms = '',
        public ?string $credits = null,
    ) {}

    /**
     * S: taxed. E: exempt, said by somebody who is known to the tax office. O: outside of it, where there is no tax number.
     */
    public function category(): string
    {
        return match (true) {
            ! $this->tax->isNone() => 'S',
            $this->seller->party->taxNumber !== '' => 'E',
            default => 'O',
        };
    }

    public function rowsCents(): int
    {
        return array_sum(array_column($this->rows, 'cents'));
    }

    /** What comes off the whole, above zero. */
    public function allowancesCents(): int
    {
        return -array_sum(array_map(static fn(BillRow $one): int => min(0, $one->cents), $this->adjustments));
    }

    public function chargesCents(): int
    {
        return array_sum(array_map(static fn(BillRow $one): int => max(0, $one->cents), $this->adjustments));
    }

    public function netCents(): int
    {
        return $this->rowsCents() - $this->allowancesCents() + $this->chargesCents();
    }
}
