<?php

declare(strict_types=1);

namespace App\Books;

use App\Calendar\Calendar;
use App\Clock\ShopClock;
use App\Models\Machine;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Books\MachineUse;
use Hakama\Calendar\Day;
use Hakama\Floor\EventKind;
use Hakama\House\HouseRule;
use Illuminate\Support\Facades\DB;

/** What became of the working hours of each machine. */
final readonly class MachineHours
{
    /** Longer than so many days every event would have to be read. */
    public const MOST_DAYS = 31;

    public function __construct(private Calendar $calendar, private House $house) {}

    /** @return array<string, MachineUse> machine => its hours, until now; empty where the days are too many */
    public function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        if ($from->diffInDays($to) > self::MOST_DAYS) {
            return [];
        }
        $events = [];
        foreach (
            DB::table('floor_events')
                ->where('recorded_at', '>=', $from->startOfDay())
                ->where('recorded_at', '<', $to->addDay()->startOfDay())
                ->orderBy('recorded_at')
                ->orderBy('seq')
                // As the wall clock of the shop counts: a date for each of ten thousand rows would take longer than all else.
                ->selectRaw("machine_id, kind, timestampdiff(second, '1970-01-01', recorded_at) as second")
                ->cursor() as $row
        ) {
            $events[$row->machine_id][] = [(int) $row->second, EventKind::from($row->kind)];
        }
        $worked = $this->worked($from, $to);
        $idleAfterS = 60 * (int) $this->house->rules()->value(HouseRule::IdleAfter);
        $uses = [];
        foreach (Machine::working()->pluck('code', 'id') as $id => $code) {
            $uses[$code] = MachineUse::of($events[$id] ?? [], $worked, $idleAfterS);
        }

        return $uses;
    }

    /** @return list<array{int, int}> hours that are over, or begun */
    private function worked(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $now = ShopClock::now();
        $spans = [];
        $until = ShopClock::seconds($to->addDay()->startOfDay());
        for ($day = Day::at(ShopClock::seconds($from->startOfDay())); $day->midnight < $until; $day = $day->next()) {
            foreach ($this->calendar->work()->spans($day) as [$begins, $ends]) {
                if ($begins < $now) {
                    $spans[] = [$begins, min($ends, $now)];
                }
            }
        }

        return $spans;
    }
}
