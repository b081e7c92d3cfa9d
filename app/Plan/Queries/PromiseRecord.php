<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Books\OddsCalibration;
use Hakama\Floor\EventKind;
use Hakama\Plan\Odds\PromiseOdds;
use Illuminate\Support\Facades\DB;

/** What became of promises: kept or not, late by how much, and whether the odds that were given came true. */
final readonly class PromiseRecord
{
    /** @param list<DueOrder> $orders in the order in which they were due */
    private function __construct(public array $orders) {}

    /**
     * What was due between two days and before now; what is not done by now is late.
     */
    public static function between(CarbonImmutable $from, CarbonImmutable $to): self
    {
        $due = DB::table('orders as o')
            ->join('customers as c', 'c.id', '=', 'o.customer_id')
            ->leftJoin('said_odds as s', static function ($join): void {
                $join->on('s.order_id', '=', 'o.id')->on('s.due_at', '=', 'o.due_at');
            })
            ->whereNull('o.cancelled_at')
            ->where('o.due_at', '>=', $from->startOfDay())
            ->where('o.due_at', '<=', min($to->endOfDay(), CarbonImmutable::now()))
            ->orderBy('o.due_at')
            ->orderBy('o.number')
            ->get(['o.id', 'o.number', 'o.due_at', 'c.name', 's.kept']);
        $open = DB::table('pieces')
            ->whereIn('order_id', $due->pluck('id'))
            ->where('state', '!=', 'done')
            ->distinct()
            ->pluck('order_id')
            ->flip();
        $done = DB::table('floor_events')
            ->whereIn('order_id', $due->pluck('id'))
            ->where('kind', EventKind::PieceDone->value)
            ->groupBy('order_id')
            ->selectRaw('order_id, max(recorded_at) as at')
            ->pluck('at', 'order_id');
        $orders = [];
        foreach ($due as $one) {
            // Nothing of it was sewn here and nothing is open: it has no pieces, so there is nothing to say of it.
            if (! isset($open[$one->id]) && ! isset($done[$one->id])) {
                continue;
            }
            $orders[] = new DueOrder(
                (int) $one->number,
                (string) $one->name,
                Moment::read((string) $one->due_at),
                isset($open[$one->id]) ? null : Moment::read((string) $done[$one->id]),
                $one->kept === null ? null : (float) $one->kept,
            );
        }

        return new self($orders);
    }

    /**
     * Odds that were worked out are kept as those that were given, once for each order and due time.
     *
     * @param array<array-key, PromiseOdds>     $odds by order number
     * @param array<array-key, CarbonImmutable> $due  for when each of them was given: of a promise that is another by now
     *     nothing was said
     */
    public static function said(array $odds, array $due): void
    {
        $new = DB::table('orders as o')
            ->leftJoin('said_odds as s', 's.order_id', '=', 'o.id')
            ->whereIn('o.number', array_keys($odds))
            ->where(static fn($of) => $of->whereNull('s.order_id')->orWhereColumn('s.due_at', '!=', 'o.due_at'))
            ->get(['o.id', 'o.number', 'o.due_at'])
            ->filter(
                static fn(object $one): bool => isset($due[$one->number])
                    && Moment::read((string) $one->due_at)->equalTo($due[$one->number]),
            );
        if ($new->isEmpty()) {
            return;
        }
        DB::table('said_odds')->upsert(
            $new
                ->values()
                ->map(
                    static fn(object $one): array => [
                        'order_id' => $one->id,
                        'due_at' => $one->due_at,
                        'kept' => round($odds[$one->number]->kept, 4),
                        'said_at' => CarbonImmutable::now(),
                    ],
                )
                ->all(),
            ['order_id'],
            ['due_at', 'kept', 'said_at'],
        );
    }

    public function kept(): int
    {
        return count(array_filter($this->orders, static fn(DueOrder $one): bool => $one->isKept()));
    }

    /** @return list<DueOrder> latest first */
    public function late(CarbonImmutable $now): array
    {
        $late = array_values(array_filter($this->orders, static fn(DueOrder $one): bool => ! $one->isKept()));
        usort($late, static fn(DueOrder $a, DueOrder $b): int => $b->lateMin($now) <=> $a->lateMin($now));

        return $late;
    }

    /** @return list<OddsCalibration> */
    public function calibration(): array
    {
        $said = [];
        foreach ($this->orders as $one) {
            if ($one->said !== null) {
                $said[] = [$one->said, $one->isKept()];
            }
        }

        return OddsCalibration::of($said);
    }
}
