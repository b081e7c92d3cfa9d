<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Shapes\LineShape;
use App\Api\Shapes\OrderShape;
use App\Api\Shapes\PlaceShape;
use App\Orders\Approvals\ApprovalState;
use App\Orders\Models\Approval;
use App\Orders\Models\HandOver;
use App\Orders\Models\Order;
use App\Orders\Models\OrderLine;
use App\Orders\Models\Piece;
use App\Orders\Queries\OrderRow;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use Hakama\Garment\Size;
use Illuminate\Database\Eloquent\Collection;

/** Orders as programs are told them: so many queries, however many orders. */
final readonly class OrderShapes
{
    public function __construct(private PlanBoard $board, private ShopOdds $odds) {}

    /**
     * @param Collection<int, Order> $orders
     *
     * @return list<OrderShape>
     */
    public function of(Collection $orders): array
    {
        $orders->load(['customer', 'lines.decorations']);
        $ids = $orders->modelKeys();
        $rows = array_column(OrderRow::of($orders->all(), $this->board), null, 'number');
        $odds = $this->odds->inForce()->orders;
        $counts = self::counts($ids);
        $handed = HandOver::query()
            ->whereIn('order_id', $ids)
            ->groupBy('order_id')
            ->selectRaw('order_id, cast(sum(piece_count) as signed) as garments')
            ->toBase()
            ->pluck('garments', 'order_id');
        $asked = Approval::query()
            ->whereIn('id', Approval::query()->whereIn('order_id', $ids)->groupBy('order_id')->selectRaw('max(id)'))
            ->get(Approval::LISTED)
            ->keyBy('order_id');

        return array_values($orders->map(static fn(Order $order): OrderShape => OrderShape::of(
            $order,
            $rows[$order->number],
            ($odds[$order->number] ?? null)?->kept,
            (int) ($handed[$order->id] ?? 0),
            ApprovalState::of($asked[$order->id] ?? null),
            array_values($order->lines->map(
                static fn(OrderLine $line): LineShape => self::line($line, $counts),
            )->all()),
        ))->all());
    }

    /** @param array<int, array<string, array{int, int}>> $counts */
    private static function line(OrderLine $line, array $counts): LineShape
    {
        $sizes = $places = [];
        // Part of a decoration that was split off is sewn at the same place.
        foreach ($line->decorations->groupBy(static fn($one): int => $one->split_from_id ?? $one->id) as $parts) {
            $pieces = $done = 0;
            $here = [];
            foreach ($parts as $part) {
                foreach ($counts[$part->id] ?? [] as $size => [$all, $sewn]) {
                    $here[$size] = ($here[$size] ?? 0) + $all;
                    $pieces += $all;
                    $done += $sewn;
                }
            }
            foreach ($here as $size => $garments) {
                $sizes[$size] = max($sizes[$size] ?? 0, $garments);
            }
            $places[] = PlaceShape::of($parts->firstOrFail(), $pieces, $done);
        }

        return LineShape::of($line, Size::inOrder($sizes), $places);
    }

    /**
     * @param array<int> $ids
     *
     * @return array<int, array<string, array{int, int}>> decoration => size => pieces, and those done
     */
    private static function counts(array $ids): array
    {
        $counts = [];
        foreach (
            Piece::query()
                ->whereIn('order_id', $ids)
                ->groupBy('decoration_id', 'size')
                ->selectRaw("decoration_id, size, count(*) as pieces, sum(state = 'done') as done")
                ->toBase()
                ->get() as $of
        ) {
            $counts[(int) $of->decoration_id][(string) $of->size] = [(int) $of->pieces, (int) $of->done];
        }

        return $counts;
    }
}
