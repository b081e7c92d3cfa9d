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
use Hakama\Plan\Lane;
use Hakama\Plan\Option;
use Hakama\Plan\Options;
use Hakama\Plan\Placed;
use Hakama\Plan\Sequence;
use Hakama\Plan\Shop;
use Hakama\Plan\Timetable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The plan in force: which batch on which machine in which order, and every time that follows. One a request. */
final class PlanBoard
{
    /** @var array<string, OpenBatch>|null */
    private ?array $batches = null;
    /** @var Collection<int, Machine>|null */
    private ?Collection $machines = null;
    /** @var Collection<int, Frame>|null */
    private ?Collection $frames = null;
    private ?Timetable $timetable = null;
    private ?Shop $shop = null;

    public function __construct(private readonly House $house, private readonly Catalogue $catalogue, private readonly Calendar $calendar) {}

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

    /** @return array<string, string> thread => #rrggbb, of everything that is on a machine or asked for */
    public function colours(): array
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
            $colours += array_combine($batch->threads, $batch->colours);
        }

        return $colours;
    }

    /** @return array<string, array<string, array{int, int, int}>> machine => batch => first and last moment of it today, loads done */
    public function real(): array
    {
        $real = [];
        $rows = DB::table('floor_events as e')->join('machines as m', 'm.id', '=', 'e.machine_id')->join('batches as b', 'b.id', '=', 'e.batch_id')
            ->where('e.recorded_at', '>=', CarbonImmutable::today())
            ->groupBy('m.code', 'b.code')
            ->get(['m.code as machine', 'b.code as batch', DB::raw('min(e.recorded_at) as begun'), DB::raw('max(e.recorded_at) as last'), DB::raw("sum(e.kind = 'sewn') as loads")]);
        foreach ($rows as $row) {
            $open = $this->batches()[$row->batch] ?? null;
            $real[$row->machine][$row->batch] = [ShopClock::seconds(CarbonImmutable::parse($row->begun)), $open !== null && $open->started ? $this->shop()->now : ShopClock::seconds(CarbonImmutable::parse($row->last)), (int) $row->loads];
        }

        return $real;
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
        $this->change($seen, function () use ($code, $machine, $place): void {
            $this->mayMove($code, $machine, $place);
            $this->keep($this->sequence()->moved($code, $machine, $place), "{$code} moved on {$machine}");
        });
    }

    /**
     * What a move would bring, before it is made.
     *
     * @throws PlanMovedOn when it cannot be made
     */
    public function wouldMove(string $code, string $machine, int $place): Option
    {
        $this->mayMove($code, $machine, $place);

        return Options::move($this->shop(), $this->sequence(), $code, $machine, $place) ?? throw PlanMovedOn::impossible($code, 'no span of the working hours holds it there');
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
     * Puts all batches that are not on a machine yet, nor fixed, in order of due time.
     *
     * @throws PlanMovedOn
     */
    public function replan(int $seen): void
    {
        $this->change($seen, function (): void {
            $standing = $this->sequence();
            foreach ($this->batches() as $batch) {
                $standing = $batch->started || $batch->fixedAt !== null ? $standing : $standing->without($batch->code);
            }
            $this->keep(Dispatch::byDue($this->shop(), $standing), 'planned anew by due time');
        });
    }

    /**
     * Takes over another sequence, whole or for some batches; what has come since it was found stays planned.
     *
     * @param list<string>|null $codes null for all
     *
     * @throws PlanMovedOn
     */
    public function take(Sequence $found, ?array $codes, int $seen): void
    {
        $this->change($seen, function () use ($found, $codes): void {
            $this->keep($codes === null ? $this->whole($found) : $this->partly($found, $codes), $codes === null ? 'a proposal taken whole' : 'a proposal taken in part: '.mb_strimwidth(implode(', ', $codes), 0, 120, '…'));
        });
    }

    /** The sequence as it would be with a found one taken whole: without what is done by now, with what has come since. */
    public function whole(Sequence $found): Sequence
    {
        $running = $this->sequence();
        $lanes = [];
        foreach ($this->machines() as $machine) {
            $started = array_values(array_filter($running->on($machine->code), fn(string $code): bool => $this->batches()[$code]->started));
            $lanes[$machine->code] = [...$started, ...array_values(array_filter($found->on($machine->code), fn(string $code): bool => isset($this->batches()[$code]) && ! $this->batches()[$code]->started))];
        }

        return Dispatch::byDue($this->shop(), new Sequence($lanes));
    }

    /** @param list<string> $codes */
    public function partly(Sequence $found, array $codes): Sequence
    {
        $sequence = $this->sequence();
        foreach ($found->batches as $ids) {
            // In the order in which they stand there, so that each finds the one it follows.
            foreach ($ids as $code) {
                if (in_array($code, $codes, true) && isset($this->batches()[$code]) && ! $this->batches()[$code]->started) {
                    $sequence = $sequence->following($found, $code);
                }
            }
        }
        $lanes = [];
        foreach ($sequence->batches as $machine => $ids) {
            usort($ids, fn(string $a, string $b): int => $this->batches()[$b]->started <=> $this->batches()[$a]->started);
            $lanes[$machine] = $ids;
        }

        return new Sequence($lanes);
    }

    /**
     * Undoes the last change, if none has come after it.
     *
     * @return string what was undone
     *
     * @throws PlanMovedOn
     */
    public function undo(int $seen): string
    {
        return $this->change($seen, function () use ($seen): string {
            $last = DB::table('plan_changes')->orderByDesc('id')->first();
            if ($last === null || (int) $last->version !== $seen) {
                throw PlanMovedOn::nothingToUndo();
            }
            DB::table('plan_changes')->where('id', $last->id)->delete();
            $lanes = array_map(fn(array $ids): array => array_values(array_filter($ids, fn(string $code): bool => isset($this->batches()[$code]))), json_decode((string) $last->before, true, flags: JSON_THROW_ON_ERROR));
            $this->keep(new Sequence($lanes));
            // The change before it can be undone next.
            DB::table('plan_changes')->where('version', $seen - 1)->update(['version' => self::version()]);

            return (string) $last->what;
        });
    }

    /**
     * Keeps a batch on its machine at the start that it has now, or lets it go again.
     *
     * @throws PlanMovedOn
     */
    public function fix(string $code, bool $fixed, int $seen): void
    {
        $this->change($seen, function () use ($code, $fixed): void {
            $batch = $this->batches()[$code] ?? throw PlanMovedOn::impossible($code, 'it has no pieces left to do');
            $placed = $this->timetable()->find($code);
            if ($fixed && ($placed === null || $batch->started)) {
                throw PlanMovedOn::impossible($code, $batch->started ? 'it runs already' : 'it has no place in the plan');
            }
            DB::table('batches')->where('id', $batch->id)->update(['fixed_at' => $fixed ? ShopClock::time((int) $placed?->start()) : null]);
            DB::table('plans')->increment('version');
            $this->forget();
        });
    }

    /**
     * Runs a part of a batch by itself: it stands right behind the rest, until it is moved.
     *
     * @return string the code of the new batch
     *
     * @throws PlanMovedOn
     */
    public function split(string $code, int $pieces, int $seen): string
    {
        return $this->change($seen, function () use ($code, $pieces): string {
            $new = SplitBatch::off($this->batches()[$code] ?? throw PlanMovedOn::impossible($code, 'it has no pieces left to do'), $pieces);
            $this->forget();
            $machine = $this->sequence()->machineOf($code);
            if ($machine === null) {
                DB::table('plans')->increment('version');
                $this->forget();

                return $new;
            }
            $at = (int) array_search($code, $this->sequence()->on($machine), true);
            $this->keep($this->sequence()->moved($new, $machine, $at + 1));

            return $new;
        });
    }

    /**
     * Puts a batch together with another of the same decoration, where that stands.
     *
     * @throws PlanMovedOn
     */
    public function merge(string $code, string $into, int $seen): void
    {
        $this->change($seen, function () use ($code, $into): void {
            [$from, $to] = [$this->batches()[$code] ?? null, $this->batches()[$into] ?? null];
            if ($from === null || $to === null) {
                throw PlanMovedOn::impossible($code, 'one of the two has no pieces left to do');
            }
            SplitBatch::into($from, $to);
            $this->forget();
            $this->keep($this->sequence());
        });
    }

    /**
     * One change of the plan, by somebody who saw it as it is.
     *
     * @template T
     *
     * @param callable(): T $do
     *
     * @return T
     *
     * @throws PlanMovedOn
     */
    private function change(int $seen, callable $do): mixed
    {
        return DB::transaction(function () use ($seen, $do): mixed {
            $now = (int) DB::table('plans')->lockForUpdate()->value('version');
            if ($now !== $seen) {
                throw PlanMovedOn::since($seen, $now);
            }
            $this->forget();

            return $do();
        });
    }

    /** @throws PlanMovedOn */
    private function mayMove(string $code, string $machine, int $place): void
    {
        $batch = $this->batches()[$code] ?? throw PlanMovedOn::impossible($code, 'it has no pieces left to do');
        $obstacle = $this->shop()->obstacle($this->shop()->batches[$code], $this->shop()->lanes[$machine]);
        if ($obstacle !== null) {
            throw PlanMovedOn::impossible($code, $obstacle);
        }
        $running = array_filter($this->sequence()->on($machine), fn(string $other): bool => $this->batches()[$other]->started);
        if ($batch->started || $place < count($running)) {
            throw PlanMovedOn::running($batch->started ? $code : (string) end($running));
        }
    }

    /** @param string $what was done, so that it can be undone; '' for what is not undone */
    private function keep(Sequence $sequence, string $what = ''): void
    {
        $before = $this->sequence()->batches;
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
        if ($what !== '') {
            DB::table('plan_changes')->insert(['version' => self::version(), 'what' => $what, 'before' => json_encode($before, JSON_THROW_ON_ERROR), 'changed_at' => CarbonImmutable::now()]);
        }
        $this->forget();
    }

    private function forget(): void
    {
        $this->batches = $this->machines = $this->frames = $this->timetable = $this->shop = null;
    }

    private function makeShop(): Shop
    {
        $rules = $this->house->rules();
        $needs = [];
        foreach ($this->batches() as $batch) {
            foreach ($batch->threads as $i => $thread) {
                $needs[$thread] = $batch->weights[$i] >= 60 ? '65/9' : '75/11';
            }
        }
        $swapS = (int) $rules->value(HouseRule::SwapTime);

        return new Shop(
            now: ShopClock::now(),
            lanes: array_values($this->machines()->map(fn(Machine $machine): Lane => new Lane(
                $machine->code,
                $machine->heads,
                $machine->coreRack(),
                $machine->driver,
                $machine->frame->code ?? '',
                $this->calendar->hours($machine->code),
                $machine->driverS(),
                $machine->needle,
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
            (int) (60 * $rules->value(HouseRule::NeedleTime)),
        );
    }
}
