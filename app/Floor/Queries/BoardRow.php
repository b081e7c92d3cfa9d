<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Machine\Models\Machine;
use App\Plan\OpenBatch;
use Carbon\CarbonImmutable;
use Hakama\Floor\Act;
use Hakama\Floor\BatchRun;
use Hakama\Floor\MachineNow;

/** One machine on the board. */
final readonly class BoardRow
{
    /** @param CarbonImmutable|null $ends of the batch, by the plan */
    public function __construct(
        public Machine $machine,
        public ?OpenBatch $batch,
        public ?BatchRun $run,
        public ?MachineNow $now,
        public ?CarbonImmutable $ends,
        public ?Act $next = null,
    ) {}

    /** @param list<Act> $acts of all machines, in their order */
    public function withNext(array $acts): self
    {
        $mine = array_filter($acts, fn(Act $act): bool => $act->machine === $this->machine->code);

        return new self(
            $this->machine,
            $this->batch,
            $this->run,
            $this->now,
            $this->ends,
            array_values($mine)[0] ?? null,
        );
    }
}
