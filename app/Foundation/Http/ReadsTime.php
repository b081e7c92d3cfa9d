<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use Carbon\CarbonImmutable;

/** For what may be told later than it happened: `at`, a time with its zone. */
trait ReadsTime
{
    /** Null where it is told as it happens. */
    public function at(): ?CarbonImmutable
    {
        return $this->filled('at')
            ? CarbonImmutable::parse($this->string('at')->value())->setTimezone((string) config('app.timezone'))
            : null;
    }
}
