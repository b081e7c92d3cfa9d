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
                $dueAt->isPast() => __('orders.order_foresight.that_time_is_in_the_past'),
                $ends === null => __('orders.order_foresight.not_in_the_plan_yet_so'),
                $ends > $dueAt => __('orders.order_foresight.in_the_current_plan_it_ends', [
                    'ends' => ShopClock::words($ends),
                ]),
                default => __('orders.order_foresight.in_the_current_plan_it_ends_2', [
                    'ends' => ShopClock::words($ends),
                ]),
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
            $words[] = __('orders.order_foresight.more_they_join_and_later_batches', [
                'garments' => self::garments($more),
                'value' => $batches->isEmpty() ? __('orders.order_foresight.its_pieces') : $batches->implode(', '),
            ]);
        }
        if ($fewer > 0) {
            $words[] = __('orders.order_foresight.fewer_started_or_sewn_pieces_stay', [
                'garments' => self::garments($fewer),
            ]);
            $cut = BackingCut::query()->whereIn('batch_id', $batches->keys())->sum('pieces');
            if ($cut > 0) {
                $words[] = __('orders.order_foresight.backing_for_pieces_is_already_cut', ['cut' => $cut]);
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
                __('orders.order_foresight.waiting_pieces_leave_the_plan', [
                    'waiting' => (int) ($states['waiting'] ?? 0),
                    'value' => $batches->isEmpty() ? '' : ' ('.$batches->implode(', ').')',
                ]),
                $sewing > 0
                    ? __('orders.order_foresight.on_the_machine', ['sewing' => $sewing])
                    : '',
                $done > 0
                    ? __('orders.order_foresight.sewn_pieces_stay_in_the_books', ['done' => $done])
                    : '',
                $cut > 0 ? __('orders.order_foresight.backing_for_pieces_is_already_cut_2', ['cut' => $cut]) : '',
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
        return __('orders.order_foresight.garments', ['count' => $count]);
    }
}
