<?php

declare(strict_types=1);

namespace App\Setup;

use App\Models\Artwork;
use App\Models\Decoration;
use App\Models\Frame;
use App\Models\KeptPlacement;
use App\Models\Machine;
use App\Models\Piece;
use App\Shop\Catalogue;
use App\Shop\House;
use App\Shop\PracticeBook;
use Hakama\Garment\Cloth;
use Hakama\Garment\Panel;
use Hakama\Garment\Size;
use Hakama\House\HouseRule;
use Hakama\Machine\Driver;
use Hakama\Machine\Frame as CoreFrame;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Fit\Fitting;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Notes\Warning;
use Hakama\Setup\Placement\KeptPlacement as CoreKeptPlacement;
use Hakama\Setup\SizeRow;
use Hakama\Setup\SizeTable;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Setup\Tube\TubeLayout;
use Hakama\Stitch\Band;
use Hakama\Stitch\Turn;
use Illuminate\Database\Eloquent\Collection;

/** Asks the core how a decoration is to be set up, and keeps what was chosen. */
final class DecorationSetups
{
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;
    /** @var array<int, array<string, int>> decoration => size => pieces */
    private array $pieces = [];
    /** @var array<int, list<Decoration>> decoration => what lies along its tube */
    private array $along = [];
    /** @var array<int, array<string, CoreKeptPlacement>> decoration => size => what was found before */
    private array $kept = [];

    /** @var array<string, Collection<int, KeptPlacement>> garment and position => what was found before */
    private array $keptOf = [];

    public function __construct(
        private readonly House $house,
        private readonly Catalogue $catalogue,
        private readonly PracticeBook $practice,
    ) {}

    /**
     * Everything about one decoration; wants `artwork.blocks.thread`, `line` and `setup` loaded.
     *
     * @param string|null $frame   code of the one to look at; else the chosen, else the best
     * @param Turn|null   $turn    the way round to look at
     * @param Size|null   $size    the one to draw; else the smallest
     * @param string|null $machine code, to ask of one machine only; `any` for the shop's together; else the one on
     *     which its batch stands
     */
    public function sheet(
        Decoration $decoration,
        ?string $frame = null,
        ?Turn $turn = null,
        ?Size $size = null,
        ?string $machine = null,
    ): SetupSheet {
        assert($decoration->artwork !== null);
        $rules = $this->house->rules();
        $frames = $this->catalogue->frames();
        $facts = $this->facts($decoration);
        $fitting = $this->fitting($decoration, $frames->whereNull('retired_at'), $facts);
        $on =
            $machine === null
                ? $this->machines()->firstWhere('id', $decoration->batch?->machine_id)
                : $this->machines()->firstWhere('code', $machine);
        $asked = $on === null ? $facts : self::onMachine($facts, $on);
        $mounted = $on ?? self::nearest($this->machines(), Advice::of($asked, $rules)->drivers[0] ?? Driver::Flat);
        $mounted?->setRelation('frame', $frames->firstWhere('id', $mounted->frame_id));
        $standing = $mounted?->frame?->toCore();
        $sizes = $this->sizeTable($decoration, $asked, $fitting, $standing);
        $governing = $sizes->smallest();
        assert($governing !== null);
        $advice = $governing->advice;
        $chosen = $frame ?? $frames->firstWhere('id', $decoration->setup?->frame_id)?->code;
        $ranked =
            array_values(
                array_filter($advice->ranked, static fn(RankedFrame $one): bool => $one->fit->frame->id === $chosen),
            )[0] ?? null;
        $model = self::coded($frames, $chosen) ?? self::coded($frames, $advice->fit?->frame->id);
        $turn ??=
            $frame === null && $decoration->setup !== null
                ? Turn::from($decoration->setup->turn_deg)
                : $ranked?->fit->turn;
        $fit =
            $model === null
                ? null
                : ($turn === null && $advice->fit?->frame->id === $model->code
                    ? $advice->fit
                    : $fitting->in($model->toCore(), $turn ?? $advice->turns[0]));
        $choice =
            $fit === null
                ? null
                : ($decoration->setup === null
                    ? $advice->choice($fit)
                    : $decoration->setup->choice($fit));
        $shop =
            $on === null
                ? $advice
                : $this->sizeTable($decoration, $facts, $fitting, $standing)->smallest()->advice ?? $advice;

        return new SetupSheet(
            $decoration,
            $sizes,
            $size === null ? $governing : $sizes->row($size) ?? $governing,
            $advice,
            new ChosenSetup(
                $choice === null ? $advice : $advice->withChoice($choice),
                $choice,
                $model,
                $choice === null ? [] : $advice->departures($choice),
                array_column($decoration->setup->departures ?? [], 'why', 'about'),
                $model === null
                    ? null
                    : BackingPiece::under($model->toCore(), $rules->value(HouseRule::BackingOverlap)),
            ),
            new SetupMachines(
                array_values(
                    $this->machines()
                        ->map(
                            static fn(Machine $one): MachineRow => MachineRow::of(
                                $one,
                                Advice::of(self::onMachine($governing->facts, $one), $rules, $fitting),
                                $shop,
                            ),
                        )
                        ->all(),
                ),
                $mounted,
                $on?->code,
                $machine,
            ),
            $this->tube($decoration, $advice, $model),
            $this->face($governing),
            $this->practice->on($decoration->line->fabric),
        );
    }

    /** The advice for the size of the run that wants most. */
    public function advise(Decoration $decoration): Advice
    {
        return $this->sizeTable($decoration, $this->facts($decoration), null, null)->smallest()->advice ??
            Advice::of($this->facts($decoration), $this->house->rules());
    }

    /**
     * The advice for a decoration that is not written down yet; its artwork with its blocks, or without where its
     * threads do not matter.
     *
     * @param array<string, int> $pieces size => how many
     */
    public function adviseTyped(Decoration $decoration, array $pieces): Advice
    {
        $style = $this->catalogue->of($decoration->line);
        $facts = $this->facts($decoration, array_sum($pieces));

        return SizeTable::of(
            $facts,
            $this->house->rules(),
            $pieces,
            $decoration->artwork === null
                ? null
                : $this->fitting($decoration, $this->catalogue->frames()->whereNull('retired_at'), $facts),
            measured: $style->measures ?? [],
        )->smallest()->advice ?? Advice::of($facts, $this->house->rules());
    }

    /**
     * What stands in the way of a decoration, whatever its threads: said as soon as an order is written.
     *
     * @param Collection<int, Machine> $machines
     * @param array<string, int>       $pieces size => how many
     *
     * @return list<Warning>
     */
    public function warnings(Decoration $decoration, Collection $machines, array $pieces): array
    {
        $this->machines = $machines;
        $decoration->artwork?->setRelation('blocks', new Collection());

        return $this->adviseTyped($decoration, $pieces)->warnings;
    }

    /** @return Collection<int, Machine> */
    public function machines(): Collection
    {
        return $this->machines ??= Machine::working()->get();
    }

    /**
     * The shop's frames for it, best first, in the size that wants most.
     *
     * @param Collection<int, Frame> $frames
     *
     * @return list<RankedFrame>
     */
    public function rank(Decoration $decoration, Collection $frames): array
    {
        $facts = $this->facts($decoration);

        return $this->sizeTable($decoration, $facts, $this->fitting($decoration, $frames, $facts), null)->smallest()
            ->advice->ranked ?? [];
    }

    /**
     * The setup that was chosen, as it is on a machine; worked out when it is asked for, since a batch moves. Wants
     * `line`, `setup` and `artwork.blocks.thread` loaded. Null where none was chosen.
     */
    public function on(Decoration $decoration, Machine $machine): ?SetupOnMachine
    {
        $frame = $this->catalogue->frames()->firstWhere('id', $decoration->setup?->frame_id);
        if ($decoration->setup === null || $frame === null) {
            return null;
        }
        $facts = self::onMachine($this->facts($decoration), $machine);
        $advice =
            $this->sizeTable($decoration, $facts, null, null)->smallest()->advice ??
            Advice::of($facts, $this->house->rules());
        $fit = $this->fit($decoration, $frame, Turn::from($decoration->setup->turn_deg));

        return SetupOnMachine::of(
            $advice->withChoice($decoration->setup->choice($fit)),
            $decoration->setup->placements ?? [],
            $frame->driver,
            $frame->holes,
        );
    }

    /**
     * For which machine its sheet was printed, where the batch has moved since to one on which other things are to be
     * done; null where the paper still holds.
     */
    public function printedFor(Decoration $decoration): ?string
    {
        $printed = $this->machines()->firstWhere('id', $decoration->setup?->printed_machine_id);
        $now = $this->machines()->firstWhere('id', $decoration->batch?->machine_id);
        if ($printed === null || $now === null || $printed->id === $now->id) {
            return null;
        }
        [$then, $here] = [$this->on($decoration, $printed), $this->on($decoration, $now)];

        return $then !== null && $here !== null && $here->otherThan($then) !== [] ? $printed->code : null;
    }

    public function fit(Decoration $decoration, Frame $frame, Turn $turn): Fit
    {
        assert($decoration->artwork !== null);

        return Fit::of(
            $decoration->artwork->coreHull(),
            $frame->toCore(),
            $turn,
            $this->house->rules()->value(HouseRule::Margin),
            (new Item($decoration->line->garment, $decoration->position, new Cloth($decoration->line->fabric)))->along(
                $this->bands($decoration),
                $this->house->rules(),
            ),
        );
    }

    /** @return list<Band> of a design along a tube; none of any other */
    private function bands(Decoration $decoration): array
    {
        return $decoration->artwork !== null && Panel::of($decoration->line->garment, $decoration->position)->isTube()
            ? TubePlan::bands($decoration->artwork, $this->house->rules()->value(HouseRule::TubeBand))
            : [];
    }

    /** @return array<string, int> size => how many pieces of it */
    public static function pieces(Decoration $decoration): array
    {
        return Piece::query()
            ->where('decoration_id', $decoration->id)
            ->groupBy('size')
            ->selectRaw('size, count(*) as pieces')
            ->toBase()
            ->pluck('pieces', 'size')
            ->map(static fn(mixed $count): int => (int) $count)
            ->all();
    }

    /** The advice in every size of the run, whatever the frame. */
    public function sizes(Decoration $decoration): SizeTable
    {
        return $this->sizeTable($decoration, $this->facts($decoration), null, null);
    }

    private function sizeTable(Decoration $decoration, Facts $facts, ?Fitting $fitting, ?CoreFrame $mounted): SizeTable
    {
        $style = $this->catalogue->of($decoration->line);
        $this->pieces[$decoration->id] ??= self::pieces($decoration);
        $this->kept[$decoration->id] ??= $this->keptPlacements($decoration)
            ->where('motif', $this->motif($decoration))
            ->keyBy('size')
            ->map(static fn(KeptPlacement $kept): CoreKeptPlacement => $kept->toCore())
            ->all();

        return SizeTable::of(
            $facts,
            $this->house->rules(),
            $this->pieces[$decoration->id],
            $fitting,
            $mounted,
            $style->measures ?? [],
            $this->kept[$decoration->id],
        );
    }

    private function facts(Decoration $decoration, ?int $garments = null): Facts
    {
        $this->pieces[$decoration->id] ??= $garments === null ? self::pieces($decoration) : ['' => $garments];
        $onTube = $garments === null && $this->along($decoration) !== [];
        $layout = $onTube && count($this->along($decoration)) > 1 ? $this->layout($decoration) : null;

        return $decoration->facts(
            $this->drivers(),
            $this->catalogue->of($decoration->line),
            $this->house->rules()->value(HouseRule::PaleLightness),
            $this->practice->hasComeOut($decoration->line->fabric),
            $garments ?? array_sum($this->pieces[$decoration->id]),
            alongMm: $layout === null
                ? 0.0
                : $layout->startMm($decoration->id) - $this->firstMm($decoration, $this->smallestSize($decoration)),
            bands: $onTube ? $this->bands($decoration) : [],
            overlaps: $layout?->overlaps($this->house->units()) ?? [],
        );
    }

    /** Where the first design along a tube begins, as the house has it, in one size. */
    private function firstMm(Decoration $decoration, Size $size): float
    {
        $facts = $decoration->facts($this->drivers(), $this->catalogue->of($decoration->line));
        $measures = $this->catalogue->of($decoration->line)->measures[$size->value] ?? null;

        return abs(
            Advice::of($facts->onSize($size, $this->house->rules(), $measures), $this->house->rules())->placement
                ->downMm,
        );
    }

    private function smallestSize(Decoration $decoration): Size
    {
        $this->pieces[$decoration->id] ??= self::pieces($decoration);
        foreach (Size::cases() as $size) {
            if (($this->pieces[$decoration->id][$size->value] ?? 0) > 0) {
                return $size;
            }
        }

        return Size::One;
    }

    private static function onMachine(Facts $facts, Machine $machine): Facts
    {
        return $facts->onMachine(
            new OnMachine(
                $machine->coreDrivers(),
                $machine->needles,
                $machine->arm_width_mm,
                $machine->turns_caps,
                $machine->gap_mm === null ? null : $machine->gap_mm > 0,
            ),
        );
    }

    /** @param Collection<int, Frame> $frames */
    private static function coded(Collection $frames, ?string $code): ?Frame
    {
        return $frames->first(static fn(Frame $frame): bool => $frame->code === $code);
    }

    /** @param Collection<int, Frame> $frames */
    private function fitting(Decoration $decoration, Collection $frames, Facts $facts): Fitting
    {
        assert($decoration->artwork !== null);

        return Fitting::of(
            $decoration->artwork->coreHull(),
            array_values($frames->map(static fn(Frame $frame): CoreFrame => $frame->toCore())->all()),
            $this->house->rules()->value(HouseRule::Margin),
            $facts->along($this->house->rules()),
        );
    }

    /**
     * The machine that stands nearest to this driver: its mounted frame costs nothing to use.
     *
     * @param Collection<int, Machine> $machines
     */
    private static function nearest(Collection $machines, Driver $driver): ?Machine
    {
        return $machines
            ->sortBy(
                static fn(Machine $machine): int => $machine->driver === $driver->value
                    ? 0
                    : (in_array($driver->value, $machine->drivers, true)
                        ? 1
                        : 2),
            )
            ->first();
    }

    /** Along a tube that is carried by something other than the flat arms. */
    private function tube(Decoration $decoration, Advice $advice, ?Frame $frame): ?TubePlan
    {
        if ($this->along($decoration) === [] || $frame === null || $frame->driver === Driver::Flat) {
            return null;
        }
        $rules = $this->house->rules();
        $reach = Hoopings::reachMm($rules, $frame->toCore());

        $layout = $this->layout($decoration);

        return TubePlan::of($this->along($decoration), $layout, $advice->placement, $reach, $rules);
    }

    /** @return Collection<int, KeptPlacement> of its garment and place, in every size and for every design */
    private function keptPlacements(Decoration $decoration): Collection
    {
        return $this->keptOf["{$decoration->garmentKey()} {$decoration->position->value}"] ??= KeptPlacement::query()
            ->where('garment', $decoration->garmentKey())
            ->where('position', $decoration->position->value)
            ->get();
    }

    /** @return list<Decoration> what lies along the same tube; nothing where it is alone or there is none */
    private function along(Decoration $decoration): array
    {
        return $this->along[$decoration->id] ??= Panel::of($decoration->line->garment, $decoration->position)->isTube()
            ? TubePlan::along($decoration)
            : [];
    }

    /** Which of the designs along its tube it is, 1 for the first; 0 where it lies alone. */
    public function motif(Decoration $decoration): int
    {
        $ids = array_map(static fn(Decoration $one): int => $one->id, $this->along($decoration));

        return count($ids) > 1 ? 1 + (int) array_search($decoration->split_from_id ?? $decoration->id, $ids, true) : 0;
    }

    /**
     * Where each design along the tube lies, in the size that wants most. The first stands where the house, or the
     * place that was kept for it, has it.
     */
    private function layout(Decoration $decoration): TubeLayout
    {
        $kept = $this->keptPlacements($decoration);
        $size = $this->smallestSize($decoration);
        $designs = [];
        foreach ($this->along($decoration) as $i => $one) {
            assert($one->artwork !== null);
            $place = $kept->where('motif', $i + 1)->firstWhere('size', $size->value);
            $designs[$one->id] = [
                $one->artwork->name,
                $one->artwork->bounds()->height(),
                $place?->down_mm === null ? null : abs($place->down_mm),
            ];
        }

        return TubeLayout::of(
            $designs,
            $this->firstMm($decoration, $size),
            $this->house->rules()->value(HouseRule::TubeGap),
        );
    }

    private function face(SizeRow $row): ?CapFace
    {
        return $row->facts->item->isOnCap() ? CapFace::forFacts($row->facts, $this->house->rules()) : null;
    }

    /** @return list<Driver> that the shop's machines have between them */
    private function drivers(): array
    {
        return array_map(
            Driver::from(...),
            array_values(
                array_unique(
                    array_merge(
                        ...$this->machines()->map(static fn(Machine $machine): array => $machine->drivers)->all(),
                    ),
                ),
            ),
        );
    }
}
