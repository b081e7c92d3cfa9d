<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use App\Setup\Models\KeptPlacement;
use App\Setup\PracticeBook;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Hakama\Garment\Panel;
use Hakama\Garment\Size;
use Hakama\House\HouseRule;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\PanelHabits;
use Hakama\Setup\Advice;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Fit\Fitting;
use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Setup\SizeTable;
use Hakama\Setup\Tube\TubeLayout;
use Hakama\Stitch\Band;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Listed;

/** What the core is told of a decoration: what it lies on, how many there are, what lies along the same tube. */
final class DecorationFacts
{
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;
    /** @var array<int, array<string, int>> decoration => size => pieces */
    private array $pieces = [];
    /** @var array<int, list<Decoration>> decoration => what lies along its tube */
    private array $along = [];
    /** @var array<int, array<string, FoundPlacement>> decoration => size => what was found before */
    private array $kept = [];
    /** @var array<string, Collection<int, KeptPlacement>> garment and position => what was found before */
    private array $keptOf = [];

    public function __construct(
        private readonly House $house,
        private readonly Catalogue $catalogue,
        private readonly PracticeBook $practice,
    ) {}

    /** @param Collection<int, Machine> $machines the shop's working ones, where they are known already */
    public function knowMachines(Collection $machines): void
    {
        $this->machines = $machines;
    }

    /** @param Listed<int, Decoration> $decorations asked for one by one afterwards: with their lines, read at once */
    public function know(Listed $decorations): void
    {
        $this->pieces += self::piecesOf(array_values($decorations->pluck('id')->map(intval(...))->all()));
        $kept = KeptPlacement::query()
            ->whereIn('garment', $decorations->map->garmentKey()->unique())
            ->whereIn('position', $decorations->pluck('position')->unique())
            ->get()
            ->groupBy(static fn(KeptPlacement $one): string => "{$one->garment} {$one->position}");
        foreach ($decorations as $one) {
            $key = "{$one->garmentKey()} {$one->position->value}";
            $this->keptOf[$key] ??= $kept[$key] ?? new Collection();
        }
    }

    /** @return Collection<int, Machine> the shop's working ones */
    public function machines(): Collection
    {
        return $this->machines ??= Machine::working()->get();
    }

    /** @return list<Band> of a design along a tube; none of any other */
    public function bands(Decoration $decoration): array
    {
        return $decoration->artwork !== null && Panel::of($decoration->line->garment, $decoration->position)->isTube()
            ? TubePlan::bands($decoration->artwork, $this->house->rules()->value(HouseRule::TubeBand))
            : [];
    }

    /** @return array<string, int> size => how many pieces of it */
    public static function pieces(Decoration $decoration): array
    {
        return self::piecesOf([$decoration->id])[$decoration->id];
    }

    /**
     * @param list<int> $decorations
     *
     * @return array<int, array<string, int>> decoration => size => how many pieces of it
     */
    private static function piecesOf(array $decorations): array
    {
        $pieces = array_fill_keys($decorations, []);
        $rows = Piece::query()
            ->whereIn('decoration_id', $decorations)
            ->groupBy('decoration_id', 'size')
            ->selectRaw('decoration_id, size, count(*) as pieces')
            ->toBase()
            ->get();
        foreach ($rows as $row) {
            $pieces[(int) $row->decoration_id][(string) $row->size] = (int) $row->pieces;
        }

        return $pieces;
    }

    public function sizes(Decoration $decoration, Facts $facts, ?Fitting $fitting, ?FrameSpec $mounted): SizeTable
    {
        $style = $this->catalogue->of($decoration->line);
        $this->pieces[$decoration->id] ??= self::pieces($decoration);
        $this->kept[$decoration->id] ??= $this->keptPlacements($decoration)
            ->where('motif', $this->motif($decoration))
            ->keyBy('size')
            ->map(static fn(KeptPlacement $kept): FoundPlacement => $kept->toCore())
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

    public function facts(Decoration $decoration, ?int $garments = null): Facts
    {
        $this->pieces[$decoration->id] ??= $garments === null ? self::pieces($decoration) : ['' => $garments];
        $onTube = $garments === null && $this->along($decoration) !== [];
        $layout = $onTube && count($this->along($decoration)) > 1 ? $this->layout($decoration) : null;

        return $decoration->facts(
            $this->drivers(),
            $this->catalogue->of($decoration->line),
            $this->house->rules()->value(HouseRule::PaleLightness),
            $this->practice->hasComeOut($decoration->line->fabric, $decoration->position),
            $garments ?? array_sum($this->pieces[$decoration->id]),
            alongMm: $layout === null
                ? 0.0
                : $layout->startMm($decoration->id) - $this->firstMm($decoration, $this->smallestSize($decoration)),
            bands: $onTube ? $this->bands($decoration) : [],
            overlaps: $layout?->overlaps($this->house->units()) ?? [],
            practisedIn: $this->practice->cameOutIn($decoration->line->fabric, $decoration->position),
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

    public static function onMachine(Facts $facts, Machine $machine): Facts
    {
        return $facts->onMachine(
            new OnMachine(
                $machine->coreDrivers(),
                $machine->needles,
                $machine->arm_width_mm,
                $machine->turns_caps,
                $machine->gap_mm === null ? null : $machine->gap_mm > 0,
                panel: PanelHabits::of($machine->panel ?? []),
            ),
        );
    }

    /** @param Collection<int, Frame> $frames */
    public function fitting(Decoration $decoration, Collection $frames, Facts $facts): Fitting
    {
        assert($decoration->artwork !== null);

        return Fitting::of(
            $decoration->artwork->coreHull(),
            array_values($frames->map(static fn(Frame $frame): FrameSpec => $frame->toCore())->all()),
            $this->house->rules()->value(HouseRule::Margin),
            $facts->along($this->house->rules()),
        );
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
    public function along(Decoration $decoration): array
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
    public function layout(Decoration $decoration): TubeLayout
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
