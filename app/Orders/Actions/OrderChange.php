<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Floor\Models\BatchProgress;
use App\Foundation\Database\Transaction;
use App\Orders\Approvals\ApprovalBook;
use App\Orders\Models\Customer;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use App\Orders\OrderFacts;
use App\Orders\Queries\OrderedGarments;
use App\Orders\StaleOrder;
use App\Orders\TypedLine;
use App\Plan\Models\Plan;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Floor\PieceState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** An order that is in the book becomes another: who, when, how many of which size. What is begun stays. */
final class OrderChange
{
    /**
     * What stands in the way of so many garments.
     *
     * @param array<int, array<string, int>> $sizes line => size => garments
     *
     * @return array<string, string> field => what is wrong there
     */
    public static function problems(Order $order, array $sizes): array
    {
        $garments = OrderedGarments::of($order);
        $problems = [];
        foreach ($sizes as $line => $of) {
            foreach ($of as $size => $count) {
                $begun = max($garments->begun[$line][$size] ?? 0, $garments->handed[$line][$size] ?? 0);
                if ($count < $begun) {
                    $problems["sizes.{$line}.{$size}"] = __('orders.order_change.of_these_are_started_or_sewn', [
                        'begun' => $begun,
                    ]);
                }
            }
        }

        return $problems;
    }

    /**
     * @param array<string, mixed>           $facts due_at, note, contact, customer: what is not in it stays
     * @param array<int, array<string, int>> $sizes line => size => garments; a size that is not in it stays
     * @param array<int, array<string, mixed>> $lines line => what it is, as OrderFacts::line() says it
     *
     * @return array<string, mixed> what is other now
     */
    public static function make(Order $order, array $facts, array $sizes, string $seen, array $lines = []): array
    {
        return Transaction::run(static function () use ($order, $facts, $sizes, $seen, $lines): array {
            $order->unsetRelations()->refresh();
            self::mustBe($order, $seen);
            $before = OrderFacts::of($order);
            if (isset($facts['customer'])) {
                $facts['customer_id'] = Customer::query()->firstOrCreate([
                    'name' => trim((string) $facts['customer']),
                ])->id;
            }
            $order->update(array_diff_key($facts, ['customer' => 0]));
            foreach ($lines as $id => $is) {
                $order->lines()->findOrFail($id)->update($is);
            }
            $wanted = OrderedGarments::of($order)->wanted;
            foreach ($sizes as $line => $of) {
                // What stays as it is costs nothing: a page has every size of every line.
                foreach ($of as $size => $count) {
                    if ($count !== ($wanted[$line][$size] ?? 0)) {
                        self::resize($order, $line, (string) $size, $count);
                    }
                }
            }
            // Whoever planned with what it was before is told so.
            Plan::query()->increment('version');
            [$was, $is] = ChangeLog::differing($before, OrderFacts::of($order->refresh()));
            if ($is !== []) {
                ChangeLog::note(Change::ORDER, (string) $order->number, __('common.change_kind.changed'), $was, $is);
            }

            return $is;
        });
    }

    /**
     * Lines more; they are set up like those of a new order.
     *
     * @param list<TypedLine> $lines
     */
    public static function add(Order $order, array $lines, string $seen): void
    {
        Transaction::run(static function () use ($order, $lines, $seen): void {
            $order->unsetRelations()->refresh();
            self::mustBe($order, $seen);
            $before = OrderFacts::of($order);
            OrderBook::write($order, $lines);
            Plan::query()->increment('version');
            [, $is] = ChangeLog::differing($before, OrderFacts::of($order->refresh()));
            ChangeLog::note(
                Change::ORDER,
                (string) $order->number,
                count($lines) === 1 ? __('orders.order_change.one_line_added') : __('orders.order_change.lines_added', [
                    'lines' => count($lines),
                ]),
                null,
                $is,
            );
        });
    }

    /** @throws StaleOrder where it does not stand as it was seen */
    private static function mustBe(Order $order, string $seen): void
    {
        if (OrderFacts::sign($order) !== $seen) {
            throw new StaleOrder(
                __('orders.order_change.somebody_else_changed_this_order_in'),
            );
        }
    }

    /**
     * What waits is taken out; what is begun or sewn stays and is said.
     *
     * @return array{int, int} pieces taken out, pieces that stay
     */
    public static function cancel(Order $order, string $why): array
    {
        return Transaction::run(static function () use ($order, $why): array {
            $before = OrderFacts::of($order);
            $taken = 0;
            foreach (self::roots($order) as $decorations) {
                $taken += self::removable($decorations)->delete();
            }
            $order->update(['cancelled_at' => CarbonImmutable::now()]);
            ApprovalBook::close($order);
            Plan::query()->increment('version');
            [$was, $is] = ChangeLog::differing($before, OrderFacts::of($order->refresh()));
            ChangeLog::note(Change::ORDER, (string) $order->number, "cancelled: {$why}", $was, $is);

            return [$taken, Piece::query()->where('order_id', $order->id)->count()];
        });
    }

    /** It is wanted again, with the pieces it had when it was cancelled. */
    public static function reopen(Order $order): void
    {
        Transaction::run(static function () use ($order): void {
            $cancelled = Change::query()
                ->where('kind', Change::ORDER)
                ->where('thing', (string) $order->number)
                ->where('what', 'like', 'cancelled:%')
                ->orderByDesc('seq')
                ->first();
            $order->update(['cancelled_at' => null]);
            $lines = $order->lines()->orderBy('id')->get();
            foreach ($lines as $i => $line) {
                foreach (
                    OrderFacts::sizes((string) ($cancelled->before['line '.($i + 1)] ?? '')) as $size => $count
                ) {
                    self::resize($order, $line->id, (string) $size, $count);
                }
            }
            Plan::query()->increment('version');
            ChangeLog::note(Change::ORDER, (string) $order->number, __('orders.order_change.required_again'));
        });
    }

    /** @return array<int, list<int>> decorations of the order: the first of each place => it and those split off it */
    private static function roots(Order $order, ?int $line = null): array
    {
        $roots = [];
        $of = Decoration::query()
            ->whereIn('order_line_id', $line === null ? $order->lines()->select('id') : [$line])
            ->orderBy('id')
            ->get(['id', 'split_from_id']);
        foreach ($of as $decoration) {
            $roots[$decoration->split_from_id ?? $decoration->id][] = $decoration->id;
        }

        return $roots;
    }

    private static function resize(Order $order, int $line, string $size, int $wanted): void
    {
        foreach (self::roots($order, $line) as $root => $decorations) {
            $pieces = Piece::query()->whereIn('decoration_id', $decorations)->where('size', $size);
            $more = $wanted - $pieces->clone()->count();
            if ($more < 0) {
                self::removable($decorations)
                    ->where('size', $size)
                    ->orderByDesc('number')
                    ->limit(-$more)
                    ->delete();
            } elseif ($more > 0) {
                $last = (int) $pieces->clone()->max('number');
                Piece::query()->insert(
                    array_map(
                        static fn(int $number): array => [
                            'order_id' => $order->id,
                            'decoration_id' => $root,
                            'size' => $size,
                            'number' => $number,
                        ],
                        range($last + 1, $last + $more),
                    ),
                );
            }
        }
    }

    /**
     * Pieces that wait and are in no frame.
     *
     * @param list<int> $decorations
     *
     * @return Builder<Piece>
     */
    private static function removable(array $decorations): Builder
    {
        $hooped = BatchProgress::query()
            ->whereIn('batch_id', DB::table('batches')->whereIn('decoration_id', $decorations)->select('id'))
            ->pluck('hooped')
            ->flatten()
            ->all();

        return Piece::query()
            ->whereIn('decoration_id', $decorations)
            ->where('state', PieceState::Waiting)
            ->whereNotIn('id', $hooped);
    }
}
