<?php

declare(strict_types=1);

namespace App\Setup;

use App\Models\Artwork;
use App\Models\Batch;
use App\Models\Decoration;
use App\Models\Frame;
use App\Models\Machine;
use App\Models\Setup;
use App\Shop\House;
use Hakama\Garment\Garment;
use Hakama\Garment\Size;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\Frame as CoreFrame;
use Hakama\Machine\RunTime;
use Hakama\Setup\Advice;
use Hakama\Setup\BackingPiece;
use Hakama\Setup\Fit;
use Hakama\Setup\FrameRanking;
use Hakama\Setup\RankedFrame;
use Hakama\Setup\SizeTable;
use Hakama\Setup\Warning;
use Hakama\Stitch\Turn;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Asks the core how a decoration is to be set up, and keeps what was chosen. */
final class SetupDesk
{
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;

    public function __construct(private readonly House $house) {}

    /** The decoration over the sizes of its run. */
    public function sizes(Decoration $decoration): SizeTable
    {
        $pieces = DB::table('pieces')->where('decoration_id', $decoration->id)->groupBy('size')->selectRaw('size, count(*) as pieces')->pluck('pieces', 'size')->map(static fn(mixed $count): int => (int) $count)->all();

        return SizeTable::of($decoration->facts($this->drivers()), $this->house->rules(), $pieces);
    }

    /**
     * @param Size|null                   $size   the one to go by; what suits the smallest suits the others
     * @param Collection<int, Frame>|null $frames the shop's, when the best of them is asked for too
     */
    public function advise(Decoration $decoration, ?Size $size = null, ?Collection $frames = null, ?CoreFrame $mounted = null): Advice
    {
        $facts = $decoration->facts($this->drivers());

        return Advice::of(
            $size === null ? $facts : $facts->onSize($size, $this->house->rules()),
            $this->house->rules(),
            $frames === null ? null : array_values($frames->map(static fn(Frame $frame): CoreFrame => $frame->toCore())->all()),
            $decoration->artwork?->coreHull(),
            $mounted,
        );
    }

    /**
     * What stands in the way of a decoration, whatever its threads: said as soon as an order is written.
     *
     * @param Collection<int, Machine> $machines
     *
     * @return list<Warning>
     */
    public function warnings(Decoration $decoration, Collection $machines): array
    {
        $this->machines = $machines;
        $decoration->artwork?->setRelation('blocks', new Collection());

        return $this->advise($decoration)->warnings;
    }

    /** @return Collection<int, Machine> */
    public function machines(): Collection
    {
        return $this->machines ??= Machine::query()->orderBy('id')->get();
    }

    /**
     * @param Collection<int, Frame> $frames
     *
     * @return list<RankedFrame>
     */
    public function rank(Decoration $decoration, Advice $advice, Collection $frames, ?CoreFrame $mounted): array
    {
        assert($decoration->artwork !== null);

        return FrameRanking::of(
            $decoration->artwork->coreHull(),
            array_values($frames->map(static fn(Frame $frame): CoreFrame => $frame->toCore())->all()),
            $advice->drivers,
            $advice->turns,
            $mounted,
            $this->house->rules()->value(HouseRule::Margin),
        );
    }

    public function fit(Decoration $decoration, Frame $frame, Turn $turn): Fit
    {
        assert($decoration->artwork !== null);

        return Fit::of($decoration->artwork->coreHull(), $frame->toCore(), $turn, $this->house->rules()->value(HouseRule::Margin));
    }

    public function backingPiece(Frame $frame): BackingPiece
    {
        return BackingPiece::under($frame->toCore(), $this->house->rules()->value(HouseRule::BackingOverlap));
    }

    /** Keeps the choice and makes the batch of it; the batch keeps its place when it had one. */
    public function choose(Decoration $decoration, Frame $frame, Turn $turn, string $overrideReason): Batch
    {
        assert($decoration->artwork !== null);
        $advice = $this->advise($decoration, $this->sizes($decoration)->smallest());
        $rules = $this->house->rules();

        return DB::transaction(static function () use ($decoration, $frame, $turn, $overrideReason, $advice, $rules): Batch {
            Setup::query()->updateOrCreate(['decoration_id' => $decoration->id], [
                'frame_id' => $frame->id,
                'turn_deg' => $turn->value,
                'backing' => $advice->backing->backing->value,
                'layers' => $advice->backing->count,
                'adhesive' => $advice->backing->adhesive,
                'topper' => $advice->topper,
                'needle_size' => $advice->needle->size,
                'needle_point' => $advice->needle->point,
                'speed_spm' => $advice->speedSpm,
                'hoop_s' => (int) $rules->value($decoration->line->garment === Garment::Cap->value ? HouseRule::CapHoopTime : HouseRule::HoopTime),
                'override_reason' => $overrideReason,
                'sew_s' => self::sewTimes($decoration->artwork, $advice->speedSpm, $frame, Machine::query()->get(), $rules),
            ]);
            $batch = Batch::query()->firstOrCreate(['decoration_id' => $decoration->id], ['code' => 'new-'.$decoration->id]);
            $batch->update(['code' => 'B-'.(100 + $batch->id)]);

            return $batch;
        });
    }

    /** Works out anew how long every open setup sews, or those of one artwork, after what it follows from changed. */
    public function retime(?int $artworkId = null): void
    {
        $rules = $this->house->rules();
        $machines = Machine::query()->get();
        $open = Setup::query()
            ->with(['frame', 'decoration.artwork.blocks'])
            ->when($artworkId !== null, static fn($setups) => $setups->whereHas('decoration', static fn($decoration) => $decoration->where('artwork_id', $artworkId)))
            ->whereExists(static fn($pieces) => $pieces->selectRaw('1')->from('pieces')->whereColumn('pieces.decoration_id', 'setups.decoration_id')->whereIn('state', ['waiting', 'sewing']))
            ->get();
        foreach ($open as $setup) {
            assert($setup->decoration->artwork !== null);
            $setup->update(['sew_s' => self::sewTimes($setup->decoration->artwork, $setup->speed_spm, $setup->frame, $machines, $rules)]);
        }
    }

    /** @return list<Driver> that the shop's machines have between them */
    private function drivers(): array
    {
        return array_map(Driver::from(...), array_values(array_unique(array_merge(...$this->machines()->map(static fn(Machine $machine): array => $machine->drivers)->all()))));
    }

    /**
     * @param Collection<int, Machine> $machines
     *
     * @return array<int, int> machine id => seconds; only machines with the frame's driver
     */
    private static function sewTimes(Artwork $artwork, int $speedSpm, Frame $frame, Collection $machines, HouseRules $rules): array
    {
        $seconds = [];
        $halts = count($artwork->stopSheet()->halts());
        foreach ($machines as $machine) {
            if (in_array($frame->driver, $machine->drivers, true)) {
                $seconds[$machine->id] = (int) round(RunTime::of($artwork->coreLengths(), $artwork->changes, $artwork->trims, $speedSpm, $machine->speedCurve(), $machine->heads, $halts, $rules->runTime())->seconds());
            }
        }

        return $seconds;
    }
}
