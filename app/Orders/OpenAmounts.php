<?php

declare(strict_types=1);

namespace App\Orders;

/** What customers have still to pay; money is counted elsewhere. */
interface OpenAmounts
{
    /**
     * @param list<int> $customers their ids
     *
     * @return array<int, int> customer => cents that are on invoices and not paid; those who owe nothing are not in it
     */
    public function of(array $customers): array;
}
