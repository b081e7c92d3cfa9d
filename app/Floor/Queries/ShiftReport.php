<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Floor\Models\FloorEvent;
use App\Foundation\Clock\ShopClock;
use App\Plan\OpenBatch;
use App\Plan\Queries\PlanBoard;
use App\Plan\Queries\ShopOdds;
use App\Shop\Calendar\Calendar;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Calendar\Day;
use Hakama\Calendar\WorkCalendar;
use Hakama\Floor\EventKind;
use Hakama\Floor\Mishap;
use Hakama\Floor\SpoilCause;
use Hakama\House\HouseRules;
use Hakama\Plan\Placed;
use Illuminate\Support\Collection;
use stdClass;

/**
 * What one shift tells the next: what runs and what is hooped, what comes next on each machine, what is due until the end
 * of the next working day, what is missing, what went wrong and what was said. It reads, and writes nothing.
 */
final readonly class ShiftReport
{
    /** So many days back a working day is looked for. */
    private const FAR = 14;
    /** The last changes; a page holds no more of them. */
    private const CHANGES = 20;
    /** Of what there are many, so many lines. */
    private const LINES = 40;

    /**
     * @param CarbonImmutable                 $since   when the working day began that is handed over
     * @param array<string, Placed>           $next    machine => what it sews after what it has
     * @param list<array{Placed, OpenBatch, float|null}> $due  the soonest first, each with the share in which it is kept
     * @param list<OpenBatch>                 $short   of blanks
     * @param list<string>                    $people  who is away, or in as well
     * @param list<Mishap>                    $trouble
     * @param Collection<int, FloorEvent>     $said    with a reason
     * @param Collection<int, Change>         $changes
     */
    private function __construct(
        public CarbonImmutable $since,
        public Board $board,
        public array $next,
        public array $due,
        public array $short,
        public array $people,
        public array $trouble,
        public Collection $said,
        public Collection $changes,
    ) {}

    public static function read(PlanBoard $board, ShopOdds $odds, Calendar $calendar, HouseRules $rules): self
    {
        $work = $calendar->work();
        $since = ShopClock::time(self::begins($work, ShopClock::now()));
        $isWorked = $work->day(0)->midnight === Day::at(ShopClock::now())->midnight;
        $spans = [...$work->spans($work->day(0)), ...$isWorked ? $work->spans($work->day(1)) : []];
        $until = $spans === [] ? ShopClock::now() : $spans[count($spans) - 1][1];
        $kept = $odds->inForce()->batches;
        $due = $next = $short = [];
        foreach ($board->timetable()->placed as $placed) {
            $batch = $board->batches()[$placed->batch->id] ?? null;
            if ($batch === null) {
                continue;
            }
            if ($placed->batch->promise->dueAt <= $until) {
                $due[] = [$placed, $batch, $kept[$placed->batch->id]->kept ?? null];
            }
            if ($batch->blanksShort() > 0) {
                $short[] = $batch;
            }
        }
        usort($due, static fn(array $a, array $b): int => $a[0]->batch->promise->dueAt <=> $b[0]->batch->promise->dueAt);
        foreach ($board->machines() as $machine) {
            $after = $board->timetable()->on($machine->code)[1] ?? null;
            if ($after !== null) {
                $next[$machine->code] = $after;
            }
        }

        return new self(
            $since,
            Board::of($board, $rules),
            $next,
            array_slice($due, 0, self::LINES),
            array_slice($short, 0, self::LINES),
            $calendar->said($spans),
            self::trouble($since),
            FloorEvent::query()
                ->with(['machine', 'batch'])
                ->where('recorded_at', '>=', $since)
                ->where('reason', '!=', '')
                ->latest('recorded_at')
                ->limit(self::LINES)
                ->get(),
            // The last of all are read by their number, which costs the same however many there are.
            Change::query()
                ->latest('seq')
                ->limit(self::CHANGES)
                ->get()
                ->filter(static fn(Change $one): bool => $one->made_at->greaterThanOrEqualTo($since))
                ->values(),
        );
    }

    /** When the working day began that is worked on, or was last. */
    private static function begins(WorkCalendar $work, int $now): int
    {
        $day = Day::at($now);
        for ($i = 0; $i < self::FAR; $i++) {
            $first = $work->spans($day)[0][0] ?? null;
            if ($first !== null && $first <= $now) {
                return $first;
            }
            $day = Day::at($day->midnight - 1);
        }

        return $now;
    }

    /** @return list<Mishap> */
    private static function trouble(CarbonImmutable $since): array
    {
        $told = FloorEvent::query()
            ->join('machines as m', 'm.id', '=', 'floor_events.machine_id')
            ->join('batches as b', 'b.id', '=', 'floor_events.batch_id')
            ->where('recorded_at', '>=', $since)
            ->whereIn('kind', Mishap::kinds())
            ->groupBy('m.code', 'b.code', 'kind', 'cause')
            ->orderBy('m.code')
            ->select(['m.code as machine', 'b.code as batch', 'kind', 'cause'])
            ->selectRaw('count(*) as times, sum(piece_count) as spoiled, json_arrayagg(distinct who order by who) as who')
            ->toBase()
            ->get()
            ->map(static fn(stdClass $row): array => [
                $row->machine,
                $row->batch,
                EventKind::from($row->kind),
                SpoilCause::tryFrom((string) $row->cause),
                (int) $row->times,
                (int) $row->spoiled,
                array_values(array_diff(json_decode((string) $row->who, true, flags: JSON_THROW_ON_ERROR), [''])),
            ]);

        return array_slice(Mishap::all(array_values($told->all())), 0, self::LINES);
    }
}
