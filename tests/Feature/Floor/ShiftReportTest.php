<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What one shift tells the next: it says what is on the log, the plan and the calendar, and nothing else. */
final class ShiftReportTest extends FeatureTestCase
{
    #[Test]
    public function it_says_what_runs_what_is_hooped_what_is_due_and_what_went_wrong(): void
    {
        $order = self::running('M1');
        $batch = self::batchOf($order);
        $page = preg_replace('/\s+/', ' ', strip_tags((string) $this->get('/floor/shift')->assertOk()->getContent())) ?? '';
        self::assertStringContainsString("{$batch->code} ", $page);
        self::assertStringContainsString('5 / 16', $page, 'five of sixteen are done');
        $next = self::board()->timetable()->on('M1')[1];
        self::assertStringContainsString("{$next->batch->id} from", $page);
        $late = array_values(self::board()->late())[0];
        self::assertMatchesRegularExpression("/{$late->batch->id} [^.]*due [^.]*ends [^.]*late/", $page);
        self::assertStringNotContainsString('3 times', $page);

        DB::table('floor_events')->insert(array_map(static fn(int $i): array => [
            'event_id' => "00000000-0000-4000-8000-00000000000{$i}",
            'kind' => EventKind::HandStop->value,
            'machine_id' => self::machine('M1')->id,
            'batch_id' => $batch->id,
            'order_id' => $order->id,
            'pieces' => '[]',
            'source' => 'hand',
            'who' => ['Maren', 'Odo', 'Odo'][$i],
            'reason' => $i === 0 ? 'tension looked at, the path was clean' : '',
            'recorded_at' => CarbonImmutable::now()->subMinutes([5, 20, 30][$i]),
        ], range(0, 2)));
        DB::table('floor_events')->insert([
            'event_id' => '00000000-0000-4000-8000-000000000009', 'kind' => EventKind::Stopped->value,
            'machine_id' => self::machine('M2')->id, 'batch_id' => $batch->id, 'order_id' => $order->id,
            'pieces' => '[]', 'source' => 'hand', 'who' => 'Odo', 'reason' => 'of last month',
            'recorded_at' => CarbonImmutable::now()->subDays(30),
        ]);
        self::outdate();
        $this->get('/floor/shift')
            ->assertSeeText("M1, {$batch->code}: stop for handwork, 3 times (Maren, Odo)")
            ->assertSeeText('“tension looked at, the path was clean”')
            ->assertDontSeeText('of last month');
    }

    #[Test]
    public function an_empty_evening_says_so_and_it_asks_no_more_often_for_more(): void
    {
        $queries = 0;
        DB::listen(static function () use (&$queries): void {
            $queries++;
        });
        $this->get('/floor/board')->assertOk()->assertSee('/floor/shift');
        $queries = 0;
        $this->get('/floor/shift')->assertOk();
        self::assertLessThanOrEqual(13, $queries);
    }
}
