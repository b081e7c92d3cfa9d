<?php

declare(strict_types=1);

namespace App\Shop\Calendar;

use App\Foundation\Clock\ShopClock;
use App\Shop\House;
use App\Shop\Models\DayOff;
use App\Shop\Models\ExtraHours;
use App\Shop\Models\Presence;
use App\Shop\Models\WeekDay;
use Hakama\Calendar\Day;
use Hakama\Calendar\Hands;
use Hakama\Calendar\Staff;
use Hakama\Calendar\Week;
use Hakama\Calendar\WorkCalendar;
use Hakama\House\HouseRule;

/** The shop's working time, from what is written in the calendar and from the house rules, as it is now. */
final class Calendar
{
    private ?WorkCalendar $work = null;

    public function __construct(private readonly House $house, private readonly CalendarBook $book) {}

    public function work(): WorkCalendar
    {
        return $this->work ??= new WorkCalendar(
            ShopClock::now(),
            $this->week(),
            new Staff(
                (int) $this->house->rules()->value(HouseRule::People),
                $this->house->rules()->value(HouseRule::Tends),
            ),
            $this->book
                ->daysOff()
                ->mapWithKeys(static fn(DayOff $off): array => [ShopClock::seconds($off->day) => $off->why])
                ->all(),
            array_values($this->book->extraHours()->map(static fn(ExtraHours $one): array => $one->toCore())->all()),
            array_values($this->book->presences()->map->toCore()->all()),
            array_values($this->book->downtimes()->map->toCore()->all()),
            ShopClock::leaps(),
        );
    }

    /** @return array<string, Hands> skill => those who may do that alone, and when they are in */
    public function able(): array
    {
        return array_map($this->work()->able(...), $this->book->mayAlone());
    }

    /** The usual week, as the shop has set it, else by the house rules. */
    public function week(): Week
    {
        return Week::of(
            $this->house->rules(),
            $this->book
                ->week()
                ->mapWithKeys(static fn(WeekDay $day): array => [$day->weekday => $day->toCore()])
                ->all(),
        );
    }

    /**
     * @param list<array{int, int}> $spans seconds of local time
     *
     * @return list<string> who is away in one of them, or in as well
     */
    public function said(array $spans): array
    {
        return array_values(
            $this->book
                ->presences()
                ->filter(static function (Presence $one) use ($spans): bool {
                    $presence = $one->toCore();
                    foreach ($spans as [$from, $to]) {
                        $in = $presence->span(Day::at($from));
                        if ($in !== null && $in[0] < $to && $in[1] > $from) {
                            return true;
                        }
                    }

                    return false;
                })
                ->map->words()
                ->all(),
        );
    }
}
