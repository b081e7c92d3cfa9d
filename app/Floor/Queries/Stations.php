<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Artwork\HoopingTapes;
use App\Floor\Log\FloorLog;
use App\Foundation\Words\KeptText;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use App\Plan\BatchBlock;
use App\Plan\Models\Batch;
use App\Plan\OpenBatch;
use App\Plan\Queries\NeedlePrograms;
use App\Plan\Queries\PlanBoard;
use App\Setup\Actions\Clamps;
use App\Setup\Queries\MachineSetups;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Hakama\Artwork\HoopingTape;
use Hakama\Floor\BatchRun;
use Hakama\Floor\Bobbin;
use Hakama\Floor\CheckRules;
use Hakama\Floor\PieceState;
use Hakama\Floor\Stage;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Notes\DriverSteps;
use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\WorkStage;
use Hakama\Thread\ThreadUse;
use Hakama\Words\Text;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Reads where a machine is: the batch that stands there, how far it is, and what comes after. */
final readonly class Stations
{
    public function __construct(
        private House $house,
        private MachineSetups $setups,
        private Catalogue $catalogue,
        private Clamps $clamps,
        private HoopingTapes $tapes,
    ) {}

    public function at(Machine $machine, PlanBoard $board): Station
    {
        $codes = $board->sequence()->on($machine->code);
        $queue = array_map(static fn(string $code): OpenBatch => $board->batches()[$code], $codes);
        $open = array_shift($queue);
        $pulse = Pulse::of($machine);
        $rules = $this->house->rules();
        $use = static fn(BatchBlock $block): float => ThreadUse::of(
            $block->lengthMm,
            $block->sheet->stitches,
            $rules->threadUse(),
        )->bobbinM;

        return new Station(
            $machine,
            $open === null ? null : $this->running($open, $pulse, $machine),
            $queue,
            $pulse,
            new Bobbin($rules->value(HouseRule::BobbinHolds), $machine->bobbin_used_m),
            array_sum(array_map($use, $open->design->blocks ?? [])),
            $open === null || $open->started ? '' : NeedlePrograms::words($board, $open->code),
            $open === null || $open->started ? [] : CareList::of($machine, $rules)->due(),
        );
    }

    /** The batch that stands at a machine, and how far it is. */
    public function running(OpenBatch $open, Pulse $pulse, Machine $machine): Running
    {
        $batch = (new Batch())->forceFill(['id' => $open->id, 'decoration_id' => $open->decorationId]);
        $run = FloorLog::run($batch, $open->pieces);
        $setup = $this->setups->on($open->decorationId, $machine);

        return new Running(
            $open,
            $run,
            match ($run->stage) {
                Stage::Sewing => $pulse->load === $run->load->event
                    ? max($run->load->stitch, $pulse->stitch)
                    : $run->load->stitch,
                Stage::Halted, Stage::Sewn => $run->load->stitch,
                default => 0,
            },
            $this->pieces($batch, $run, $machine->workingHeads() * $open->copies),
            WorkList::of(
                [...$setup->steps ?? [], ...$run->stage === Stage::Preflight ? $this->clamp($open, $machine) : []],
                $setup === null || $run->stage !== Stage::Preflight
                    ? []
                    : DriverSteps::between(
                        Driver::tryFrom((string) $machine->driver) ?? $setup->driver,
                        $setup->driver,
                        $setup->holes,
                    ),
            ),
            array_map(KeptText::said(...), $setup->placements ?? []),
            // Before the list is gone through nobody has confirmed anything.
            $run->stage === Stage::Preflight ? [] : self::confirmed($open->id),
            $setup,
            $open->setup->hoopings > 1 ? $this->hoopings($open->decorationId) : [],
            CheckRules::of($this->house->rules()),
        );
    }

    /** @return list<Note> a line more of the preflight where the true centre of a clamp has to be found again */
    private function clamp(OpenBatch $open, Machine $machine): array
    {
        $frame = $this->catalogue->frames()->firstWhere('code', $open->batch->equipment->frame);
        $due = $frame === null ? null : $this->clamps->on($machine, $frame)?->due;

        return $due === null
            ? []
            : [
                new Note(
                    'find_clamp_again',
                    new Text('floor.stations.find_the_true_centre_of_again', ['code' => $frame->code, 'due' => $due]),
                    WorkStage::Preflight,
                ),
            ];
    }

    /** @return list<HoopingTape> */
    private function hoopings(int $decorationId): array
    {
        $decoration = Decoration::query()
            ->with(['artwork', 'setup'])
            ->find($decorationId);

        return $decoration?->artwork === null
            ? []
            : $this->tapes->of($decoration->artwork, $decoration->setup);
    }

    /** @return Collection<int, Piece> in the order in which they are to be sewn */
    private function pieces(Batch $batch, BatchRun $run, int $heads): Collection
    {
        // All pieces through one hooping and then the next, or each piece through all of them.
        $byPiece = $this->house->rules()->school(Question::TubePasses) === 'piece_by_piece';
        $of = static fn() => Piece::query()->where('decoration_id', $batch->decoration_id);
        $next = $of()
            ->where('state', PieceState::Waiting)
            ->orderBy('hoopings', $byPiece ? 'desc' : 'asc')
            ->orderBy('id')
            ->limit(max($heads, Running::SHOWN) + count($run->hooped));
        $held = [...$run->onFrame, ...$run->hooped];

        return ($held === [] ? $next : $next->union($of()->whereKey($held)->toBase()))
            ->get()
            ->sortBy([['hoopings', $byPiece ? 'desc' : 'asc'], ['id', 'asc']])
            ->keyBy('id');
    }

    /** @return list<stdClass> who, at, steps */
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
