<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\Plan\OpenBatch;
use Hakama\Floor\Bobbin;
use Hakama\Floor\Care\CareDue;
use Hakama\Machine\CopiesPerFrame;

/** One machine on the floor: the batch it is at, and what comes after. */
final readonly class Station
{
    /**
     * @param list<OpenBatch> $queue   batches of this machine after the current one
     * @param float           $bobbinM that a piece of the current one takes; nought where there is none
     * @param string          $needlesToSet in words, as long as it has not begun
     * @param list<CareDue>   $care what the machine wants first, as long as it has not begun
     */
    public function __construct(
        public Machine $machine,
        public ?Running $running,
        public array $queue,
        public Pulse $pulse,
        public Bobbin $bobbin,
        public float $bobbinM,
        public string $needlesToSet,
        public array $care,
    ) {}

    /** What is left on the bobbin, counted in pieces of the batch that runs. */
    public function bobbinWords(): string
    {
        return $this->running === null || $this->bobbinM <= 0.0
            ? ''
            : Words::say($this->bobbin->words(
                $this->bobbinM,
                // What is sewn is off the bobbin, be it counted or still in its frames.
                CopiesPerFrame::frames($this->running->run->sewn(), $this->running->batch->copies),
                CopiesPerFrame::frames($this->running->run->pieces, $this->running->batch->copies),
                $this->machine->workingHeads(),
                $this->running->batch->copies > 1,
            ));
    }
}
