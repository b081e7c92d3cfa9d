<?php

declare(strict_types=1);

namespace App\Plan;

/** What batches wait for that will be on no shelf when they begin, by the plan as it would be if all were there. */
interface MaterialHolds
{
    /** @return array<array-key, Awaited> by batch */
    public function awaited(): array;
}
