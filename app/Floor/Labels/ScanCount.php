<?php

declare(strict_types=1);

namespace App\Floor\Labels;

use App\Floor\Models\Bundle;
use App\Foundation\Database\Transaction;
use App\Foundation\Words\Words;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use Carbon\CarbonImmutable;
use Hakama\Floor\FinishState;
use Hakama\Floor\PieceState;
use Hakama\Floor\Tag;
use Hakama\Words\Text;
use Illuminate\Database\Eloquent\Collection;

/** What is ready of an order, counted label by label before it is handed over. */
final readonly class ScanCount
{
    /** @param Collection<int, Piece> $pieces all of the order */
    private function __construct(private Collection $pieces) {}

    public static function of(Order $order): self
    {
        return new self(
            Piece::query()
                ->with(['decoration.line', 'decoration.artwork'])
                ->where('order_id', $order->id)
                ->orderBy('decoration_id')
                ->orderBy('id')
                ->get(),
        );
    }

    /**
     * Counts a piece, or what is ready of a bundle.
     *
     * @return array{bool, string} whether anything was counted, and what is to be said
     */
    public static function add(Order $order, Tag $tag): array
    {
        return Transaction::run(static function () use ($order, $tag): array {
            $pieces = Piece::query()
                ->where($tag->isBundle ? 'bundle_id' : 'id', $tag->number)
                ->orderBy('id')
                ->get();
            if ($tag->isBundle && Bundle::query()->find($tag->number) === null) {
                return [false, __('floor.scan_count.there_is_no_such_bundle_here', ['code' => $tag->code()])];
            }
            if ($pieces->isEmpty() || $pieces->contains(static fn(Piece $one): bool => $one->order_id !== $order->id)) {
                return [false, __('floor.scan_count.does_not_belong_to_order', [
                    'code' => $tag->code(),
                    'number' => $order->number,
                ])];
            }
            $ready = $pieces->filter(self::isReady(...));
            $new = $ready->whereNull('counted_at');
            Piece::query()
                ->whereKey($new->modelKeys())
                ->update(['counted_at' => CarbonImmutable::now()]);

            return [
                $new->isNotEmpty(),
                match (true) {
                    $ready->isEmpty() => __('floor.scan_count.is_not_counted', [
                        'code' => $tag->code(),
                        'finish' => Words::say($pieces->first()->finish?->label() ?? new Text('floor.scan_count.not_sewn_yet')),
                    ]),
                    $new->isEmpty() => __('floor.scan_count.was_already_counted', ['code' => $tag->code()]),
                    ! $tag->isBundle => __('floor.scan_count.counted', ['first' => $pieces->first()->label()]),
                    $new->count() < $pieces->count() => __('floor.scan_count.of_in_it_counted', [
                        'count' => $new->count(),
                        'count_2' => $pieces->count(),
                    ]),
                    default => __('floor.scan_count.counted_2', ['count' => $new->count()]),
                },
            ];
        });
    }

    public static function anew(Order $order): void
    {
        Piece::query()
            ->where('order_id', $order->id)
            ->update(['counted_at' => null]);
    }

    private static function isReady(Piece $piece): bool
    {
        return $piece->state === PieceState::Done && in_array($piece->finish, [FinishState::Passed, null], true);
    }

    public function counted(): int
    {
        return $this->pieces->whereNotNull('counted_at')->count();
    }

    public function ordered(): int
    {
        return $this->pieces->count();
    }

    /** @return Collection<int, Piece> ready, and not counted */
    public function missing(): Collection
    {
        return $this->pieces->filter(self::isReady(...))->whereNull('counted_at')->values();
    }

    /** How many are not ready to be handed over. */
    public function behind(): int
    {
        return $this->pieces->reject(self::isReady(...))->count();
    }
}
