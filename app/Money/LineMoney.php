<?php

declare(strict_types=1);

namespace App\Money;

use App\Orders\Models\OrderLine;
use Hakama\Money\Cost;
use Hakama\Money\Done;
use Hakama\Money\Job;
use Hakama\Money\Quote;

/** What one line of an order costs, is sold for, and came to. */
final readonly class LineMoney
{
    /**
     * @param Quote|null  $quote   null where the price list has no price for it
     * @param string      $noPrice why not
     * @param Cost|null   $real    null before the first piece is sewn
     * @param list<Done>   $done    what is sewn of each decoration of it
     * @param list<string> $missing positions whose artwork comes later: not in it
     */
    public function __construct(
        public OrderLine $line,
        public Job $job,
        public Cost $planned,
        public ?Quote $quote,
        public string $noPrice,
        public ?Cost $real,
        public array $missing,
        public array $done = [],
    ) {}
}
