<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use App\Floor\Actions\AppendEvent;
use App\Floor\Log\FloorLog;
use App\Floor\Models\FloorEvent;
use App\Foundation\Clock\Moment;
use App\Foundation\Clock\ShopClock;
use App\Orders\Models\Order;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Database\Factories\OrderFactory;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\Floor\LedgerBySql;

/** Moments are kept in UTC and told by the shop's clock: over both nights of the change, leap day and new year. */
final class MomentsTest extends FeatureTestCase
{
    private const ZONE = 'Europe/Berlin';

    protected function setUp(): void
    {
        parent::setUp();
        config(['app.timezone' => self::ZONE]);
        date_default_timezone_set(self::ZONE);
    }

    protected function tearDown(): void
    {
        date_default_timezone_set('UTC');
        Carbon::setTestNow('2026-03-04 09:40:00');
        CarbonImmutable::setTestNow('2026-03-04 09:40:00');
        parent::tearDown();
    }

    /** @return iterable<string, array{string, string, string, int}> begins, as kept, ends, seconds between */
    public static function nights(): iterable
    {
        // Published: clocks go forward on 29 March 2026 at 01:00 UTC and back on 25 October 2026 at 01:00 UTC.
        yield 'put back' => ['2026-10-25T00:50:00Z', '2026-10-25 00:50:00', '2026-10-25T01:20:00Z', 1800];
        yield 'put forward' => ['2026-03-29T00:50:00Z', '2026-03-29 00:50:00', '2026-03-29T01:20:00Z', 1800];
        yield 'leap day' => ['2028-02-28T22:50:00Z', '2028-02-28 22:50:00', '2028-02-28T23:20:00Z', 1800];
        yield 'new year' => ['2026-12-31T22:50:00Z', '2026-12-31 22:50:00', '2026-12-31T23:20:00Z', 1800];
        yield 'a day in summer' => ['2026-07-01T10:00:00Z', '2026-07-01 10:00:00', '2026-07-01T10:30:00Z', 1800];
    }

    #[Test]
    #[DataProvider('nights')]
    public function a_load_takes_as_long_as_it_takes_whatever_the_clock_on_the_wall_does(
        string $begins,
        string $kept,
        string $ends,
        int $seconds,
    ): void {
        $batch = self::batchOf(self::polos());
        $piece = $batch->pieces()->orderBy('pieces.id')->firstOrFail();
        $tell = function (string $at, EventKind $kind, array $pieces) use ($batch): void {
            app(AppendEvent::class)->append(
                self::machine('M2'),
                $batch,
                new Event(
                    Str::uuid()->toString(),
                    $kind,
                    $batch->id,
                    FloorLog::run($batch)->load->number,
                    pieces: $pieces,
                ),
                'hand',
                at: CarbonImmutable::parse($at)->setTimezone(self::ZONE),
            );
        };
        // Told the morning after: a clock that is set for a test by the wall does not know which of two hours is meant.
        self::at(CarbonImmutable::parse($ends)->addHours(6)->toIso8601ZuluString());
        $tell($begins, EventKind::PreflightDone, []);
        $tell($begins, EventKind::LoadStarted, [$piece->id]);
        $last = FloorEvent::query()->orderByDesc('seq')->firstOrFail();
        self::assertSame($kept, DB::table('floor_events')->where('seq', $last->seq)->value('recorded_at'));
        self::assertTrue($last->recorded_at->equalTo(CarbonImmutable::parse($begins)));
        self::assertSame(self::ZONE, $last->recorded_at->getTimezone()->getName());
        self::assertSame(
            (float) $seconds,
            FloorLog::sewingS($batch, $last->load, CarbonImmutable::parse($ends)->setTimezone(self::ZONE)),
        );
    }

    #[Test]
    public function a_load_that_is_halted_after_the_clock_was_put_back_took_no_less_than_no_time(): void
    {
        $batch = self::batchOf(self::polos());
        $piece = $batch->pieces()->orderBy('pieces.id')->firstOrFail();
        $tell = static function (string $at, EventKind $kind, array $pieces = []) use ($batch): void {
            self::at($at);
            app(AppendEvent::class)->append(
                self::machine('M2'),
                $batch,
                new Event(Str::uuid()->toString(), $kind, $batch->id, FloorLog::run($batch)->load->number, pieces: $pieces),
                'hand',
            );
        };
        $tell('2026-07-01T09:50:00Z', EventKind::PreflightDone);
        $tell('2026-07-01T10:00:00Z', EventKind::LoadStarted, [$piece->id]);
        $tell('2026-07-01T09:30:00Z', EventKind::ThreadBroke);
        $tell('2026-07-01T09:40:00Z', EventKind::Resumed);
        $load = FloorLog::run($batch)->load->number;
        self::assertSame(300.0, FloorLog::sewingS($batch, $load, CarbonImmutable::parse('2026-07-01T09:45:00Z')));
    }

    #[Test]
    public function a_day_of_the_books_is_the_shop_s_day(): void
    {
        // Half past midnight in Berlin on the first of July is still the thirtieth of June in UTC.
        $event = DB::table('floor_events')->where('kind', 'piece_done')->orderByDesc('seq')->first();
        self::assertNotNull($event);
        DB::table('floor_events')->where('seq', $event->seq)->update(['recorded_at' => '2027-06-30 22:30:00']);
        $day = CarbonImmutable::parse('2027-07-01');
        self::assertSame(
            ['2027-07-01'],
            array_map(static fn($entry): string => $entry->day, LedgerBySql::between($day->subDays(3), $day->addDays(3))),
        );
        self::assertSame([], LedgerBySql::between($day->subDays(3), $day->subDay()));
    }

    #[Test]
    public function a_column_is_told_by_the_wall_over_the_change(): void
    {
        $local = static fn(string $utc): string => (string) DB::selectOne(
            'select '.
                ShopClock::localSql(
                    'm.at',
                    CarbonImmutable::parse('2026-01-01'),
                    CarbonImmutable::parse('2027-01-01'),
                ).
                ' as wall from (select cast(? as datetime) as at) m',
            [$utc],
        )->wall;
        foreach (
            [
                '2026-03-29 00:59:59',
                '2026-03-29 01:00:00',
                '2026-10-25 00:59:59',
                '2026-10-25 01:00:00',
                '2026-12-31 23:00:00',
            ] as $utc
        ) {
            self::assertSame(
                (new \DateTimeImmutable("{$utc} UTC"))->setTimezone(new \DateTimeZone(self::ZONE))->format('Y-m-d H:i:s'),
                $local($utc),
            );
        }
    }

    #[Test]
    public function what_is_typed_is_the_shop_s_time_and_comes_back_as_it_was_typed(): void
    {
        self::at('2026-10-20T10:00:00Z');
        $order = OrderFactory::new()->create(['due_at' => CarbonImmutable::parse('2026-10-30 16:00')]);
        self::assertSame('2026-10-30 15:00:00', DB::table('orders')->where('id', $order->id)->value('due_at'));
        self::assertSame('2026-10-30 16:00', Order::query()->findOrFail($order->id)->due_at->format('Y-m-d H:i'));
        self::assertTrue(
            Order::query()
                ->whereKey($order->id)
                ->where('due_at', '<=', CarbonImmutable::parse('2026-10-30T15:00:00Z'))
                ->where('due_at', '>=', CarbonImmutable::parse('2026-10-30T15:00:00Z'))
                ->exists(),
        );
    }

    #[Test]
    public function numbers_go_on_over_new_year(): void
    {
        self::at('2026-12-31T22:59:00Z');
        $last = OrderFactory::new()->create()->number;
        self::at('2026-12-31T23:01:00Z');
        self::assertSame($last + 1, OrderFactory::new()->create()->number);
    }

    #[Test]
    public function what_earlier_versions_kept_by_the_wall_clock_becomes_utc_and_the_hour_that_came_twice_is_told_apart(): void
    {
        DB::table('shops')->update(['zone' => self::ZONE]);
        $events = DB::table('floor_events')->orderByDesc('seq')->limit(6)->pluck('seq')->reverse()->values()->all();
        // As an earlier version wrote them in the night of the change: half past two twice.
        foreach (
            [
                '2026-10-25 01:40:00',
                '2026-10-25 02:10:00',
                '2026-10-25 02:50:00',
                '2026-10-25 02:05:00',
                '2026-10-25 02:30:00',
                '2026-10-25 03:10:00',
            ] as $i => $wall
        ) {
            DB::table('floor_events')->where('seq', $events[$i])->update(['recorded_at' => $wall]);
        }
        $order = DB::table('orders')->orderBy('id')->first();
        DB::table('orders')->where('id', $order->id ?? 0)->update(['due_at' => '2026-07-01 16:00:00']);
        $migration = require database_path('migrations/2026_12_06_000002_keep_moments_in_utc.php');
        $migration->up();

        self::assertSame(
            [
                '2026-10-24 23:40:00',
                '2026-10-25 00:10:00',
                '2026-10-25 00:50:00',
                '2026-10-25 01:05:00',
                '2026-10-25 01:30:00',
                '2026-10-25 02:10:00',
            ],
            DB::table('floor_events')->whereIn('seq', $events)->orderBy('seq')->pluck('recorded_at')->all(),
        );
        self::assertSame(
            '2026-07-01 14:00:00',
            DB::table('orders')->where('id', $order->id ?? 0)->value('due_at'),
            'two hours in summer',
        );
        self::assertSame('16:00', Moment::read('2026-07-01 14:00:00')->format('H:i'));
    }

    private static function at(string $moment): void
    {
        $now = CarbonImmutable::parse($moment)->utc();
        Carbon::setTestNow($now);
        CarbonImmutable::setTestNow($now);
    }
}
