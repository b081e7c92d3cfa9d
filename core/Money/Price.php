<?php

declare(strict_types=1);

namespace Hakama\Money;

/** How a price is made of a job and of what it costs. */
interface Price
{
    /**
     * @return int cents, before the least charge
     *
     * @throws NoPrice where the shop has none for it
     */
    public function of(Job $job, int $cost): int;

    /** @return list<int> quantities below and above which a piece has another price, next to this one */
    public function stepsBeside(Job $job): array;
}
