<?php

declare(strict_types=1);

namespace App\Plan\Models;

use App\Floor\Models\FloorEvent;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * The pieces of one decoration, run one after another.
 *
 * @property int          $id
 * @property string       $code
 * @property int          $decoration_id
 * @property int|null     $machine_id
 * @property int|null     $rank
 * @property Decoration   $decoration
 * @property Machine|null $machine
 */
final class Batch extends Model
{
    protected $table = 'batches';
    public $timestamps = false;
    protected $guarded = [];

    public function getRouteKeyName(): string
    {
        return 'code';
    }

    /** The batch of a decoration, with its code; a new one where it has none. */
    public static function open(Decoration $decoration): self
    {
        $batch = self::query()->firstOrCreate(
            ['decoration_id' => $decoration->id],
            ['code' => 'new-'.$decoration->id],
        );
        $batch->update(['code' => self::codeOf($batch->id)]);

        return $batch;
    }

    /** What a batch is called on screens, cards and paper. */
    public static function codeOf(int $id): string
    {
        return 'B-'.(100 + $id);
    }

    /** @return BelongsTo<Decoration, $this> */
    public function decoration(): BelongsTo
    {
        return $this->belongsTo(Decoration::class);
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Piece::class, 'decoration_id', 'decoration_id');
    }

    /** @return HasMany<FloorEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(FloorEvent::class);
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }
}
