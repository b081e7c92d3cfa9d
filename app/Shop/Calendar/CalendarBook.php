<?php

declare(strict_types=1);

namespace App\Shop\Calendar;

use App\Foundation\Database\TurnCache;
use App\Foundation\StateHash;
use App\People\Models\Person;
use App\Shop\Models\DayOff;
use App\Shop\Models\Downtime;
use App\Shop\Models\ExtraHours;
use App\Shop\Models\Presence;
use App\Shop\Models\WeekDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;

/**
 * What is written in the calendar: the usual week, days off, extra hours, downtimes, who is away or in as well. Kept
 * until something is written.
 */
final class CalendarBook
{
    private const KEPT = 'calendar';
    private const KEPT_SKILLS = 'calendar.skills';

    /** @var array<string, list<array<string, mixed>>>|null */
    private ?array $rows = null;
    /** @var array<string, list<string>>|null */
    private ?array $mayAlone = null;

    public function __construct(private readonly TurnCache $kept) {}

    /** @return Collection<int, WeekDay> the days of the usual week that do not go by the house rules */
    public function week(): Collection
    {
        return $this->rows(WeekDay::class);
    }

    /** Another week has another sign: a change made looking at an older one is seen as such. */
    public static function weekSign(): string
    {
        return StateHash::of(WeekDay::query()->orderBy('weekday')->pluck('shifts', 'weekday'));
    }

    /** @return Collection<int, ExtraHours> what is over among them: it is a part of its day */
    public function extraHours(): Collection
    {
        return $this->rows(ExtraHours::class);
    }

    /** @return Collection<int, DayOff> */
    public function daysOff(): Collection
    {
        return $this->rows(DayOff::class);
    }

    /** @return Collection<int, Downtime> what is over among them */
    public function downtimes(): Collection
    {
        return $this->rows(Downtime::class);
    }

    /** @return Collection<int, Presence> that are not over */
    public function presences(): Collection
    {
        return $this->rows(Presence::class)->reject->isOver()->values();
    }

    /** @return array<string, list<string>> skill => who of the shop may do that alone; none that nobody was signed off for */
    public function mayAlone(): array
    {
        return $this->mayAlone ??= $this->kept->get(self::KEPT_SKILLS, static function (): array {
            $may = [];
            foreach (Person::query()->whereNull('retired_at')->whereNotNull('skills')->orderBy('id')->get() as $person) {
                foreach ($person->skills ?? [] as $skill) {
                    $may[$skill][] = $person->name;
                }
            }

            return $may;
        });
    }

    /**
     * @template T of Model
     *
     * @param class-string<T> $of
     *
     * @return Collection<int, T>
     */
    private function rows(string $of): Collection
    {
        $this->rows ??= $this->kept->get(
            self::KEPT,
            static fn(): array => array_map(
                static fn(Builder $query): array => array_values(
                    $query->toBase()->get()->map(get_object_vars(...))->all(),
                ),
                [
                    WeekDay::class => WeekDay::query()->orderBy('weekday'),
                    DayOff::class => DayOff::query()->orderBy('day'),
                    ExtraHours::class => ExtraHours::query()->orderBy('from_at'),
                    Downtime::class => Downtime::query()->withMachineCode()->orderBy('from_at'),
                    Presence::class => Presence::query()->orderBy('first_day')->orderBy('id'),
                ],
            ),
        );

        return $of::query()->hydrate($this->rows[$of]);
    }
}
