<?php

declare(strict_types=1);

namespace App\Floor;

use App\Models\Machine;
use App\Plan\OpenBatch;
use App\Plan\PlanBoard;

/** One machine on the floor: the batch it is at, and what comes after. */
final readonly class Station
{
    /** @param list<OpenBatch> $queue batches of this machine after the current one */
    private function __construct(
        public Machine $machine,
        public ?Running $running,
        public array $queue,
        public Pulse $pulse,
    ) {}

    public static function of(Machine $machine, PlanBoard $board): self
    {
        $codes = $board->sequence()->on($machine->code);
        $queue = array_map(static fn(string $code): OpenBatch => $board->batches()[$code], $codes);
        $open = array_shift($queue);
        $pulse = Pulse::of($machine);

        return new self(
            $machine,
            $open === null ? null : Running::of($open, $pulse, $machine),
            $queue,
            $pulse,
        );
    }
}
