<?php

declare(strict_types=1);

namespace App\Money;

use App\Artwork\Models\Artwork;
use App\Artwork\Queries\ClothBill;
use App\Floor\Finish\FinishTimes;
use App\Floor\Models\FloorEvent;
use App\Foundation\Database\Tally;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Setup\Queries\DecorationSetups;
use App\Setup\Queries\SetupTimes;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Hakama\Artwork\Applied\AppliedPiece;
use Hakama\Artwork\Variant;
use Hakama\Floor\EventKind;
use Hakama\Floor\PieceState;
use Hakama\House\HouseRule;
use Hakama\Money\Done;
use Hakama\Money\Materials;
use Hakama\Money\Work;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Backing\Film;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Listed;
use Illuminate\Support\Facades\DB;

/** The work of a decoration in figures: from its setup, or as it would be advised; and what was really sewn of it. */
final class DecorationCosting
{
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;
    /** @var array<int, int> decoration => pieces of it, split off ones among them */
    private array $pieces = [];
    /** @var array<int, true> order => its pieces are counted */
    private array $counted = [];
    /** @var array<int, array{done: int, spoiled: int, machine: float}> decoration => what was sewn of it */
    private array $sewn = [];

    public function __construct(
        private readonly House $house,
        private readonly DecorationSetups $setups,
        private readonly SetupTimes $times,
        private readonly Catalogue $catalogue,
    ) {}

    /** @return array<string, Work> the same work on each machine that can do it: code => the work there */
    public function elsewhere(Decoration $decoration, Artwork $artwork, Work $own): array
    {
        $works = [];
        // A list of names sews on one head, whichever machine that is on.
        $seconds = $artwork->variant === Variant::Names ? [] : $this->setUp($decoration, $artwork)[3];
        foreach ($seconds as $id => $s) {
            $machine = $this->machines()->firstWhere('id', $id);
            if ($machine !== null && $machine->retired_at === null && $s > 0) {
                $works[$machine->code] = $own->sewnIn((float) $s, $machine->workingHeads() * $artwork->copies);
            }
        }

        return $works;
    }

    /** @return Collection<int, Machine> */
    private function machines(): Collection
    {
        return $this->machines ??= Machine::query()->get();
    }

    /** The same decoration sewn from another version of its artwork, in the frame it has; wants its `blocks` loaded. */
    public function inVersion(Decoration $decoration, OrderLine $line, Artwork $version): ?Work
    {
        $other = clone $decoration;
        $other->setRelation('artwork', $version);
        if ($decoration->setup !== null) {
            $setup = clone $decoration->setup;
            $setup->timed($this->times->of($version, $setup->speed_spm, $setup->frame, $line->fabric));
            $other->setRelation('setup', $setup);
        }

        return $this->of($other, $line);
    }

    /** Null as long as it has no artwork, or one that is still being read. */
    public function of(Decoration $decoration, OrderLine $line): ?Work
    {
        $artwork = $decoration->artwork;
        if ($artwork === null || $artwork->read_at === null) {
            return null;
        }
        $decoration->setRelation('line', $line);
        $rules = $this->house->rules();
        [$frame, $layers, $topper, $seconds, $hoopS, $hoopings] = $this->setUp($decoration, $artwork);
        $seconds = array_filter($seconds, static fn(int|float $one): bool => $one > 0);
        $on = $decoration->batch->machine_id ?? null;
        $machine = $this->machines()->firstWhere(
            'id',
            isset($seconds[$on]) ? $on : array_keys($seconds, min($seconds ?: [0]), true)[0] ?? 0,
        );
        $heads = $artwork->variant === Variant::Names ? 1 : $machine?->workingHeads() ?? 1;
        $sewS = (float) ($seconds[$machine->id ?? 0] ?? 0);
        $sides =
            $frame === null ? null : BackingPiece::of($frame->toCore(), $rules);
        $cm2 = $sides === null ? 0.0 : ($sides->widthMm * $sides->heightMm) / 100 / $artwork->copies;
        $use = $rules->threadUse();
        [$top, $bobbin] = [0.0, 0.0];
        foreach ($artwork->blocks as $block) {
            $top += $block->threadUse($use)->topM;
            $bobbin += $block->threadUse($use)->bobbinM;
        }

        return new Work(
            $decoration->positionLabel(),
            intdiv($artwork->stitches, $artwork->copies),
            new Materials(
                round($top / $artwork->copies, 2),
                round($bobbin / $artwork->copies, 2),
                round($cm2 * $layers * $hoopings, 1),
                $topper
                    ? round(Film::cm2($artwork->bounds()->width(), $artwork->bounds()->height()) / $artwork->copies, 1)
                    : 0.0,
                $this->clothCm2($artwork),
                $artwork->hardwareCents(),
            ),
            $artwork->variant === Variant::Names && $machine !== null ? $sewS / $machine->workingHeads() : $sewS,
            $heads * $artwork->copies,
            ($hoopS * $hoopings) / $artwork->copies,
            FinishTimes::of($decoration, $rules),
            $rules->value(HouseRule::LoadTime) + $rules->value(HouseRule::FrameTime),
        );
    }

    /** How many garments carry it. */
    public function pieces(Decoration $decoration): int
    {
        $this->count($decoration);

        return $this->pieces[$decoration->id] ?? 0;
    }

    public function done(Decoration $decoration, Work $work): Done
    {
        $this->count($decoration);
        $of = $this->sewn[$decoration->id] ?? ['done' => 0, 'spoiled' => 0, 'machine' => 0.0];

        return new Done($work, $of['done'], $of['spoiled'], $of['machine']);
    }

    /** What a garment of a line costs to replace, cents; 0 where nobody has said. */
    public function worth(OrderLine $line): int
    {
        return $line->unit_value_cents ?? ($this->catalogue->of($line)->unitValueCents ?? (int) $line->blank_cents);
    }

    /**
     * @return array{Frame|null, int, bool, array<int, int>, int, int} frame, layers, film, machine => s a load, s to
     *     hoop, hoopings
     */
    private function setUp(Decoration $decoration, Artwork $artwork): array
    {
        $setup = $decoration->setup;
        if ($setup !== null) {
            return [$setup->frame, $setup->layers, $setup->topper, $setup->seconds(), $setup->hoop_s, $setup->hoopings];
        }
        $advice = $this->setups->advise($decoration);
        $frame = $advice->fit === null ? null : $this->catalogue->frames()->firstWhere('code', $advice->fit->frame->id);

        return [
            $frame,
            $advice->backing->count,
            $advice->topper,
            $frame === null ? [] : $this->times->of($artwork, $advice->speedSpm, $frame, $decoration->line->fabric),
            $advice->hoopS(),
            max(1, $advice->hoopings()),
        ];
    }

    private function clothCm2(Artwork $artwork): float
    {
        $cm2 = array_sum(
            array_map(
                static fn(AppliedPiece $piece): float => $piece->areaCm2(),
                ClothBill::applied($artwork, $this->house)->pieces,
            ),
        );

        return round($cm2 / $artwork->copies, 1);
    }

    private function count(Decoration $decoration): void
    {
        if (! isset($this->counted[$decoration->line->order_id])) {
            $this->countAll([$decoration->line->order_id]);
        }
    }

    /** @param Listed<int, Order> $orders with their lines and decorations: what is asked of each is read at once */
    public function know(Listed $orders): void
    {
        $this->countAll(array_values($orders->map(static fn(Order $one): int => $one->id)->all()));
        $this->setups->know($orders->flatMap->lines->flatMap(
            static fn(OrderLine $line) => $line->decorations->each->setRelation('line', $line)->whereNull('setup')->all(),
        ));
    }

    /**
     * What is wanted and sewn of some orders: two queries, however many there are.
     *
     * @param list<int> $orders their ids
     */
    private function countAll(array $orders): void
    {
        $this->counted += array_fill_keys($orders, true);
        $rows = DB::table('pieces as p')
            ->join('decorations as d', 'd.id', '=', 'p.decoration_id')
            ->whereIn('p.order_id', $orders)
            ->groupByRaw('coalesce(d.split_from_id, d.id)')
            ->selectRaw('coalesce(d.split_from_id, d.id) as decoration, count(*) as pieces, sum(p.state = ?) as done', [
                PieceState::Done->value,
            ])
            ->get();
        foreach ($rows as $row) {
            $this->pieces[(int) $row->decoration] = (int) $row->pieces;
            $this->sewn[(int) $row->decoration] = ['done' => (int) $row->done, 'spoiled' => 0, 'machine' => 0.0];
        }
        $events = FloorEvent::query()
            ->join('batches as b', 'b.id', '=', 'floor_events.batch_id')
            ->join('decorations as d', 'd.id', '=', 'b.decoration_id')
            ->whereIn('floor_events.order_id', $orders)
            ->groupByRaw('coalesce(d.split_from_id, d.id)')
            ->selectRaw(
                'coalesce(d.split_from_id, d.id) as decoration, '.Tally::spoiled('floor_events').' as spoiled,
                sum(if(floor_events.kind = ?, floor_events.clock_s, 0)) as machine_s',
                [EventKind::Sewn->value],
            )
            ->toBase()
            ->get();
        foreach ($events as $row) {
            $this->sewn[(int) $row->decoration] = [
                'done' => $this->sewn[(int) $row->decoration]['done'] ?? 0,
                'spoiled' => (int) $row->spoiled,
                'machine' => (float) $row->machine_s,
            ];
        }
    }
}
