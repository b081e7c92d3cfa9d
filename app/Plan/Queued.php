<?php

declare(strict_types=1);

namespace App\Plan;

use Carbon\CarbonImmutable;

/** Where a batch stands in the queue of a machine. */
final readonly class Queued
{
    /**
     * @param string|null          $machine null while it stands nowhere
     * @param CarbonImmutable|null $fixedAt the start it is fixed to
     */
    public function __construct(public ?string $machine, public ?int $rank, public ?CarbonImmutable $fixedAt) {}
}
