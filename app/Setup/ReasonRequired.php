<?php

declare(strict_types=1);

namespace App\Setup;

use RuntimeException;

/** Something was chosen against the advice and nobody said why. */
final class ReasonRequired extends RuntimeException
{
    /** @param list<array{about: string, advised: mixed, chosen: mixed, why: string}> $departures */
    private function __construct(string $message, public readonly array $departures)
    {
        parent::__construct($message);
    }

    /** @param list<array{about: string, advised: mixed, chosen: mixed, why: string}> $departures without a reason */
    public static function for(array $departures): self
    {
        return new self(__('setup.reason_required.this_differs_from_the_advice_give'), $departures);
    }
}
