<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Clock\Moment;
use App\Foundation\Clock\ShopClock;
use App\Foundation\Database\TurnCache;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Plan\MaterialHolds;
use App\Plan\Models\Plan;
use App\Plan\OpenBatch;
use App\Shop\Calendar\Calendar;
use App\Shop\Catalogue\Catalogue;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\Machine\NeedleType;
use Hakama\Needles\ThreadNeeds;
use Hakama\Plan\BatchJob;
use Hakama\Plan\Changeover;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\People;
use Hakama\Plan\Placed;
use Hakama\Plan\Sequence;
use Hakama\Plan\Takeover;
use Hakama\Plan\Timetable;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\DB;

/** The plan in force: which batch on which machine in which order, and every time that follows. One a request. */
final class PlanBoard
{
    /** @var array{batches: array<string, OpenBatch>, timetable: Timetable}|null */
    private ?array $read = null;
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;
    /** @var Collection<int, Frame>|null */
    private ?Collection $frames = null;
    /** @var array<string, string>|null */
    private ?array $colours = null;
    /** @var array<int, list<OpenBatch>>|null */
    private ?array $byOrder = null;

    public function __construct(
        private readonly House $house,
        private readonly Catalogue $catalogue,
        private readonly Calendar $calendar,
        private readonly TurnCache $kept,
    ) {}

    /** @return array<string, OpenBatch> by code, in order of arrival */
    public function batches(): array
    {
        return $this->read()['batches'];
    }

    /** @return Collection<int, Machine> with rack and frame */
    public function machines(): Collection
    {
        return $this->machines ??= Machine::standing($this->frames());
    }

    /** @return Collection<int, Frame> */
    public function frames(): Collection
    {
        return $this->frames ??= $this->catalogue->frames();
    }

    public function workload(): Workload
    {
        return $this->timetable()->workload;
    }

    /** The same, with what people are preparing by the plan in force: what a better plan should leave where it is. */
    public function prepared(): Workload
    {
        return $this->workload()->preparedFor(
            $this->timetable()->preparedUntil(
                $this->workload()->now + (int) (3600 * $this->house->rules()->value(HouseRule::PreparedAhead)),
            ),
        );
    }

    /**
     * What somebody is about to set up by the plan in force: nothing but a hand moves it any more.
     *
     * @param Timetable|null $now the plan in force, in a shop that is not as it is
     *
     * @return array<array-key, string> batch => machine
     */
    public function held(?Timetable $now = null): array
    {
        $now ??= $this->timetable();

        return $now->preparedUntil(
            $now->workload->now + (int) (3600 * $this->house->rules()->value(HouseRule::FrozenAhead)),
        );
    }

    /**
     * The same shop, in which nothing goes before what somebody is about to set up: what places batches by itself uses
     * it.
     *
     * @param string $but a batch that is placed all the same
     */
    public function besidesHeld(string $but): Workload
    {
        return $this->workload()->holding(array_diff_key($this->held(), [$but => '']));
    }

    /** Open batches on their machines, in the order kept. */
    public function sequence(): Sequence
    {
        return $this->timetable()->sequence;
    }

    /** @param array<string, OpenBatch> $batches */
    private static function sequenceOf(array $batches): Sequence
    {
        $placed = array_filter($batches, static fn(OpenBatch $batch): bool => $batch->queued->machine !== null);
        uasort(
            $placed,
            static fn(OpenBatch $a, OpenBatch $b): int => [! $a->started, $a->queued->rank] <=> [
                ! $b->started,
                $b->queued->rank,
            ],
        );
        $sequence = new Sequence([]);
        foreach ($placed as $batch) {
            $sequence = $sequence->appended((string) $batch->queued->machine, $batch->code);
        }

        return $sequence;
    }

    public function timetable(): Timetable
    {
        return $this->read()['timetable'];
    }

    /**
     * What waits and when it runs, as of this minute. Nearly every page asks for it and a large shop is long at it, so
     * it is kept until something is written or the minute is over; in one, since batches of the one are those of the
     * other.
     *
     * @return array{batches: array<string, OpenBatch>, timetable: Timetable}
     */
    private function read(): array
    {
        // Words of batches are those of whoever reads.
        return $this->read ??= $this->kept->get(
            'plan.'.App::getLocale(),
            $this->time(...),
            true,
            CarbonImmutable::now()->format(' H:i d.m.Y'),
        );
    }

    /** @return array{batches: array<string, OpenBatch>, timetable: Timetable} */
    private function time(): array
    {
        $rules = $this->house->rules();
        $batches = OpenBatches::all(
            $this->machines()->keyBy('id'),
            (int) $rules->value(HouseRule::SwapTime),
            (int) $rules->value(HouseRule::ClipTime),
            $rules->isPreCut(),
            BulkSewn::fitness($rules, $this->machines()),
            new BlankCounts($this->house),
        );
        $batches = array_combine(array_map(static fn(OpenBatch $one): string => $one->code, $batches), $batches);
        $read = $this->timed($batches);
        if ($rules->school(Question::MissingMaterial) !== 'hold') {
            return $read;
        }
        // What runs out first is seen from the plan as it would be if all were there.
        $this->read = $read;
        $awaited = App::make(MaterialHolds::class)->awaited();

        return $awaited === [] ? $read : $this->timed(array_map(
            static fn(OpenBatch $one): OpenBatch => isset($awaited[$one->code]) && ! $one->started
                ? $one->waitingFor($awaited[$one->code])
                : $one,
            $batches,
        ));
    }

    /**
     * @param array<string, OpenBatch> $batches
     *
     * @return array{batches: array<string, OpenBatch>, timetable: Timetable}
     */
    private function timed(array $batches): array
    {
        return [
            'batches' => $batches,
            'timetable' => Timetable::of($this->makeWorkload($batches), self::sequenceOf($batches)),
        ];
    }

    /** @return array<string, string> thread => #rrggbb, of everything that is on a machine or asked for */
    public function colours(): array
    {
        return $this->colours ??= $this->readColours();
    }

    /** @return array<string, string> */
    private function readColours(): array
    {
        $colours = [];
        foreach ($this->machines() as $machine) {
            foreach ($machine->rack as $needle) {
                if ($needle->thread !== null) {
                    $colours[$needle->thread->code] = $needle->thread->hex;
                }
            }
        }
        foreach ($this->batches() as $batch) {
            $colours += array_combine($batch->batch->equipment->threads, $batch->design->colours());
        }

        return $colours;
    }

    /**
     * @return array<string, array<string, array{int, int, int}>> machine => batch => first and last moment of it
     *     today, loads done
     */
    public function actual(): array
    {
        $actual = [];
        $rows = DB::table('floor_events as e')
            ->join('machines as m', 'm.id', '=', 'e.machine_id')
            ->join('batches as b', 'b.id', '=', 'e.batch_id')
            ->where('e.recorded_at', '>=', CarbonImmutable::today())
            ->groupBy('m.code', 'b.code')
            ->get([
                'm.code as machine',
                'b.code as batch',
                DB::raw('min(e.recorded_at) as begun'),
                DB::raw('max(e.recorded_at) as last'),
                DB::raw("sum(e.kind = 'sewn') as loads"),
            ]);
        foreach ($rows as $row) {
            $open = $this->batches()[$row->batch] ?? null;
            $actual[$row->machine][$row->batch] = [
                ShopClock::seconds(Moment::read($row->begun)),
                $open !== null && $open->started
                    ? $this->workload()->now
                    : ShopClock::seconds(Moment::read($row->last)),
                (int) $row->loads,
            ];
        }

        return $actual;
    }

    /** @return array<string, list<string>> what is waited for, in words => batches */
    public function holding(): array
    {
        $holding = [];
        foreach ($this->batches() as $batch) {
            if ($batch->awaited !== null) {
                $holding[$batch->awaited->what][] = $batch->code;
            }
        }

        return $holding;
    }

    /** @return list<OpenBatch> set up, but on no machine */
    public function unplanned(): array
    {
        return array_values(
            array_filter($this->batches(), static fn(OpenBatch $batch): bool => $batch->queued->machine === null),
        );
    }

    /** When the last batch of an order ends by this plan; null while some of it has no place in the plan. */
    public function orderEnds(int $orderId, int $openPieces): ?CarbonImmutable
    {
        // What is not there cannot be sewn: when it comes nobody knows.
        if ($this->blanksShort($orderId) > 0) {
            return null;
        }
        $end = null;
        foreach ($this->ofOrder($orderId) as $batch) {
            $openPieces -= $batch->left;
            $placed = $this->timetable()->find($batch->code);
            if ($placed === null) {
                return null;
            }
            $end = max($end ?? 0, $placed->end());
        }

        return $end === null || $openPieces > 0 ? null : ShopClock::time($end);
    }

    /** Garments that an order is short of: the most that one of its open batches misses. */
    public function blanksShort(int $orderId): int
    {
        $short = 0;
        foreach ($this->ofOrder($orderId) as $batch) {
            $short = max($short, $batch->blanksShort());
        }

        return $short;
    }

    /** @return list<OpenBatch> */
    private function ofOrder(int $orderId): array
    {
        if ($this->byOrder === null) {
            $this->byOrder = [];
            foreach ($this->batches() as $batch) {
                $this->byOrder[$batch->order->id][] = $batch;
            }
        }

        return $this->byOrder[$orderId] ?? [];
    }

    /** @return list<Placed> those that end after they are due, soonest due first */
    public function late(): array
    {
        $late = array_values(
            array_filter($this->timetable()->placed, static fn(Placed $placed): bool => $placed->lateS() > 0),
        );
        usort($late, static fn(Placed $a, Placed $b): int => $a->batch->promise->dueAt <=> $b->batch->promise->dueAt);

        return $late;
    }

    public static function version(): int
    {
        return Plan::version();
    }

    /** How a sequence that was found would be taken over, as things stand now. */
    public function takeover(): Takeover
    {
        return new Takeover(
            $this->workload(),
            $this->sequence(),
            [
                ...array_keys(array_filter($this->batches(), static fn(OpenBatch $batch): bool => $batch->started)),
                ...array_keys($this->held()),
            ],
        );
    }

    /** What was read is read anew: something of it was changed. */
    public function forget(): void
    {
        $this->read = $this->machines = $this->frames = $this->colours = $this->byOrder = null;
    }

    /** @param array<string, OpenBatch> $batches */
    private function makeWorkload(array $batches): Workload
    {
        $rules = $this->house->rules();
        $needs = [];
        foreach ($batches as $batch) {
            foreach ($batch->design->blocks as $block) {
                $needs[$block->thread] = NeedleType::forThread($block->weight)->rackSize();
            }
        }

        return new Workload(
            now: ShopClock::now(),
            lanes: array_values(
                $this->machines()
                    ->map(
                        fn(Machine $machine): Lane => new Lane(
                            $machine->code,
                            $machine->workingHeads(),
                            $machine->coreRack(),
                            $machine->driver,
                            $machine->frame->code ?? '',
                            $this->calendar->work()->hours($machine->code),
                            $machine->driverS(),
                            $machine->fitted(),
                        ),
                    )
                    ->all(),
            ),
            frames: array_values(
                $this->frames()
                    ->map(
                        static fn(Frame $frame): FrameStock => new FrameStock(
                            $frame->code,
                            $frame->driver->value,
                            $frame->count,
                        ),
                    )
                    ->all(),
            ),
            batches: array_values(array_map(static fn(OpenBatch $batch): BatchJob => $batch->batch, $batches)),
            changeover: Changeover::of($rules),
            hands: $this->calendar->work()->hands(),
            weights: Weights::of($rules),
            needs: new ThreadNeeds($needs),
            people: new People($this->calendar->work()->people(), able: $this->calendar->able()),
        );
    }
}
