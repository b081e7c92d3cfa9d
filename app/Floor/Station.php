<?php

declare(strict_types=1);

namespace App\Floor;

use App\Models\Batch;
use App\Models\Decoration;
use App\Models\Machine;
use App\Models\MachineReading;
use App\Models\Piece;
use App\Plan\OpenBatch;
use App\Plan\PlanBoard;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Stage;
use Illuminate\Database\Eloquent\Collection;

/** One machine on the floor: the batch it is at, how far that is, and what comes after. */
final readonly class Station
{
    /**
     * @param list<OpenBatch>        $queue  batches of this machine after the current one
     * @param Collection<int, Piece> $pieces of the current batch, by id
     */
    private function __construct(
        public Machine $machine,
        public ?OpenBatch $open,
        public ?Batch $batch,
        public ?Decoration $decoration,
        public ?BatchRun $run,
        public int $stitch,
        public array $queue,
        public Collection $pieces,
    ) {}

    public static function of(Machine $machine, PlanBoard $board): self
    {
        $codes = $board->sequence()->on($machine->code);
        $queue = array_map(static fn(string $code): OpenBatch => $board->batches()[$code], $codes);
        $open = array_shift($queue);
        if ($open === null) {
            return new self($machine, null, null, null, null, 0, [], new Collection());
        }
        $batch = Batch::query()->with(['decoration.setup.frame', 'decoration.line', 'decoration.artwork.blocks.thread'])->findOrFail($open->id);
        $run = FloorLog::run($batch);

        return new self(
            $machine,
            $open,
            $batch,
            $batch->decoration,
            $run,
            self::stitch($machine, $run),
            $queue,
            Piece::query()->where('decoration_id', $open->decorationId)->orderBy('id')->get()->keyBy('id'),
        );
    }

    /** Stitches sewn in this load: by the machine's last reading while it sews, else as the events have it. */
    private static function stitch(Machine $machine, BatchRun $run): int
    {
        if ($run->stage !== Stage::Sewing) {
            return $run->stage === Stage::Halted || $run->stage === Stage::Sewn ? $run->stitch : 0;
        }
        $reading = MachineReading::query()->find($machine->id);

        return $reading !== null && $reading->load_event === $run->loadEvent ? max($run->stitch, $reading->stitch) : $run->stitch;
    }
}
