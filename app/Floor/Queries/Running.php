<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Artwork\HoopingTapes;
use App\Floor\Log\FloorLog;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use App\Orders\Names\NamedPiece;
use App\Plan\BatchDesign;
use App\Plan\Models\Batch;
use App\Plan\OpenBatch;
use App\Setup\Actions\Clamps;
use App\Setup\Queries\MachineSetups;
use App\Setup\SetupOnMachine;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Hakama\Artwork\HoopingTape;
use Hakama\Floor\BatchRun;
use Hakama\Floor\CheckRules;
use Hakama\Floor\PieceState;
use Hakama\Floor\Stage;
use Hakama\House\Question;
use Hakama\Machine\Driver;
use Hakama\Setup\Notes\DriverSteps;
use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\WorkStage;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The batch that stands at a machine, and how far it is. */
final readonly class Running
{
    /** So many of the pieces that wait are shown. */
    public const SHOWN = 4;

    /**
     * @param int                    $stitch     sewn in this load: by the last reading while it sews, else as the
     *     events
     *     have it
     * @param Collection<int, Piece> $pieces     on the machine, hooped, and the next that wait, by id
     * @param array<string, string>  $placements size => where the design goes on it
     * @param list<object{who: string, at: string, steps: int}> $confirmed who confirmed how many steps, and when,
     *     newest first
     * @param list<HoopingTape>      $hoopings   where each piece is hooped several times, moving along a tube
     */
    private function __construct(
        public OpenBatch $batch,
        public BatchRun $run,
        public int $stitch,
        public Collection $pieces,
        public WorkList $work,
        public array $placements,
        public array $confirmed,
        public ?SetupOnMachine $setup,
        public array $hoopings,
    ) {}

    public static function of(OpenBatch $open, Pulse $pulse, Machine $machine): self
    {
        $batch = (new Batch())->forceFill(['id' => $open->id, 'decoration_id' => $open->decorationId]);
        $run = FloorLog::run($batch, $open->pieces);
        $setup = app(MachineSetups::class)->on($open->decorationId, $machine);

        return new self(
            $open,
            $run,
            match ($run->stage) {
                Stage::Sewing => $pulse->load === $run->load->event
                    ? max($run->load->stitch, $pulse->stitch)
                    : $run->load->stitch,
                Stage::Halted, Stage::Sewn => $run->load->stitch,
                default => 0,
            },
            self::pieces($batch, $run, $machine->heads * $open->copies),
            WorkList::of(
                [...$setup->steps ?? [], ...$run->stage === Stage::Preflight ? self::clamp($open, $machine) : []],
                $setup === null || $run->stage !== Stage::Preflight
                    ? []
                    : DriverSteps::between(
                        Driver::tryFrom((string) $machine->driver) ?? $setup->driver,
                        $setup->driver,
                        $setup->holes,
                    ),
            ),
            $setup->placements ?? [],
            // Before the list is gone through nobody has confirmed anything.
            $run->stage === Stage::Preflight ? [] : self::confirmed($open->id),
            $setup,
            $open->setup->hoopings > 1 ? self::hoopings($open->decorationId) : [],
        );
    }

    /** @return list<int> hooped pieces and the next that wait, in the order in which they are to be sewn */
    public function waiting(): array
    {
        return array_values(array_diff($this->pieces->modelKeys(), $this->run->onFrame));
    }

    /** Which hooping of its pieces the load is that is on the machine, or comes next. */
    public function hooping(): int
    {
        $next = $this->pieces[$this->nextLoad(1)[0] ?? 0] ?? null;

        return $this->run->onFrame !== []
            ? $this->run->load->hooping
            : min(max(1, count($this->hoopings)), 1 + ($next->hoopings ?? 0));
    }

    /** What that load sews. */
    public function design(): BatchDesign
    {
        $tape = $this->hoopings[$this->hooping() - 1] ?? null;

        return $tape === null ? $this->batch->design : $this->batch->design->hooped($tape);
    }

    /** A load that is sewn is the last hooping of its pieces, or is moved on for the next. */
    public function isLastHooping(): bool
    {
        return $this->hooping() >= count($this->hoopings);
    }

    /** @return list<int> */
    public function nextLoad(int $heads): array
    {
        $alone = $this->batch->design->named || $this->isFirst();

        return $this->run->nextLoad(
            $this->waiting(),
            ($alone ? 1 : $heads) * $this->batch->copies,
            $this->pieces->map(static fn(Piece $piece): int => $piece->hoopings)->all(),
        );
    }

    /** The first piece is sewn alone where something is to be minded, or where the house looks at it first. */
    private function isFirst(): bool
    {
        return ($this->run->load->number === 0 && $this->setup?->firstAlone === true)
            || ($this->run->done === 0 && CheckRules::of(app(House::class)->rules())->firstOff);
    }

    /** The next load waits until somebody has looked at the first piece. */
    public function waitsForFirst(): bool
    {
        $rules = CheckRules::of(app(House::class)->rules());

        return $rules->firstOff
            && $rules->holds(
                $this->run->done,
                Piece::passed($this->batch->decorationId)->count(),
            );
    }

    /** The piece that is on the machine, else the one that comes next, with its name; null where pieces have none. */
    public function named(): ?NamedPiece
    {
        $piece = $this->pieces[$this->run->onFrame[0] ?? ($this->nextLoad(1)[0] ?? 0)] ?? null;

        return $this->batch->design->named && $piece !== null ? NamedPiece::of($this->batch->design->id, $piece) : null;
    }

    /** How many stitches the load has that is on the machine, or comes next. */
    public function stitches(): int
    {
        return $this->named()->sewn->all_stitches ?? $this->design()->stitches;
    }

    /**
     * What goes into one frame with a piece: itself, or as many of those that wait as it holds copies.
     *
     * @return list<int>
     */
    public function hoopedWith(int $piece): array
    {
        $others = array_values(array_diff($this->waiting(), $this->run->hooped, [$piece]));

        return [$piece, ...array_slice($others, 0, $this->batch->copies - 1)];
    }

    /** @return list<Note> a line more of the preflight where the true centre of a clamp has to be found again */
    private static function clamp(OpenBatch $open, Machine $machine): array
    {
        $frame = app(Catalogue::class)->frames()->firstWhere('code', $open->batch->equipment->frame);
        $due = $frame === null ? null : app(Clamps::class)->on($machine, $frame)?->due;

        return $due === null
            ? []
            : [
                new Note(
                    'find_clamp_again',
                    "The true centre of {$frame->code} is found anew, step by step under Clamps: {$due}.",
                    WorkStage::Preflight,
                ),
            ];
    }

    /** @return list<HoopingTape> */
    private static function hoopings(int $decorationId): array
    {
        $decoration = Decoration::query()
            ->with(['artwork', 'setup'])
            ->find($decorationId);

        return $decoration?->artwork === null
            ? []
            : app(HoopingTapes::class)->of($decoration->artwork, $decoration->setup);
    }

    /** @return Collection<int, Piece> in the order in which they are to be sewn */
    private static function pieces(Batch $batch, BatchRun $run, int $heads): Collection
    {
        // All pieces through one hooping and then the next, or each piece through all of them.
        $byPiece = app(House::class)->rules()->school(Question::TubePasses) === 'piece_by_piece';
        $of = static fn() => Piece::query()->where('decoration_id', $batch->decoration_id);
        $next = $of()
            ->where('state', PieceState::Waiting)
            ->orderBy('hoopings', $byPiece ? 'desc' : 'asc')
            ->orderBy('id')
            ->limit(max($heads, self::SHOWN) + count($run->hooped));
        $held = [...$run->onFrame, ...$run->hooped];

        return ($held === [] ? $next : $next->union($of()->whereKey($held)->toBase()))
            ->get()
            ->sortBy([['hoopings', $byPiece ? 'desc' : 'asc'], ['id', 'asc']])
            ->keyBy('id');
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
