<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\Frame;
use App\Models\Machine;
use App\Shop\Catalogue;
use App\Shop\House;
use App\Shop\ShopClock;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Machine\Driver;
use Hakama\Needles\ThreadNeeds;
use Hakama\Plan\Batch;
use Hakama\Plan\Changeover;
use Hakama\Plan\Dispatch;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Hours;
use Hakama\Plan\Lane;
use Hakama\Plan\Placed;
use Hakama\Plan\Sequence;
use Hakama\Plan\Shop;
use Hakama\Plan\Timetable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The plan in force: which batch on which machine in which order, and every time that follows. One a request. */
final class PlanBoard
{
    /** So many working days are planned ahead. */
    private const DAYS = 20;

    /** @var array<string, OpenBatch>|null */
    private ?array $batches = null;
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;
    /** @var Collection<int, Frame>|null */
    private ?Collection $frames = null;
    private ?Timetable $timetable = null;
    private ?Shop $shop = null;

    public function __construct(private readonly House $house, private readonly Catalogue $catalogue) {}

    /** @return array<string, OpenBatch> by code, in order of arrival */
    public function batches(): array
    {
        return $this->batches ??= array_column(
            array_map(static fn(OpenBatch $batch): array => [$batch->code, $batch], OpenBatches::all($this->machines()->keyBy('id'))),
            1,
            0,
        );
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

    public function shop(): Shop
    {
        return $this->shop ??= $this->makeShop();
    }

    /** Open batches on their machines, in the order kept. */
    public function sequence(): Sequence
    {
        $placed = array_filter($this->batches(), static fn(OpenBatch $batch): bool => $batch->machine !== null);
        uasort($placed, static fn(OpenBatch $a, OpenBatch $b): int => [! $a->started, $a->place] <=> [! $b->started, $b->place]);
        $sequence = new Sequence([]);
        foreach ($placed as $batch) {
            $sequence = $sequence->appended((string) $batch->machine, $batch->code);
        }

        return $sequence;
    }

    public function timetable(): Timetable
    {
        return $this->timetable ??= Timetable::of($this->shop(), $this->sequence());
    }

    /** @return list<OpenBatch> set up, but on no machine */
    public function unplanned(): array
    {
        return array_values(array_filter($this->batches(), static fn(OpenBatch $batch): bool => $batch->machine === null));
    }

    /** When the last batch of an order ends by this plan; null while some of it has no place in the plan. */
    public function orderEnds(int $orderId, int $openPieces): ?CarbonImmutable
    {
        $end = null;
        foreach ($this->batches() as $batch) {
            if ($batch->orderId !== $orderId) {
                continue;
            }
            $openPieces -= $batch->left;
            $placed = $this->timetable()->find($batch->code);
            if ($placed === null) {
                return null;
            }
            $end = max($end ?? 0, $placed->end());
        }

        return $end === null || $openPieces > 0 ? null : ShopClock::time($end);
    }

    /** @return list<Placed> those that end after they are due, soonest due first */
    public function late(): array
    {
        $late = array_values(array_filter($this->timetable()->placed, static fn(Placed $placed): bool => $placed->lateS() > 0));
        usort($late, static fn(Placed $a, Placed $b): int => $a->batch->dueAt <=> $b->batch->dueAt);

        return $late;
    }

    public static function version(): int
    {
        return (int) DB::table('plans')->value('version');
    }

    /**
     * Puts one batch on a machine, before the given place.
     *
     * @param int $place 0 is first
     * @param int $seen  the version of the plan the person was looking at
     *
     * @throws PlanMovedOn when the plan has changed since, or the batch cannot go there
     */
    public function move(string $code, string $machine, int $place, int $seen): void
    {
        DB::transaction(function () use ($code, $machine, $place, $seen): void {
            $now = (int) DB::table('plans')->lockForUpdate()->value('version');
            if ($now !== $seen) {
                throw PlanMovedOn::since($seen, $now);
            }
            $this->forget();
            $batch = $this->batches()[$code] ?? throw PlanMovedOn::impossible($code, 'it has no pieces left to do');
            $obstacle = $this->shop()->obstacle($this->shop()->batches[$code], $this->shop()->lanes[$machine]);
            if ($obstacle !== null) {
                throw PlanMovedOn::impossible($code, $obstacle);
            }
            $running = array_filter($this->sequence()->on($machine), fn(string $other): bool => $this->batches()[$other]->started);
            if ($batch->started || $place < count($running)) {
                throw PlanMovedOn::running($batch->started ? $code : (string) end($running));
            }
            $this->keep($this->sequence()->moved($code, $machine, $place));
        });
    }

    /** Gives a place to every batch that has none, by due time. */
    public function placeOpen(): void
    {
        DB::transaction(function (): void {
            DB::table('plans')->lockForUpdate()->value('version');
            $this->forget();
            $this->keep(Dispatch::byDue($this->shop(), $this->sequence()));
        });
    }

    /**
     * Puts all batches that are not on a machine yet in order of due time.
     *
     * @throws PlanMovedOn
     */
    public function replan(int $seen): void
    {
        DB::transaction(function () use ($seen): void {
            $now = (int) DB::table('plans')->lockForUpdate()->value('version');
            if ($now !== $seen) {
                throw PlanMovedOn::since($seen, $now);
            }
            $this->forget();
            $running = $this->sequence();
            foreach ($this->batches() as $batch) {
                $running = $batch->started ? $running : $running->without($batch->code);
            }
            $this->keep(Dispatch::byDue($this->shop(), $running));
        });
    }

    private function keep(Sequence $sequence): void
    {
        $machines = $this->machines()->pluck('id', 'code');
        $rows = [];
        foreach ($sequence->batches as $machine => $codes) {
            foreach ($codes as $place => $code) {
                $batch = $this->batches()[$code];
                $rows[] = ['id' => $batch->id, 'code' => $code, 'decoration_id' => $batch->decorationId, 'machine_id' => $machines[$machine], 'place' => $place];
            }
        }
        DB::table('batches')->upsert($rows, ['id'], ['machine_id', 'place']);
        DB::table('plans')->increment('version');
        $this->forget();
    }

    private function forget(): void
    {
        $this->batches = $this->machines = $this->frames = $this->timetable = $this->shop = null;
    }

    private function makeShop(): Shop
    {
        $rules = $this->house->rules();
        $hours = $this->hours();
        $needs = [];
        foreach ($this->batches() as $batch) {
            foreach ($batch->threads as $i => $thread) {
                $needs[$thread] = $batch->weights[$i] >= 60 ? '65/9' : '75/11';
            }
        }
        $swapS = (int) $rules->value(HouseRule::SwapTime);

        return new Shop(
            now: ShopClock::now(),
            lanes: array_values($this->machines()->map(static fn(Machine $machine): Lane => new Lane(
                $machine->code,
                $machine->heads,
                $machine->coreRack(),
                $machine->driver,
                $machine->frame->code ?? '',
                $hours,
                $machine->driverS(),
            ))->all()),
            frames: array_values($this->frames()->map(static fn(Frame $frame): FrameStock => new FrameStock($frame->code, $frame->driver, $frame->count))->all()),
            batches: array_values(array_map(static fn(OpenBatch $batch): Batch => $batch->toCore($swapS), $this->batches())),
            changeover: $this->changeover(),
            hands: (int) ($rules->value(HouseRule::People) * $rules->value(HouseRule::Tends)),
            needs: new ThreadNeeds($needs),
        );
    }

    private function changeover(): Changeover
    {
        $rules = $this->house->rules();
        $driverS = [];
        foreach (Driver::cases() as $from) {
            foreach (Driver::cases() as $to) {
                if ($from !== $to) {
                    $driverS["{$from->value}>{$to->value}"] = (int) (60 * $rules->value(HouseRule::DriverTime));
                }
            }
        }

        return new Changeover(
            (int) (60 * $rules->value(HouseRule::LoadTime)),
            (int) (60 * $rules->value(HouseRule::FrameTime)),
            (int) (60 * $rules->value(HouseRule::ThreadTime)),
            $driverS,
        );
    }

    private function hours(): Hours
    {
        $rules = $this->house->rules();
        $at = static fn(CarbonImmutable $day, HouseRule $rule): int => ShopClock::seconds($day) + (int) round(3600 * $rules->value($rule));
        $spans = [];
        for ($day = CarbonImmutable::today(), $left = self::DAYS; $left > 0; $day = $day->addDay()) {
            if ($day->isWeekend()) {
                continue;
            }
            $spans[] = [$at($day, HouseRule::DayStarts), $at($day, HouseRule::BreakStarts)];
            $spans[] = [$at($day, HouseRule::BreakEnds), $at($day, HouseRule::DayEnds)];
            $left--;
        }

        return Hours::of($spans);
    }
}
