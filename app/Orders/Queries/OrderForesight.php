<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Foundation\Clock\ShopClock;
use App\Orders\Models\Order;
use App\Plan\Models\Batch;
use App\Plan\Queries\PlanBoard;
use App\Stock\Models\BackingCut;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What a change of an order would bring, before it is made. */
final readonly class OrderForesight
{
    public function __construct(private PlanBoard $board) {}

    /**
     * @param array<int, array<string, int>> $sizes line => size => garments
     *
     * @return list<string> sentences; none: nothing to be said
     */
    public function words(Order $order, ?CarbonImmutable $dueAt, array $sizes): array
    {
        $garments = OrderedGarments::of($order);
        $open = DB::table('pieces')->where('order_id', $order->id)->where('state', '!=', 'done')->count();
        $ends = $this->board->orderEnds($order->id, $open);
        $words = [];
        if ($dueAt !== null && $dueAt->notEqualTo($order->due_at)) {
            $words[] = match (true) {
                $dueAt->isPast() => 'That time has passed already.',
                $ends === null => 'It has no place in the plan yet: whether it would be ready then is not known.',
                $ends > $dueAt => sprintf('By the plan as it stands it ends %s, after that.', ShopClock::words($ends)),
                default => sprintf('By the plan as it stands it ends %s, in time for it.', ShopClock::words($ends)),
            };
        }
        [$fewer, $more] = [0, 0];
        foreach ($sizes as $line => $of) {
            foreach ($of as $size => $count) {
                $by = $count - ($garments->wanted[$line][$size] ?? 0);
                $by < 0 ? ($fewer -= $by) : ($more += $by);
            }
        }
        $batches = self::batches($order);
        if ($more > 0) {
            $words[] = sprintf(
                '%s more: they join %s and what comes behind it moves back.',
                self::garments($more),
                $batches->isEmpty() ? 'its pieces' : $batches->implode(', '),
            );
        }
        if ($fewer > 0) {
            $words[] = sprintf('%s fewer are sewn; what is begun or sewn stays.', self::garments($fewer));
            $cut = BackingCut::query()->whereIn('batch_id', $batches->keys())->sum('pieces');
            if ($cut > 0) {
                $words[] = sprintf('Backing for %d pieces is cut already: keep what is left over.', $cut);
            }
        }

        return $words;
    }

    /** @return list<string> what cancelling it would bring */
    public function cancelling(Order $order): array
    {
        $states = DB::table('pieces')
            ->where('order_id', $order->id)
            ->groupBy('state')
            ->selectRaw('state, count(*) as n')
            ->pluck('n', 'state');
        $batches = self::batches($order);
        $cut = (int) BackingCut::query()->whereIn('batch_id', $batches->keys())->sum('pieces');
        $done = (int) ($states['done'] ?? 0);
        $sewing = (int) ($states['sewing'] ?? 0);

        return array_values(
            array_filter([
                sprintf(
                    '%d pieces that wait leave the plan%s.',
                    (int) ($states['waiting'] ?? 0),
                    $batches->isEmpty() ? '' : ' ('.$batches->implode(', ').')',
                ),
                $sewing > 0
                    ? sprintf(
                        '%d on the machine now %s: take them off or let them end.',
                        $sewing,
                        $sewing === 1 ? 'stays' : 'stay',
                    )
                    : '',
                $done > 0
                    ? sprintf(
                        '%d sewn already %s in the books, and may be handed over.',
                        $done,
                        $done === 1 ? 'stays' : 'stay',
                    )
                    : '',
                $cut > 0 ? sprintf('Backing for %d pieces is cut already.', $cut) : '',
            ], static fn(string $one): bool => $one !== ''),
        );
    }

    /** @return Collection<int, string> id => code */
    private static function batches(Order $order): Collection
    {
        return Batch::query()
            ->whereHas(
                'decoration',
                static fn(Builder $of): Builder => $of->whereIn('order_line_id', $order->lines()->select('id')),
            )
            ->pluck('code', 'id');
    }

    private static function garments(int $count): string
    {
        return $count === 1 ? 'One garment' : "{$count} garments";
    }
}
