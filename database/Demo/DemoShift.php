<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Floor\Actions\AppendEvent;
use App\Floor\Log\FloorLog;
use App\Floor\Log\ToldEvent;
use App\Machine\Models\Machine;
use App\Plan\Models\Batch;
use Carbon\CarbonImmutable;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\PieceState;
use Hakama\Floor\ReplayedBatch;
use Hakama\Floor\SpoilCause;
use Illuminate\Support\Str;

/** What happens to one batch at one machine until somebody goes home: told as it would have been told then. */
final class DemoShift
{
    /** @var list<ToldEvent> */
    private array $told = [];

    /** @param array<int, PieceState> $states of its pieces, in the order in which they are sewn */
    private function __construct(
        private readonly Machine $machine,
        private readonly Batch $batch,
        public BatchRun $run,
        private array $states,
    ) {}

    public static function of(Machine $machine, Batch $batch): self
    {
        return new self(
            $machine,
            $batch,
            FloorLog::run($batch),
            $batch->pieces()->orderBy('pieces.id')->pluck('state', 'pieces.id')->all(),
        );
    }

    /** @return list<int> what the next load takes */
    public function next(): array
    {
        $waiting = array_slice(array_keys($this->states, PieceState::Waiting, true), 0, $this->machine->heads);

        return $this->run->nextLoad($waiting, $this->machine->heads);
    }

    /**
     * @param list<int> $pieces
     * @param string    $who '' of what the machine tells itself
     */
    public function tell(
        CarbonImmutable $at,
        EventKind $kind,
        array $pieces = [],
        int $stitch = 0,
        float $clock = 0.0,
        ?SpoilCause $cause = null,
        string $who = '',
    ): void {
        $event = new Event(
            Str::uuid()->toString(),
            $kind,
            $this->batch->id,
            $this->run->load->number,
            $stitch,
            round($clock, 1),
            $pieces,
            $cause,
        );
        $then = ReplayedBatch::from($this->run, $this->states, [$event]);
        [$this->run, $this->states] = [$then->run, $then->states];
        $byMachine = $kind === EventKind::Sewn || $kind === EventKind::ThreadBroke;
        $this->told[] = new ToldEvent($event, $byMachine ? 'machine' : 'hand', $byMachine ? '' : $who, $at);
    }

    public function send(AppendEvent $log): void
    {
        if ($this->told !== []) {
            $last = $this->told[count($this->told) - 1]->at;
            CarbonImmutable::withTestNow($last, fn() => $log->appendAll($this->machine, $this->batch, $this->told));
        }
        $this->told = [];
    }
}
