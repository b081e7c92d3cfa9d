<?php

declare(strict_types=1);

namespace App\Money\Papers;

use Hakama\Money\Bill\Bill;
use Hakama\Money\Letterhead;
use Hakama\Money\Tax;

/** What stands on a paper that leaves the shop with amounts on it: a quote, an invoice, a credit note. */
final readonly class PricedPaper
{
    /**
     * @param list<string>                                       $to    to whom, as on a letter
     * @param list<array{string, string}>                        $facts what is looked for first, with its name
     * @param list<array{text: string, pieces: int, cents: int}> $rows
     * @param list<string>                                       $below sentences under the sum
     * @param Bill|null                                          $bill  that lies inside, for a program to read
     */
    public function __construct(
        public Letterhead $from,
        public string $heading,
        public array $to,
        public array $facts,
        public array $rows,
        public int $cents,
        public string $currency,
        public array $below = [],
        public ?Tax $tax = null,
        public ?Bill $bill = null,
    ) {}
}
