<?php

declare(strict_types=1);

namespace App\Plan\Actions;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Plan\CannotChangePlan;
use App\Plan\Models\Batch;
use App\Plan\Models\Plan;
use App\Plan\Models\PlanChange;
use App\Plan\OpenBatch;
use App\Plan\PlanRefused;
use App\Plan\Queries\PlanBoard;
use App\Plan\StalePlan;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\House\Question;
use Hakama\Plan\Dispatch;
use Hakama\Plan\Option;
use Hakama\Plan\Options;
use Hakama\Plan\Sequence;
use Hakama\Plan\SplitImpact;
use Hakama\Plan\Timetable;

/** Every change of the plan in force: made by somebody who saw it as it is, whole or not at all. */
final readonly class PlanChanges
{
    /** A move that saves less is not worth a word. */
    private const WORTH = 0.01;

    public function __construct(private PlanBoard $board, private House $house) {}

    /**
     * Puts one batch on a machine, before the given place.
     *
     * @param int $rank 0 is first
     * @param int $seen  the version of the plan the person was looking at
     *
     * @throws PlanRefused when the plan has changed since, or the batch cannot go there
     */
    public function move(string $code, string $machine, int $rank, int $seen): void
    {
        $this->change($seen, function () use ($code, $machine, $rank): void {
            $this->mayMove($code, $machine, $rank);
            $this->keep($this->board->sequence()->moved($code, $machine, $rank), __('plan.plan_changes.moved_on', [
                'code' => $code,
                'machine' => $machine,
            ]));
        });
    }

    /**
     * What a move would bring, before it is made.
     *
     * @throws CannotChangePlan
     */
    public function wouldMove(string $code, string $machine, int $rank): Option
    {
        $this->mayMove($code, $machine, $rank);

        return Options::move($this->board->timetable(), $code, $machine, $rank) ??
            throw CannotChangePlan::noHoursThere($code);
    }

    /** Gives a place to every batch that has none, by due time. */
    public function placeOpen(): void
    {
        Transaction::run(function (): void {
            $this->board->forget();
            $this->keep(Dispatch::byDue($this->board->workload(), $this->board->sequence()));
        });
    }

    /**
     * Puts all batches that are not on a machine yet nor about to be, nor fixed, in order of due time.
     *
     * @throws PlanRefused
     */
    public function replan(int $seen): void
    {
        $this->change($seen, function (): void {
            $standing = $this->board->sequence();
            $held = $this->board->held();
            foreach ($this->board->batches() as $batch) {
                $standing =
                    $batch->started || $batch->queued->fixedAt !== null || isset($held[$batch->code])
                        ? $standing
                        : $standing->without($batch->code);
            }
            $this->keep(
                Dispatch::byDue($this->board->workload(), $standing),
                __('plan.plan_changes.planned_again_by_due_date'),
            );
        });
    }

    /**
     * Takes over another sequence, whole or for some batches; what has come since it was found stays planned.
     *
     * @param list<string>|null $codes null for all
     *
     * @throws PlanRefused
     */
    public function take(Sequence $found, ?array $codes, int $seen): void
    {
        $this->change($seen, function () use ($found, $codes): void {
            $this->keep(
                $codes === null
                    ? $this->board->takeover()->whole($found)
                    : $this->board->takeover()->partly($found, $codes),
                $codes === null
                    ? __('plan.plan_changes.proposal_used')
                    : __('plan.plan_changes.proposal_used_in_part', [
                        'value' => mb_strimwidth(implode(', ', $codes), 0, 120, '…'),
                    ]),
            );
        });
    }

    /**
     * Undoes the last change, if none has come after it.
     *
     * @return string what was undone
     *
     * @throws PlanRefused
     */
    public function undo(int $seen): string
    {
        return $this->change($seen, function () use ($seen): string {
            $last = PlanChange::query()->orderByDesc('id')->first();
            if ($last === null || $last->version !== $seen) {
                throw CannotChangePlan::nothingToUndo();
            }
            $last->delete();
            $this->keep(PlanBefore::read($last->before)->restore($this->board));
            // The change that it was made upon can be undone next.
            PlanChange::query()
                ->where('version', $last->seen)
                ->update(['version' => PlanBoard::version()]);

            return $last->what;
        });
    }

    /**
     * Keeps a batch on its machine at the start that it has now, or lets it go again.
     *
     * @throws PlanRefused
     */
    public function fix(string $code, bool $fixed, int $seen): void
    {
        $this->change($seen, function () use ($code, $fixed): void {
            $batch = $this->board->batches()[$code] ?? throw CannotChangePlan::isDone($code);
            $placed = $this->board->timetable()->find($code);
            if ($fixed && ($placed === null || $batch->started)) {
                throw $batch->started ? CannotChangePlan::runsAlready($code) : CannotChangePlan::hasNoPlace($code);
            }
            $before = PlanBefore::of($this->board);
            Batch::query()
                ->whereKey($batch->id)
                ->update(['fixed_at' => $fixed ? ShopClock::time($placed->start()) : null]);
            $what = $fixed
                ? __('plan.plan_changes.fixed', ['code' => $code])
                : __('plan.plan_changes.unfixed', ['code' => $code]);
            $this->keep($this->board->sequence(), $what, $before);
        });
    }

    /**
     * Runs a part of a batch by itself: right behind the rest, or where it costs least while it waits for blanks.
     *
     * @param bool $elsewhere it goes where it costs least anyway
     *
     * @return string the code of the new batch
     *
     * @throws PlanRefused
     */
    public function split(string $code, int $pieces, int $seen, bool $elsewhere = false): string
    {
        return $this->change($seen, fn(): string => $this->apart($code, $pieces, $elsewhere));
    }

    /**
     * It was said when blanks of a line come: a batch that would stand on its machine and wait for them goes to where it
     * costs least meanwhile; or what is there is run apart, as the house says.
     *
     * @return list<string> what was done, in words
     */
    public function await(int $lineId): array
    {
        return Transaction::run(function () use ($lineId): array {
            $this->board->forget();
            $said = [];
            foreach ($this->board->batches() as $code => $batch) {
                if ($batch->order->lineId !== $lineId || $batch->queued->fixedAt !== null) {
                    continue;
                }
                $said[] = $this->isRunApart($batch)
                    ? $this->partFor((string) $code, $batch->lacking->pieces)
                    : $this->postponed((string) $code);
            }

            return array_values(array_filter($said, static fn(string $one): bool => $one !== ''));
        });
    }

    /** What is there is sewn first: there has to be something of both. */
    private function isRunApart(OpenBatch $batch): bool
    {
        return $this->house->rules()->school(Question::ShortBlanks) === 'split'
            && $batch->lacking->at !== null
            && $batch->lacking->pieces < $batch->left;
    }

    private function partFor(string $code, int $pieces): string
    {
        try {
            $new = $this->apart($code, $pieces);
        } catch (CannotChangePlan) {
            // Its pieces are hooped already.
            return '';
        }

        return __('plan.plan_changes.split_off_for_blanks', [
            'new' => $new,
            'pieces' => $pieces,
            'code' => $code,
            'at' => ShopClock::words(ShopClock::time((int) $this->board->batches()[$new]->heldUntil())),
        ]);
    }

    private function postponed(string $code): string
    {
        $heldUntil = $this->board->batches()[$code]->heldUntil();
        $machine = $this->board->sequence()->machineOf($code);
        if ($heldUntil === null || $machine === null) {
            return '';
        }
        $at = ['code' => $code, 'at' => ShopClock::words(ShopClock::time($heldUntil))];
        $now = Timetable::of($this->board->besidesHeld($code), $this->board->sequence());
        $best = Options::of($now, $code, 1)->all[0] ?? null;
        if ($best === null || $best->costMore > -self::WORTH) {
            return __('plan.plan_changes.waits_for_blanks', $at);
        }
        $this->keep($best->sequence, __('plan.plan_changes.waits_for_blanks_moved', $at));

        return __('plan.plan_changes.waits_for_blanks_on', [...$at, 'machine' => $best->machine]);
    }

    /** A part of a batch by itself: right behind the rest, or where it costs least while it waits for its blanks. */
    private function apart(string $code, int $pieces, bool $elsewhere = false): string
    {
        $before = PlanBefore::of($this->board);
        $new = SplitBatch::off($this->board->batches()[$code] ?? throw CannotChangePlan::isDone($code), $pieces);
        $this->board->forget();
        $sequence = $this->board->sequence();
        $machine = $sequence->machineOf($code);
        if ($machine !== null) {
            $behind = $sequence->moved($new, $machine, (int) array_search($code, $sequence->on($machine), true) + 1);
            $isHeld = $this->board->batches()[$new]->heldUntil() !== null;
            $sequence = $isHeld || $elsewhere
                ? SplitImpact::cheapest($this->board->besidesHeld($code), $sequence, $isHeld ? [$code, $new] : [$new]) ?? $behind
                : $behind;
        }
        $this->keep($sequence, __('plan.plan_changes.pieces_of_split_off_as', [
            'pieces' => $pieces,
            'code' => $code,
            'new' => $new,
        ]), $before->whole($new, $code));

        return $new;
    }

    /**
     * Puts a batch together with another of the same decoration, where that stands.
     *
     * @throws PlanRefused
     */
    public function merge(string $code, string $into, int $seen): void
    {
        $this->change($seen, function () use ($code, $into): void {
            $from = $this->board->batches()[$code] ?? throw CannotChangePlan::isDone($code);
            $to = $this->board->batches()[$into] ?? throw CannotChangePlan::isDone($into);
            $before = PlanBefore::of($this->board);
            $joined = SplitBatch::into($from, $to);
            $this->board->forget();
            $this->keep($this->board->sequence(), __('plan.plan_changes.combined_with', [
                'code' => $code,
                'into' => $into,
            ]), $before->apart($joined));
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
     * @throws PlanRefused
     */
    private function change(int $seen, callable $do): mixed
    {
        return Transaction::run(function () use ($seen, $do): mixed {
            $now = Plan::version();
            if ($now !== $seen) {
                throw StalePlan::since($seen, $now);
            }
            $this->board->forget();

            return $do();
        });
    }

    /** @throws CannotChangePlan */
    private function mayMove(string $code, string $machine, int $rank): void
    {
        $batch = $this->board->batches()[$code] ?? throw CannotChangePlan::isDone($code);
        $obstacle = $this->board
            ->workload()
            ->obstacle($this->board->workload()->batches[$code], $this->board->workload()->lanes[$machine]);
        if ($obstacle !== null) {
            throw CannotChangePlan::notThere($code, Words::say($obstacle));
        }
        $running = array_filter(
            $this->board->sequence()->on($machine),
            fn(string $other): bool => $this->board->batches()[$other]->started,
        );
        if ($batch->started || $rank < count($running)) {
            throw CannotChangePlan::behindWhatRuns($batch->started ? $code : (string) end($running));
        }
    }

    /**
     * @param string          $what   was done, so that it can be undone; '' for what is not undone
     * @param PlanBefore|null $before how the plan was; null where nothing but the sequence changes
     */
    private function keep(Sequence $sequence, string $what = '', ?PlanBefore $before = null): void
    {
        $before ??= PlanBefore::of($this->board);
        $seen = PlanBoard::version();
        $machines = $this->board->machines()->pluck('id', 'code');
        $rows = [];
        foreach ($sequence->batches as $machine => $codes) {
            foreach ($codes as $rank => $code) {
                $batch = $this->board->batches()[$code];
                $rows[] = [
                    'id' => $batch->id,
                    'code' => $code,
                    'decoration_id' => $batch->decorationId,
                    'machine_id' => $machines[$machine],
                    'rank' => $rank,
                ];
            }
        }
        Batch::query()->upsert($rows, ['id'], ['machine_id', 'rank']);
        Plan::query()->increment('version');
        if ($what !== '') {
            PlanChange::query()->create([
                'seen' => $seen,
                'version' => $seen + 1,
                'what' => $what,
                'before' => $before->json(),
                'changed_at' => CarbonImmutable::now(),
            ]);
        }
        $this->board->forget();
    }
}
