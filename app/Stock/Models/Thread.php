<?php

declare(strict_types=1);

namespace App\Stock\Models;

use Hakama\Thread\Colour;
use Hakama\Thread\ThreadSpec;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A thread on the shelf, on one or several cones.
 *
 * @property int                   $id
 * @property string                $code
 * @property string                $name
 * @property string                $hex
 * @property int                   $weight
 * @property Collection<int, Cone> $cones
 */
final class Thread extends Model
{
    protected $table = 'threads';
    public $timestamps = false;
    protected $guarded = [];

    /** @return HasMany<Cone, $this> */
    public function cones(): HasMany
    {
        return $this->hasMany(Cone::class)->orderBy('number');
    }

    public function toCore(): ThreadSpec
    {
        return new ThreadSpec($this->code, Colour::ofHex($this->hex), $this->weight);
    }

    public function metresLeft(): int
    {
        return (int) round((float) $this->cones->sum('metres_left'));
    }

    /** Where its cones stand; wants `cones` loaded. */
    public function shelf(): string
    {
        return $this->cones->pluck('shelf')->filter()->unique()->implode(', ');
    }
}
