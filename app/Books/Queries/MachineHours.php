<?php

declare(strict_types=1);

namespace App\Books\Queries;

use App\Foundation\Clock\Moment;
use App\Foundation\Clock\ShopClock;
use App\Machine\Models\Machine;
use App\Shop\Calendar\Calendar;
use App\Shop\House;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Books\MachineUse;
use Hakama\Calendar\Day;
use Hakama\Floor\EventKind;
use Hakama\House\HouseRule;
use Illuminate\Support\Facades\DB;

/** What became of the working hours of each machine. */
final readonly class MachineHours
{
    /** Every event of the days is read: of more than so many it would take too long for a page. */
    private const MOST_EVENTS = 40_000;
    private const MOST_DAYS = 190;

    public function __construct(private Calendar $calendar, private House $house) {}

    /** @return array<string, MachineUse> machine => its hours, until now; empty where too much happened in these days */
    public function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $happened = DB::table('floor_events')
            ->where('recorded_at', '>=', $from->startOfDay())
            ->where('recorded_at', '<', $to->addDay()->startOfDay());
        // Counted no further than matters.
        if ($from->diffInDays($to) > self::MOST_DAYS || $happened->clone()->offset(self::MOST_EVENTS)->limit(1)->exists()) {
            return [];
        }
        $events = [];
        foreach (
            $happened
                ->orderBy('recorded_at')
                ->orderBy('seq')
                // Made a date of, each of ten thousand rows would take longer than all else.
                ->selectRaw("machine_id, kind, timestampdiff(second, '1970-01-01', recorded_at) as second")
                ->cursor() as $row
        ) {
            $events[$row->machine_id][] = [(int) $row->second, EventKind::from($row->kind)];
        }
        $worked = $this->worked($from, $to);
        $idleAfterS = 60 * (int) $this->house->rules()->value(HouseRule::IdleAfter);
        $uses = [];
        $since = self::since();
        foreach (Machine::working()->pluck('code', 'id') as $id => $code) {
            $uses[$code] = MachineUse::of($events[$id] ?? [], self::from($worked, $since[$id] ?? null), $idleAfterS);
        }

        return $uses;
    }

    /**
     * From when on a machine can have stood idle: since it came to the shop, else since the first thing it told.
     *
     * @return array<int, int|null> machine => seconds since 1970; null where it has told nothing yet
     */
    private static function since(): array
    {
        $came = DB::table('changes')
            ->where('kind', Change::MACHINE)
            ->where('what', Change::CAME)
            ->groupBy('thing')
            ->selectRaw('thing, min(made_at) as at')
            ->pluck('at', 'thing');
        $first = DB::table('floor_events')
            ->whereIn('seq', DB::table('floor_events')->groupBy('machine_id')->selectRaw('min(seq)'))
            ->pluck('recorded_at', 'machine_id');
        $since = [];
        foreach (Machine::working()->get(['id', 'code']) as $machine) {
            $at = $came[$machine->code] ?? ($first[$machine->id] ?? null);
            $since[$machine->id] = $at === null ? null : Moment::read((string) $at)->getTimestamp();
        }

        return $since;
    }

    /**
     * @param list<array{int, int}> $worked
     * @param int|null              $since  null: not at all
     *
     * @return list<array{int, int}>
     */
    private static function from(array $worked, ?int $since): array
    {
        $left = [];
        foreach ($since === null ? [] : $worked as [$begins, $ends]) {
            if ($ends > $since) {
                $left[] = [max($begins, $since), $ends];
            }
        }

        return $left;
    }

    /** @return list<array{int, int}> hours that are over, or begun: seconds since 1970, as those of the events */
    private function worked(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $spans = [];
        $until = ShopClock::seconds($to->addDay()->startOfDay());
        for ($day = Day::at(ShopClock::seconds($from->startOfDay())); $day->midnight < $until; $day = $day->next()) {
            foreach ($this->calendar->work()->spans($day) as [$begins, $ends]) {
                $begins = ShopClock::time($begins)->getTimestamp();
                if ($begins < $now) {
                    $spans[] = [$begins, min(ShopClock::time($ends)->getTimestamp(), $now)];
                }
            }
        }

        return $spans;
    }
}
