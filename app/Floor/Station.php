<?php

declare(strict_types=1);

namespace App\Floor;

use App\FloorLog\FloorLog;
use App\Models\Machine;
use App\Models\Piece;
use App\Models\Setup;
use App\Plan\OpenBatch;
use App\Plan\PlanBoard;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Stage;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** One machine on the floor: the batch it is at, how far that is, and what comes after. */
final readonly class Station
{
    /**
     * @param list<OpenBatch>        $queue  batches of this machine after the current one
     * @param Collection<int, Piece> $pieces of the current batch, by id
     * @param array<string, string> $places size => where the design goes on it
     * @param list<object{who: string, at: string, steps: int}> $confirmed who confirmed how many steps, and when,
     *     newest first
     * @param int                    $stitch sewn in this load: by the last reading while it sews, else as the events
     *     have it
     */
    private function __construct(
        public Machine $machine,
        public ?OpenBatch $open,
        public ?BatchRun $run,
        public int $stitch,
        public array $queue,
        public Collection $pieces,
        public Pulse $pulse,
        public WorkList $work,
        public array $places,
        public array $confirmed,
    ) {}

    public static function of(Machine $machine, PlanBoard $board): self
    {
        $codes = $board->sequence()->on($machine->code);
        $queue = array_map(static fn(string $code): OpenBatch => $board->batches()[$code], $codes);
        $open = array_shift($queue);
        $pulse = Pulse::of($machine);
        if ($open === null) {
            return new self($machine, null, null, 0, [], new Collection(), $pulse, WorkList::of(null), [], []);
        }
        $pieces = Piece::query()->where('decoration_id', $open->decorationId)->orderBy('id')->get()->keyBy('id');
        $setup = Setup::query()
            ->where('decoration_id', $open->decorationId)
            ->first(['decoration_id', 'steps', 'places']);
        $run = FloorLog::runOf($open->id, array_values($pieces->modelKeys()));

        return new self(
            $machine,
            $open,
            $run,
            match ($run->stage) {
                Stage::Sewing => $pulse->load === $run->loadEvent ? max($run->stitch, $pulse->stitch) : $run->stitch,
                Stage::Halted, Stage::Sewn => $run->stitch,
                default => 0,
            },
            $queue,
            $pieces,
            $pulse,
            WorkList::of($setup?->steps),
            $setup->places ?? [],
            self::confirmed($open->id),
        );
    }

    /** @return list<object{who: string, at: string, steps: int}> */
    private static function confirmed(int $batchId): array
    {
        return array_values(
            DB::table('step_confirmations')
                ->where('batch_id', $batchId)
                ->groupBy('event_id', 'who', 'confirmed_at')
                ->orderByDesc('confirmed_at')
                ->limit(3)
                ->get(['who', 'confirmed_at as at', DB::raw('count(*) as steps')])
                ->all(),
        );
    }
}
