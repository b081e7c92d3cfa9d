<?php

declare(strict_types=1);

namespace App\Floor\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\Database\Transaction;
use App\Orders\Models\Decoration;
use App\Orders\Models\Order;
use App\Orders\Models\Piece;
use Carbon\CarbonImmutable;
use Hakama\Floor\Tag;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/**
 * Pieces of one decoration that go through the shop tied together, under one label.
 *
 * @property int                    $id
 * @property int                    $decoration_id
 * @property string                 $who
 * @property CarbonImmutable        $made_at
 * @property Decoration             $decoration
 * @property Collection<int, Piece> $pieces
 */
final class Bundle extends Model
{
    protected $table = 'bundles';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['made_at' => Moment::class];

    public function tag(): Tag
    {
        return Tag::ofBundle($this->id);
    }

    /** @return BelongsTo<Decoration, $this> */
    public function decoration(): BelongsTo
    {
        return $this->belongsTo(Decoration::class);
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Piece::class)->orderBy('id');
    }

    /**
     * Ties what is in no bundle yet, size by size.
     *
     * @param int $of pieces of each, at most
     *
     * @return int bundles that were tied
     */
    public static function tie(Order $order, int $of, string $who): int
    {
        return Transaction::run(static function () use ($order, $of, $who): int {
            $loose = Piece::query()
                ->where('order_id', $order->id)
                ->whereNull('bundle_id')
                ->orderBy('id')
                ->get(['id', 'decoration_id', 'size']);
            $tied = 0;
            foreach ($loose->groupBy(static fn(Piece $one): string => "{$one->decoration_id} {$one->size}") as $alike) {
                foreach ($alike->chunk($of) as $some) {
                    self::of((int) $some->first()?->decoration_id, array_map(intval(...), array_values($some->modelKeys())), $who);
                    $tied++;
                }
            }

            return $tied;
        });
    }

    /**
     * The last so many of it become a bundle of their own.
     *
     * @return self|null null where that would leave nothing in one of the two
     */
    public function split(int $pieces, string $who): ?self
    {
        return Transaction::run(function () use ($pieces, $who): ?self {
            $all = $this->pieces()->pluck('id')->all();

            return $pieces < 1 || $pieces >= count($all)
                ? null
                : self::of($this->decoration_id, array_map(intval(...), array_values(array_slice($all, -$pieces))), $who);
        });
    }

    /** Another bundle of the same decoration is tied to it; its label is good no more. False where it is of another. */
    public function join(self $other): bool
    {
        return $other->id !== $this->id
            && $other->decoration_id === $this->decoration_id
            && Transaction::run(function () use ($other): bool {
                Piece::query()
                    ->where('bundle_id', $other->id)
                    ->update(['bundle_id' => $this->id]);
                $other->delete();

                return true;
            });
    }

    /** @param list<int> $pieces */
    private static function of(int $decoration, array $pieces, string $who): self
    {
        $bundle = self::query()->create([
            'decoration_id' => $decoration,
            'who' => mb_substr($who, 0, 40),
            'made_at' => CarbonImmutable::now(),
        ]);
        DB::table('pieces')
            ->whereIn('id', $pieces)
            ->update(['bundle_id' => $bundle->id]);

        return $bundle;
    }
}
