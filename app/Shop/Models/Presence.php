<?php

declare(strict_types=1);

namespace App\Shop\Models;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Dates;
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
    protected $table = 'presences';
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
            ? Dates::day($this->first_day)
            : __('shop.presence.days', ['first' => Dates::day($this->first_day), 'last' => Dates::day($this->last_day)]);
        $names = array_intersect_key(self::weekdays(), array_flip($this->weekdays));
        if (! $once && count($names) < CarbonImmutable::DAYS_PER_WEEK) {
            $days = __('shop.presence.on', ['days' => $days, 'weekdays' => implode(', ', $names)]);
        }
        if ($this->from_time !== null && $this->to_time !== null) {
            $days = __('shop.presence.hours', [
                'days' => $days,
                'from' => Dates::time(CarbonImmutable::parse($this->from_time)),
                'to' => Dates::time(CarbonImmutable::parse($this->to_time)),
            ]);
        }
        $spell = ['who' => $this->who, 'days' => $days];

        return $this->people < 0 ? __('shop.presence.spell', $spell) : __('shop.presence.spell_in', $spell);
    }

    /** @return array<int, string> 1 for Monday => "Mon" */
    public static function weekdays(): array
    {
        $monday = CarbonImmutable::today()->startOfWeek();

        return array_combine(
            range(1, CarbonImmutable::DAYS_PER_WEEK),
            array_map(static fn(int $i): string => Dates::weekday($monday->addDays($i)), range(0, CarbonImmutable::DAYS_PER_WEEK - 1)),
        );
    }

    private static function secondOfDay(string $time): int
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $time));

        return 3600 * $hours + 60 * $minutes;
    }
}
