<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use Carbon\CarbonImmutable;
use Hakama\Books\Entry;

/** What was sewn on some days, as the plan asks for it: how long loads really take is learned from that. */
interface SewnDays
{
    /** @return list<Entry> newest day first */
    public function entries(CarbonImmutable $from, CarbonImmutable $to): array;
}
