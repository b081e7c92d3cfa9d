<?php

declare(strict_types=1);

namespace App\Shop\Models;

use App\Foundation\Clock\ShopClock;
use Carbon\CarbonImmutable;
use Hakama\Calendar\Day;
use Hakama\Calendar\PresenceSpan;
use Illuminate\Database\Eloquent\Model;

/**
 * Somebody who is away, or in beside the usual people.
 *
 * @property int             $id
 * @property string          $who
 * @property int             $people    +1 is in as well, −1 is away
 * @property CarbonImmutable $first_day
 * @property CarbonImmutable $last_day
 * @property list<int>       $weekdays  1 for Monday to 7 for Sunday
 * @property string|null     $from_time H:i:s; null for all the day
 * @property string|null     $to_time
 */
final class Presence extends Model
{
    public const DAYS = [1 => 'Mon', 2 => 'Tue', 3 => 'Wed', 4 => 'Thu', 5 => 'Fri', 6 => 'Sat', 7 => 'Sun'];

    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'first_day' => 'immutable_date:Y-m-d',
        'last_day' => 'immutable_date:Y-m-d',
        'weekdays' => 'array',
    ];

    public function toCore(): PresenceSpan
    {
        return new PresenceSpan(
            $this->people,
            ShopClock::seconds($this->first_day),
            ShopClock::seconds($this->last_day),
            $this->weekdays,
            $this->from_time === null ? 0 : self::secondOfDay($this->from_time),
            $this->to_time === null ? Day::SECONDS : self::secondOfDay($this->to_time),
            $this->who,
        );
    }

    public function isOver(): bool
    {
        return $this->last_day->isBefore(CarbonImmutable::today());
    }

    /** "Wren is away Thu 5 Mar, 13:00 to 17:00". */
    public function words(): string
    {
        $once = $this->first_day->equalTo($this->last_day);
        $days = $once
            ? $this->first_day->format('D j M')
            : $this->first_day->format('D j M').' to '.$this->last_day->format('D j M');
        $names = array_intersect_key(self::DAYS, array_flip($this->weekdays));
        $on = $once || count($names) === count(self::DAYS) ? '' : ', on '.implode(', ', $names);
        $hours =
            $this->from_time === null || $this->to_time === null
                ? ''
                : ', '.substr($this->from_time, 0, 5).' to '.substr($this->to_time, 0, 5);

        $is = $this->people < 0 ? __('shop.presence.away') : __('shop.presence.in_as_well');

        return "{$this->who} is {$is} {$days}{$on}{$hours}";
    }

    private static function secondOfDay(string $time): int
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $time));

        return 3600 * $hours + 60 * $minutes;
    }
}
