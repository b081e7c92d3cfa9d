<?php

declare(strict_types=1);

namespace App\Shop\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\Clock\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Hours worked beside the usual ones, within one day: an evening, a Saturday.
 *
 * @property int             $id
 * @property CarbonImmutable $from_at
 * @property CarbonImmutable $to_at
 * @property string          $why
 */
final class ExtraHours extends Model
{
    public $timestamps = false;
    protected $table = 'extra_hours';
    protected $guarded = [];
    protected $casts = ['from_at' => Moment::class, 'to_at' => Moment::class];

    /** @return array{int, int} [from, to) seconds of local time */
    public function toCore(): array
    {
        return [ShopClock::seconds($this->from_at), ShopClock::seconds($this->to_at)];
    }

    public function isOver(): bool
    {
        return $this->to_at->isPast();
    }
}
