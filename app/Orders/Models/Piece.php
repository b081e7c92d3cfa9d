<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Floor\FinishState;
use Hakama\Floor\PieceState;
use Hakama\Garment\Size;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One decoration on one physical garment.
 *
 * @property int    $id
 * @property int    $order_id
 * @property int    $decoration_id
 * @property string $size
 * @property int    $number
 * @property int        $hoopings   it has behind it, where it is hooped several times
 * @property PieceState $state
 * @property FinishState|null $finish where it stands once it is off the machine
 * @property string $sewn_by
 * @property CarbonImmutable|null $counted_at by its label, before it is handed over
 * @property Decoration $decoration
 * @property string|null $text that is sewn on it, where each has one of its own
 */
final class Piece extends Model
{
    protected $table = 'pieces';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['state' => PieceState::class, 'finish' => FinishState::class, 'counted_at' => Moment::class];

    /** @return BelongsTo<Decoration, $this> */
    public function decoration(): BelongsTo
    {
        return $this->belongsTo(Decoration::class);
    }

    /**
     * Those that are still to be done.
     *
     * @param Builder<self> $pieces
     */
    #[Scope]
    protected function open(Builder $pieces): void
    {
        $pieces->whereIn('state', [PieceState::Waiting, PieceState::Sewing]);
    }

    /**
     * Those of a decoration that somebody looked at and found good.
     *
     * @param Builder<self> $pieces
     */
    #[Scope]
    protected function passed(Builder $pieces, int $decoration): void
    {
        $pieces->where('decoration_id', $decoration)->where('finish', FinishState::Passed);
    }

    public function label(): string
    {
        return $this->size === Size::One->value
            ? __('orders.piece.numbered', ['number' => (string) $this->number])
            : __('orders.piece.of_size', ['size' => $this->size, 'number' => (string) $this->number]);
    }
}
