<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Foundation\Clock\ShopClock;
use App\Foundation\Words\Words;
use App\Shop\Calendar\Calendar;
use App\Shop\Calendar\CalendarBook;
use App\Shop\Models\Presence;
use Carbon\CarbonImmutable;
use Hakama\Calendar\Day;
use Hakama\Calendar\Shifts;
use Hakama\Calendar\WorkCalendar;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use Sabre\VObject\Reader;
use Tests\Feature\FeatureTestCase;

/**
 * When is worked and by whom: the usual week, days off, extra hours, downtimes, people; and the plan as calendars for
 * other programs.
 */
final class CalendarTest extends FeatureTestCase
{
    protected function tearDown(): void
    {
        // Kept outside the database, so it does not go with what a test did.
        self::outdate();
        parent::tearDown();
    }

    #[Test]
    public function the_usual_week_has_shifts_of_its_own_and_what_is_not_set_follows_the_house_rules(): void
    {
        $week = [
            '1' => '08:00-12:00, 12:30-17:00',
            '2' => '6-14; 13:30-22',
            '3' => '08:00-12:00, 12:30-17:00',
            '4' => '08:00-12:00, 12:30-17:00',
            '5' => '22:00-24:00',
            '6' => '0:00-06:00 and 9–12',
            '7' => '',
        ];
        $this->put('/plan/calendar/week', [
            'week' => $week,
            'seen' => CalendarBook::weekSign(),
        ])->assertSessionHasNoErrors();
        $hours = static fn(string $day): array => array_map(
            static fn(array $span): array => [gmdate('D H:i', $span[0]), gmdate('D H:i', $span[1])],
            self::spans($day),
        );
        // Two shifts that overlap are one span, and Saturday is worked.
        self::assertSame([['Tue 06:00', 'Tue 22:00']], $hours('2026-03-10'));
        self::assertSame([['Sat 00:00', 'Sat 06:00'], ['Sat 09:00', 'Sat 12:00']], $hours('2026-03-07'));
        self::assertSame([], $hours('2026-03-08'));
        // What goes on over midnight is not broken off there.
        $friday = ShopClock::seconds(CarbonImmutable::parse('2026-03-06'));
        self::assertContains([$friday + 22 * 3600, $friday + 30 * 3600], self::calendar()->hours('M1')->spans);
        self::assertSame(
            ['2', '5', '6'],
            array_map(strval(...), DB::table('week_days')->orderBy('weekday')->pluck('weekday')->all()),
            'the others go by the house rules',
        );
        $this->put('/shop/rules', ['day_starts_h' => '7']);
        self::assertSame([['Mon 07:00', 'Mon 12:00'], ['Mon 12:30', 'Mon 17:00']], $hours('2026-03-09'));
        $this->get('/plan/calendar')
            ->assertSee('value="06:00-22:00"', false)
            ->assertSee('value="07:00-12:00, 12:30-17:00"', false);
        // Six days are worked, so a week is drawn with six.
        $this->get('/plan?zoom=week')->assertSee('Sat 7 Mar')->assertDontSee('Sun 8 Mar');
    }

    #[Test]
    public function two_people_at_one_week_are_told_of_each_other(): void
    {
        $seen = CalendarBook::weekSign();
        $late = array_fill(1, 5, '10:00-18:00') + ['6' => '', '7' => ''];
        $this->put('/plan/calendar/week', ['week' => $late, 'seen' => $seen])->assertSessionHasNoErrors();
        $this->put('/plan/calendar/week', ['week' => array_replace($late, ['1' => '06:00-14:00']), 'seen' => $seen])
            ->assertSessionHasErrors('week.1')
            ->assertSessionHasInput('week.1', '06:00-14:00');
        self::assertSame('10:00-18:00', Shifts::words(self::calendar()->week->shifts(1)));
        $this->put('/plan/calendar/week', [
            'week' => array_replace($late, ['1' => '06:00-14:00']),
            'seen' => CalendarBook::weekSign(),
        ])->assertSessionHasNoErrors();
        self::assertSame('06:00-14:00', Shifts::words(self::calendar()->week->shifts(1)));
    }

    #[Test]
    public function maintenance_that_comes_again_is_planned_around_each_time(): void
    {
        // Oiled for a quarter of an hour every seventh day since January, a Thursday.
        $this->post('/plan/calendar/down', [
            'machine' => 'M2',
            'from' => '2026-01-08T10:00',
            'to' => '2026-01-08T10:15',
            'what' => 'oil and lint',
            'every' => '7',
        ])->assertSessionHasNoErrors();
        $cut = array_filter(
            self::calendar()->hours('M2')->spans,
            static fn(array $span): bool => gmdate('H:i', $span[1]) === '10:00',
        );
        self::assertSame(
            ['2026-03-05', '2026-03-12', '2026-03-19', '2026-03-26'],
            array_values(array_map(static fn(array $span): string => gmdate('Y-m-d', $span[1]), $cut)),
        );
        $at = ShopClock::seconds(CarbonImmutable::parse('2026-03-12 10:00'));
        self::assertSame(
            ['down: oil and lint', ''],
            Words::each([
                self::calendar()->reason('M2', $at, $at + 900),
                self::calendar()->reason('M1', $at, $at + 900),
            ]),
        );
        $this->get('/plan/calendar')->assertSee('every 7 days: oil and lint');
        $this->post('/plan/calendar/down', [
            'machine' => 'M2',
            'from' => '2026-03-05T10:00',
            'to' => '2026-03-08T10:15',
            'what' => 'overhaul',
            'every' => '2',
        ])->assertSessionHasErrors(['every' => 'It would repeat before it is over.']);
        $this->post('/plan/calendar/down', [
            'machine' => 'M2',
            'from' => '2026-03-05T10:00',
            'to' => '2026-03-05T10:15',
            'what' => 'oil',
            'every' => 'often',
        ])->assertSessionHasErrors('every');
        $this->post('/plan/calendar/down', [
            'machine' => 'M2',
            'from' => 'soon',
            'to' => 'later',
            'what' => 'oil',
            'every' => '7',
        ])->assertSessionHasErrors(['from', 'to']);
    }

    #[Test]
    public function a_week_that_cannot_be_read_is_refused_and_stays_as_it_was(): void
    {
        $usual = array_fill(1, 5, '08:00-12:00') + ['6' => '', '7' => ''];
        foreach (
            [
                'early' => 'Write hours like',
                '25:00-26:00' => 'no such time of day',
                '8:75-9' => 'no such time of day',
                '22:00-06:00' => 'to 24:00, and from 0:00',
                '9-9' => 'ends after it begins',
                '0-1,2-3,4-5,6-7,8-9,10-11,12-13,14-15,16-17' => 'at most 8 shifts',
            ] as $text => $said
        ) {
            $this->put('/plan/calendar/week', [
                'week' => array_replace($usual, ['3' => $text]),
                'seen' => CalendarBook::weekSign(),
            ])->assertSessionHasErrors('week.3');
            self::assertStringContainsString($said, (string) session('errors')?->first('week.3'));
        }
        $this->put('/plan/calendar/week', [
            'week' => array_fill(1, 7, ''),
            'seen' => CalendarBook::weekSign(),
        ])->assertSessionHasErrors(['week.1' => 'Enter hours for at least one day.']);
        $this->put('/plan/calendar/week', ['week' => ['1' => '8-12']])->assertSessionHasErrors('week');
        $this->put('/plan/calendar/week', [
            'week' => array_replace($usual, ['2' => ['8-12']]),
            'seen' => CalendarBook::weekSign(),
        ])->assertSessionHasErrors('week.2');
        self::assertSame(0, DB::table('week_days')->count());
    }

    #[Test]
    public function in_the_night_that_loses_an_hour_nothing_is_planned_in_it(): void
    {
        config(['app.timezone' => 'Europe/Vienna']);
        date_default_timezone_set('Europe/Vienna');
        $this->put('/plan/calendar/week', [
            'week' => array_fill(1, 7, '0:00-24:00'),
            'seen' => CalendarBook::weekSign(),
        ])->assertSessionHasNoErrors();
        $hours = static fn(string $day): array => array_map(
            static fn(array $span): array => [gmdate('H:i', $span[0]), gmdate('H:i', $span[1])],
            self::spans($day),
        );
        self::assertSame([['00:00', '02:00'], ['03:00', '00:00']], $hours('2026-03-29'));
        self::assertSame([['00:00', '00:00']], $hours('2026-03-30'));
        // The hour that comes twice in autumn is planned once: what is planned then ends no later than it says.
        self::assertSame([['00:00', '00:00']], $hours('2026-10-25'));
        date_default_timezone_set('UTC');
    }

    #[Test]
    public function a_day_off_and_a_machine_that_is_down_are_planned_around(): void
    {
        $ends = static fn(): int => max(
            array_map(static fn($placed): int => $placed->end(), self::board()->timetable()->placed),
        );
        $this->post('/plan/calendar/off', ['day' => '2026-03-05', 'why' => 'the fair'])->assertSessionHasNoErrors();
        foreach (self::board()->timetable()->placed as $placed) {
            foreach ($placed->loads as [$from]) {
                self::assertNotSame('2026-03-05', ShopClock::time($from)->toDateString());
            }
        }
        $this->get('/plan/calendar')->assertSee('Thursday 5 March 2026: the fair');
        $this->post('/plan/calendar/off', ['day' => '2026-03-05', 'why' => 'again'])->assertSessionHasErrors([
            'day' => 'That day is already off.',
        ]);
        $this->delete('/plan/calendar/off/2026-03-05')->assertSessionHas('done');
        $before = $ends();
        $this->post('/plan/calendar/down', [
            'machine' => 'M3',
            'from' => '2026-03-04T09:00',
            'to' => '2026-03-06T12:00',
            'what' => 'a new belt',
        ])->assertSessionHasNoErrors();
        foreach (self::board()->timetable()->on('M3') as $placed) {
            self::assertGreaterThanOrEqual('2026-03-06 12:00', ShopClock::time($placed->start())->format('Y-m-d H:i'));
        }
        self::assertGreaterThan($before, $ends());
        $this->get('/plan')->assertSee('down: a new belt');
        $this->post('/plan/calendar/down', [
            'machine' => 'M9',
            'from' => '',
            'to' => '2020-01-01',
            'what' => '',
        ])->assertSessionHasErrors(['machine', 'from', 'what']);
        $this->post('/plan/calendar/down', [
            'machine' => 'M1',
            'from' => '2026-03-04T09:00',
            'to' => '2026-03-03T09:00',
            'what' => 'x',
        ])->assertSessionHasErrors('to');
        $this->delete('/plan/calendar/moon/1')->assertNotFound();
    }

    #[Test]
    public function extra_hours_are_planned_with_and_join_the_usual_ones(): void
    {
        $saturday = CarbonImmutable::parse('2026-03-07');
        self::assertSame([], self::spans($saturday->toDateString()));
        $this->post('/plan/calendar/extra', [
            'extra_from' => '2026-03-07T09:00',
            'extra_to' => '2026-03-07T13:00',
            'extra_why' => 'the festival',
        ])->assertSessionHasNoErrors();
        $this->post('/plan/calendar/extra', [
            'extra_from' => '2026-03-04T16:00',
            'extra_to' => '2026-03-04T19:30',
            'extra_why' => 'late',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            [['09:00', '13:00']],
            array_map(
                static fn(array $span): array => [gmdate('H:i', $span[0]), gmdate('H:i', $span[1])],
                self::spans($saturday->toDateString()),
            ),
        );
        // Half past seven in the evening is the end of one afternoon, not a second one.
        self::assertSame(
            [['08:00', '12:00'], ['12:30', '19:30']],
            array_map(
                static fn(array $span): array => [gmdate('H:i', $span[0]), gmdate('H:i', $span[1])],
                self::spans('2026-03-04'),
            ),
        );
        $this->get('/plan/calendar')->assertSee('Sat 7 Mar 09:00 to 13:00: the festival');
        // What is over is no longer listed, and still a part of its day.
        $this->post('/plan/calendar/extra', [
            'extra_from' => '2026-03-04T06:00',
            'extra_to' => '2026-03-04T08:00',
            'extra_why' => 'early',
        ])->assertSessionHasNoErrors();
        $this->get('/plan/calendar')->assertDontSee('06:00 to 08:00: early');
        self::assertSame('06:00', gmdate('H:i', self::spans('2026-03-04')[0][0]));
        $this->post('/plan/calendar/extra', [
            'extra_from' => '2026-03-07T09:00',
            'extra_to' => '2026-03-08T13:00',
            'extra_why' => '',
        ])->assertSessionHasErrors(['extra_to' => 'Overtime starts and ends on one day.', 'extra_why']);
        $this->delete(
            '/plan/calendar/extra/'.DB::table('extra_hours')->where('why', 'late')->value('id'),
        )->assertSessionHas('done');
        self::assertSame('17:00', gmdate('H:i', self::spans('2026-03-04')[1][1]));
    }

    #[Test]
    public function who_is_away_and_who_is_in_as_well_is_planned_with(): void
    {
        $hands = static function (): array {
            $hands = self::calendar()->hands();

            return array_map(
                static fn(string $at): int => $hands->at(ShopClock::seconds(CarbonImmutable::parse($at))),
                ['2026-03-04 10:00', '2026-03-05 10:00', '2026-03-05 15:00', '2026-03-12 10:00', '2026-03-13 10:00'],
            );
        };
        $all = ['1', '2', '3', '4', '5', '6', '7'];
        self::assertSame([6, 6, 6, 6, 6], $hands());
        $this->post('/plan/calendar/person', [
            'who' => 'Maren',
            'people' => '-1',
            'first_day' => '2026-03-05',
            'from_time' => '08:00',
            'to_time' => '12:30',
            'weekdays' => $all,
        ])->assertSessionHasNoErrors();
        $this->post('/plan/calendar/person', [
            'who' => 'a helper',
            'people' => '1',
            'first_day' => '2026-03-04',
            'last_day' => '2026-06-30',
            'weekdays' => ['4'],
        ])->assertSessionHasNoErrors();
        // Thursdays only, and on the first of them one of the two is away until half past twelve.
        self::assertSame([6, 6, 9, 9, 6], $hands());
        $this->get('/plan/calendar')
            ->assertSee('Maren is away Thu 5 Mar, 08:00 to 12:30')
            ->assertSee('a helper is extra Wed 4 Mar to Tue 30 Jun, on Thu');
        $this->get('/plan')->assertDontSee('Maren')->assertSee('2 there, for 3 machines');
        $this->get('/plan?day=1')
            ->assertSee(
                'a helper is extra Wed 4 Mar to Tue 30 Jun, on Thu; Maren is away Thu 5 Mar, 08:00 to 12:30.',
            )
            ->assertSee('3 there, for 3 machines');
        $this->delete(
            '/plan/calendar/person/'.DB::table('presences')->where('who', 'a helper')->value('id'),
        )->assertSessionHas('done');
        self::assertSame([6, 3, 6, 6, 6], $hands());
    }

    #[Test]
    public function while_everybody_is_away_nothing_is_planned_and_while_one_is_no_more_than_the_other_can_tend(): void
    {
        $this->put('/shop/rules', ['machines_per_person' => '1']);
        $days = ['first_day' => '2026-03-05', 'weekdays' => ['1', '2', '3', '4', '5', '6', '7']];
        $this->post('/plan/calendar/person', [
            'who' => 'Maren',
            'people' => '-1',
            'last_day' => '2026-03-06',
            ...$days,
        ])->assertSessionHasNoErrors();
        $thursday = ShopClock::seconds(CarbonImmutable::parse('2026-03-05'));
        $board = self::board();
        foreach ($board->timetable()->placed as $begins) {
            $at = max($begins->changeoverStart, $thursday);
            $running = array_filter(
                $board->timetable()->placed,
                static fn($other): bool => $other->changeoverStart <= $at && $at < $other->end(),
            );
            if ($at < $thursday + 2 * 86400) {
                self::assertLessThanOrEqual(1, count($running), "{$begins->batch->id} on a day with one person");
            }
        }
        $this->post('/plan/calendar/person', [
            'who' => 'Odo',
            'people' => '-1',
            ...$days,
        ])->assertSessionHasNoErrors();
        foreach (self::board()->timetable()->placed as $placed) {
            foreach (
                [[$placed->changeoverStart, $placed->changeoverStart + $placed->changeoverS], ...$placed->loads] as [$from, $to]
            ) {
                self::assertTrue(
                    $to <= $thursday || $from >= $thursday + 86400,
                    "{$placed->batch->id} while nobody there",
                );
            }
        }
        $this->get('/plan?day=1')->assertSee('nobody there');
    }

    /**
     * @param array{int, string|null, string|null, string, string, list<int>} $given people, from, to, first and last
     *     day, weekdays
     * @param list<string>                                                    $days  on which it is, of the first
     *     fortnight in March
     */
    #[Test]
    #[TestWith([
        [-1, '13:00:00', '17:00:00', '2026-03-05', '2026-03-05', [1, 2, 3, 4, 5, 6, 7]],
        'Maren is away Thu 5 Mar, 13:00 to 17:00',
        ['05 13:00-17:00'],
    ]),]
    #[TestWith([
        [1, null, null, '2026-03-02', '2026-03-13', [2, 4]],
        'Maren is extra Mon 2 Mar to Fri 13 Mar, on Tue, Thu',
        ['03 00:00-00:00', '05 00:00-00:00', '10 00:00-00:00', '12 00:00-00:00'],
    ]),]
    #[TestWith([
        [-1, null, null, '2026-03-07', '2026-03-08', [1, 2, 3, 4, 5, 6, 7]],
        'Maren is away Sat 7 Mar to Sun 8 Mar',
        ['07 00:00-00:00', '08 00:00-00:00'],
    ]),]
    public function a_presence_is_said_in_words_and_knows_its_days(array $given, string $words, array $days): void
    {
        [$people, $from, $to, $first, $last, $weekdays] = $given;
        $presence = new Presence([
            'who' => 'Maren',
            'people' => $people,
            'first_day' => $first,
            'last_day' => $last,
            'weekdays' => $weekdays,
            'from_time' => $from,
            'to_time' => $to,
        ]);
        self::assertSame($words, $presence->words());
        $on = [];
        for ($day = CarbonImmutable::parse('2026-03-01'); $day->day <= 14; $day = $day->addDay()) {
            $span = $presence->toCore()->span(Day::at(ShopClock::seconds($day)));
            if ($span !== null) {
                $on[] = gmdate('d H:i-', $span[0]).gmdate('H:i', $span[1]);
            }
        }
        self::assertSame($days, $on);
    }

    #[Test]
    public function what_is_kept_of_one_shop_is_not_read_by_another_from_the_same_folder(): void
    {
        self::assertSame(getenv('SHOP_FILES').'/cache', config('cache.stores.file.path'));
    }

    #[Test]
    public function a_person_is_entered_with_a_name_and_a_day_and_hours_that_are_in_order(): void
    {
        $this->post('/plan/calendar/person', [
            'who' => '',
            'people' => '3',
            'first_day' => 'soon',
        ])->assertSessionHasErrors(['who' => 'Give a short note.', 'people', 'first_day', 'weekdays']);
        $this->post('/plan/calendar/person', [
            'who' => 'Maren',
            'people' => '-1',
            'first_day' => '2026-03-05',
            'last_day' => '2026-03-04',
            'from_time' => '12:00',
            'to_time' => '09:00',
            'weekdays' => ['9'],
        ])->assertSessionHasErrors([
            'last_day' => 'The last day cannot be before the first; leave it empty for one day.',
            'to_time',
            'weekdays.0',
        ]);
        $this->post('/plan/calendar/person', [
            'who' => 'Maren',
            'people' => '-1',
            'first_day' => '2026-03-05',
            'from_time' => '12:00',
            'weekdays' => ['1'],
        ])->assertSessionHasErrors('to_time');
        self::assertSame(0, DB::table('presences')->count());
    }

    #[Test]
    public function calendars_and_the_list_hold_what_the_plan_holds(): void
    {
        $timetable = self::board()->timetable();
        $calendar = Reader::read(
            (string) $this->get('/plan/machines/M1.ics')
                ->assertOk()
                ->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
                ->getContent(),
        );
        self::assertSame([], $calendar->validate());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            // A batch is as many entries as there are days on which it is worked at.
            self::assertSame(1, preg_match('/^(batch-B-\d+)(-\d+)?@[0-9a-f]{12}\.hakama$/', (string) $event->UID, $of));
            $code = $of[1];
            $events[$code][] = [
                $event->DTSTART->getDateTime()->getTimestamp(),
                $event->DTEND->getDateTime()->getTimestamp(),
            ];
            self::assertCount(1, $event->select('SEQUENCE'));
            self::assertCount(1, $event->select('LAST-MODIFIED'));
        }
        $true = [];
        foreach ($timetable->on('M1') as $placed) {
            $true["batch-{$placed->batch->id}"] = [$placed->changeoverStart, $placed->end()];
        }
        self::assertSame(
            $true,
            array_map(static fn(array $of): array => [$of[0][0], $of[count($of) - 1][1]], $events),
            'in universal time the shop’s clock is right',
        );
        $nights = array_filter(
            array_merge(...array_values($events)),
            static fn(array $one): bool => gmdate('Y-m-d', $one[0]) !== gmdate('Y-m-d', $one[1]),
        );
        self::assertSame([], $nights, 'closed through the night');
        self::assertSame('PT15M', (string) $calendar->select('REFRESH-INTERVAL')[0]);
        $etag = (string) $this->get('/plan/machines/M1.ics')->headers->get('ETag');
        $this->get('/plan/machines/M1.ics', ['If-None-Match' => $etag])->assertStatus(304);

        $customer = (int) DB::table('customers')->where('name', 'Ullenmere Ferry Crew')->value('id');
        $promises = Reader::read(
            (string) $this->get("/plan/promises/{$customer}.ics")
                ->assertOk()
                ->getContent(),
        );
        // What is open, be it planned yet or not.
        $open = \App\Orders\Models\Order::query()
            ->where('customer_id', $customer)
            ->whereNull('cancelled_at')
            ->whereHas('lines.decorations.pieces', static fn($pieces) => $pieces->open());
        self::assertGreaterThan(0, $open->count());
        self::assertCount($open->count(), $promises->select('VEVENT'));
        $this->get('/plan/promises/999.ics')->assertNotFound();
        $csv = (string) $this->get('/plan.csv')->assertOk()->getContent();
        self::assertSame(count($timetable->placed) + 1, substr_count($csv, "\n"));
        self::assertStringContainsString(ShopClock::time($timetable->placed[0]->end())->format('Y-m-d H:i:s'), $csv);
    }

    #[Test]
    public function the_clock_that_is_put_forward_moves_no_planned_time(): void
    {
        config(['app.timezone' => 'Europe/Vienna']);
        date_default_timezone_set('Europe/Vienna');
        // In that night an hour is missing: nine in the morning stays nine in the morning.
        $monday = CarbonImmutable::parse('2026-03-30 09:00', 'Europe/Vienna');
        self::assertSame('2026-03-30 09:00', ShopClock::time(ShopClock::seconds($monday))->format('Y-m-d H:i'));
        self::assertSame('07:00', ShopClock::time(ShopClock::seconds($monday))->utc()->format('H:i'));
        $friday = CarbonImmutable::parse('2026-03-27 09:00', 'Europe/Vienna');
        self::assertSame(
            3 * 86400,
            ShopClock::seconds($monday) - ShopClock::seconds($friday),
            'three days of the wall clock',
        );
        date_default_timezone_set('UTC');
    }

    /** @return list<array{int, int}> */
    private static function spans(string $day): array
    {
        return self::calendar()->spans(Day::at(ShopClock::seconds(CarbonImmutable::parse($day))));
    }

    private static function calendar(): WorkCalendar
    {
        app()->forgetScopedInstances();

        return app(Calendar::class)->work();
    }
}
