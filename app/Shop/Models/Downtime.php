<?php

declare(strict_types=1);

namespace App\Shop\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\Clock\ShopClock;
use App\Machine\Models\Machine;
use Carbon\CarbonImmutable;
use Hakama\Calendar\DowntimeSpan;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A machine that is down, or in maintenance, which comes again.
 *
 * @property int             $id
 * @property int             $machine_id
 * @property CarbonImmutable $from_at
 * @property CarbonImmutable $to_at
 * @property string          $why
 * @property int|null        $every_days   null for once
 * @property string          $machine_code where it was asked for
 */
final class Downtime extends Model
{
    protected $table = 'downtimes';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['from_at' => Moment::class, 'to_at' => Moment::class];

    /** @param Builder<self> $query */
    public function scopeWithMachineCode(Builder $query): void
    {
        $query->addSelect([
            'downtimes.*',
            'machine_code' => Machine::query()->select('code')->whereColumn('machines.id', 'downtimes.machine_id'),
        ]);
    }

    public function toCore(): DowntimeSpan
    {
        return new DowntimeSpan(
            $this->machine_code,
            ShopClock::seconds($this->from_at),
            ShopClock::seconds($this->to_at),
            $this->why,
            (int) $this->every_days,
        );
    }

    public function isOver(): bool
    {
        return $this->every_days === null && $this->to_at->isPast();
    }

    /** ", every 7 days", or nothing for once. */
    public function again(): string
    {
        return match ($this->every_days) {
            null => '',
            1 => __('shop.downtime.every_day'),
            default => __('shop.downtime.every_days', ['days' => $this->every_days]),
        };
    }
}
