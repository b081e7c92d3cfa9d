<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Machine\Models\Machine;
use App\Plan\BatchBlock;
use App\Plan\OpenBatch;
use App\Plan\Queries\NeedlePrograms;
use App\Plan\Queries\PlanBoard;
use App\Shop\House;
use Hakama\Floor\Bobbin;
use Hakama\Floor\Care\CareDue;
use Hakama\House\HouseRule;
use Hakama\Machine\CopiesPerFrame;
use Hakama\Thread\ThreadUse;

/** One machine on the floor: the batch it is at, and what comes after. */
final readonly class Station
{
    /**
     * @param list<OpenBatch> $queue   batches of this machine after the current one
     * @param float           $bobbinM that a piece of the current one takes; nought where there is none
     * @param string          $needlesToSet in words, as long as it has not begun
     * @param list<CareDue>   $care what the machine wants first, as long as it has not begun
     */
    private function __construct(
        public Machine $machine,
        public ?Running $running,
        public array $queue,
        public Pulse $pulse,
        public Bobbin $bobbin,
        public float $bobbinM,
        public string $needlesToSet,
        public array $care,
    ) {}

    public static function of(Machine $machine, PlanBoard $board): self
    {
        $codes = $board->sequence()->on($machine->code);
        $queue = array_map(static fn(string $code): OpenBatch => $board->batches()[$code], $codes);
        $open = array_shift($queue);
        $pulse = Pulse::of($machine);
        $rules = app(House::class)->rules();
        $use = static fn(BatchBlock $block): float => ThreadUse::of(
            $block->lengthMm,
            $block->sheet->stitches,
            $rules->threadUse(),
        )->bobbinM;

        return new self(
            $machine,
            $open === null ? null : Running::of($open, $pulse, $machine),
            $queue,
            $pulse,
            new Bobbin($rules->value(HouseRule::BobbinHolds), $machine->bobbin_used_m),
            array_sum(array_map($use, $open->design->blocks ?? [])),
            $open === null || $open->started ? '' : NeedlePrograms::words($board, $open->code),
            $open === null || $open->started ? [] : CareList::of($machine, $rules)->due(),
        );
    }

    /** What is left on the bobbin, counted in pieces of the batch that runs. */
    public function bobbinWords(): string
    {
        return $this->running === null || $this->bobbinM <= 0.0
            ? ''
            : str_replace(
                'piece',
                $this->running->batch->copies > 1 ? 'frame' : 'piece',
                $this->bobbin->words(
                    $this->bobbinM,
                    // What is sewn is off the bobbin, be it counted or still in its frames.
                    CopiesPerFrame::frames($this->running->run->sewn(), $this->running->batch->copies),
                    CopiesPerFrame::frames($this->running->run->pieces, $this->running->batch->copies),
                    $this->machine->heads,
                ),
            );
    }
}
