<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Setup\ChosenSetup;
use App\Setup\MachineRow;
use App\Setup\PracticeBook;
use App\Setup\SetupOnMachine;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Hakama\Garment\ClothSpec;
use Hakama\Garment\Size;
use Hakama\House\HouseRule;
use Hakama\Machine\Driver;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Departure;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Fit\Mounting;
use Hakama\Setup\Fit\RankedFrame;
use Hakama\Setup\Notes\Ask;
use Hakama\Setup\Notes\Warning;
use Hakama\Setup\Proof\Explanation;
use Hakama\Setup\Proof\SetupCase;
use Hakama\Setup\SizeRow;
use Hakama\Setup\SizeTable;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Stitch\Turn;
use Hakama\Words\Text;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Listed;

/** Asks the core how a decoration is to be set up. */
final readonly class DecorationSetups
{
    public function __construct(
        private House $house,
        private Catalogue $catalogue,
        private PracticeBook $practice,
        private DecorationFacts $facts,
    ) {}

    /** @return Collection<int, Machine> the shop's working ones */
    public function machines(): Collection
    {
        return $this->facts->machines();
    }

    /** @param Collection<int, Machine> $machines the shop's working ones, where they are known already */
    public function knowMachines(Collection $machines): void
    {
        $this->facts->knowMachines($machines);
    }

    /** @param Listed<int, Decoration> $decorations asked for one by one afterwards: with their lines, read at once */
    public function know(Listed $decorations): void
    {
        $this->facts->know($decorations);
    }

    /** The advice in every size of the run, with the shop's frames to choose among. */
    public function sizesInFrames(Decoration $decoration): SizeTable
    {
        $facts = $this->facts->facts($decoration);

        return $this->facts->sizes(
            $decoration,
            $facts,
            $this->facts->fitting($decoration, $this->catalogue->frames()->whereNull('retired_at'), $facts),
            null,
        );
    }

    /** The advice in every size of the run, whatever the frame. */
    public function sizes(Decoration $decoration): SizeTable
    {
        return $this->facts->sizes($decoration, $this->facts->facts($decoration), null, null);
    }

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
        $facts = $this->facts->facts($decoration);
        $fitting = $this->facts->fitting($decoration, $frames->whereNull('retired_at'), $facts);
        $on =
            $machine === null
                ? $this->facts->machines()->firstWhere('id', $decoration->batch?->machine_id)
                : $this->facts->machines()->firstWhere('code', $machine);
        $asked = $on === null ? $facts : DecorationFacts::onMachine($facts, $on);
        $mounted = $on ?? self::nearest($this->facts->machines(), Advice::of($asked, $rules)->drivers[0] ?? Driver::Flat);
        $mounted?->setRelation('frame', $frames->firstWhere('id', $mounted->frame_id));
        $standing = $mounted?->frame?->toCore();
        $sizes = $this->facts->sizes($decoration, $asked, $fitting, $standing);
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
                : ($decoration->setup?->choice($fit) ?? $advice->choice($fit));
        $shop =
            $on === null
                ? $advice
                : $this->facts->sizes($decoration, $facts, $fitting, $standing)->smallest()->advice ?? $advice;

        // What is said of a size is said for its own reasons, not for those of the one that wants most.
        $looked = $size === null ? $governing : $sizes->row($size) ?? $governing;
        $explained = static fn(SizeRow $row): Explanation => new Explanation(
            SetupCase::of($row->facts, $rules, $fitting, $standing),
        );
        $whole = $explained($governing);

        return new SetupSheet(
            $decoration,
            $sizes,
            $looked,
            $advice,
            new ChosenSetup(
                $choice === null ? $looked->advice : $looked->advice->withChoice($choice),
                $choice,
                $model,
                $choice === null ? [] : Departure::between($advice, $choice),
                array_column($decoration->setup->departures ?? [], 'why', 'about'),
                $model === null
                    ? null
                    : BackingPiece::of($model->toCore(), $rules),
            ),
            new SetupMachines(
                array_values(
                    $this->facts->machines()
                        ->map(
                            static fn(Machine $one): MachineRow => MachineRow::of(
                                $one,
                                Advice::of(DecorationFacts::onMachine($governing->facts, $one), $rules, $fitting),
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
            $whole,
            $looked === $governing ? $whole : $explained($looked),
        );
    }

    /** The advice for the size of the run that wants most. */
    public function advise(Decoration $decoration): Advice
    {
        return $this->facts->sizes($decoration, $this->facts->facts($decoration), null, null)->smallest()->advice ??
            Advice::of($this->facts->facts($decoration), $this->house->rules());
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
        $facts = $this->facts->facts($decoration, array_sum($pieces));

        return SizeTable::of(
            $facts,
            $this->house->rules(),
            $pieces,
            $decoration->artwork === null
                ? null
                : $this->facts->fitting($decoration, $this->catalogue->frames()->whereNull('retired_at'), $facts),
            measured: $style->measures ?? [],
        )->smallest()->advice ?? Advice::of($facts, $this->house->rules());
    }

    /**
     * What stands in the way of a decoration, whatever its threads, and what has to be known first: said as soon as an
     * order is written.
     *
     * @param array<string, int> $pieces size => how many
     *
     * @return list<Warning>
     */
    public function warnings(Decoration $decoration, array $pieces): array
    {
        $decoration->artwork?->setRelation('blocks', new Collection());

        $advice = $this->adviseTyped($decoration, $pieces);

        return [
            ...$advice->warnings,
            ...array_map(
                static fn(Ask $ask): Warning => new Warning("ask {$ask->fact}", $ask->why, false),
                // Which machine sews it is decided later.
                array_filter($advice->asks, static fn(Ask $ask): bool => ! str_starts_with($ask->fact, 'machine.')),
            ),
        ];
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
        $facts = $this->facts->facts($decoration);

        return $this->facts->sizes($decoration, $facts, $this->facts->fitting($decoration, $frames, $facts), null)->smallest()
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
        $facts = DecorationFacts::onMachine($this->facts->facts($decoration), $machine);
        $advice =
            $this->facts->sizes($decoration, $facts, null, null)->smallest()->advice ??
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
        $printed = $this->facts->machines()->firstWhere('id', $decoration->setup?->printed_machine_id);
        $now = $this->facts->machines()->firstWhere('id', $decoration->batch?->machine_id);
        if ($printed === null || $now === null || $printed->id === $now->id) {
            return null;
        }
        [$then, $here] = [$this->on($decoration, $printed), $this->on($decoration, $now)];

        return $then !== null && $here !== null && $here->otherThan($then) !== [] ? $printed->code : null;
    }

    /** Why it cannot be mounted so, whatever the reason; null where it can. */
    public function mountObstacle(Decoration $decoration, Fit $fit): ?Text
    {
        return Mounting::obstacle($this->facts->facts($decoration)->item, $fit);
    }

    public function fit(Decoration $decoration, Frame $frame, Turn $turn): Fit
    {
        assert($decoration->artwork !== null);

        return Fit::of(
            $decoration->artwork->coreHull(),
            $frame->toCore(),
            $turn,
            $this->house->rules()->value(HouseRule::Margin),
            (new Item($decoration->line->garment, $decoration->position, new ClothSpec($decoration->line->fabric)))->along(
                $this->facts->bands($decoration),
                $this->house->rules(),
            ),
        );
    }

    /** @param Collection<int, Frame> $frames */
    private static function coded(Collection $frames, ?string $code): ?Frame
    {
        return $frames->first(static fn(Frame $frame): bool => $frame->code === $code);
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
        if ($this->facts->along($decoration) === [] || $frame === null || $frame->driver === Driver::Flat) {
            return null;
        }
        $rules = $this->house->rules();
        $reach = Hoopings::reachMm($rules, $frame->toCore());

        $layout = $this->facts->layout($decoration);

        return TubePlan::of($this->facts->along($decoration), $layout, $advice->placement, $reach, $rules);
    }

    private function face(SizeRow $row): ?CapFace
    {
        return $row->facts->item->isOnCap() ? CapFace::forFacts($row->facts, $this->house->rules()) : null;
    }
}
