<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Hakama\Floor\SpoilCause;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
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
        $shown = strip_tags((string) $this->get('/floor/shift')->assertOk()->getContent());
        $page = preg_replace('/\s+/', ' ', $shown) ?? '';
        self::assertStringContainsString("{$batch->code} ", $page);
        self::assertStringContainsString('5 / 16', $page, 'five of sixteen are done');
        $next = self::board()->timetable()->on('M1')[1];
        self::assertStringContainsString("{$next->batch->id} from", $page);
        $late = array_values(self::board()->late())[0];
        self::assertMatchesRegularExpression("/{$late->batch->id} [^.]*due [^.]*ends [^.]*late/", $page);
        self::assertStringNotContainsString('3 times', $page);

        // On a machine that has told nothing yet today.
        $log = DB::table('floor_events');
        $tell = static fn(string $kind, string $who, array $with = []): bool => $log->insert($with + [
            'event_id' => (string) Str::uuid(), 'kind' => $kind, 'machine_id' => self::machine('M2')->id,
            'batch_id' => $batch->id, 'order_id' => $order->id, 'pieces' => '[]', 'source' => 'hand', 'who' => $who,
            'recorded_at' => CarbonImmutable::now()->subMinutes(5),
        ]);
        foreach (['Odo', 'Maren', 'Odo'] as $who) {
            $tell(EventKind::ThreadBroke->value, $who);
        }
        $tell(EventKind::HandStop->value, 'Odo', ['reason' => 'foam laid, the path was clean']);
        $tell(EventKind::PieceSpoiled->value, 'Maren', ['piece_count' => 2, 'cause' => SpoilCause::Puckering->value]);
        $tell(EventKind::SpoilWithdrawn->value, 'Odo', ['piece_count' => 1, 'cause' => SpoilCause::Puckering->value]);
        $tell(EventKind::Stopped->value, '', [
            'reason' => 'of last month', 'recorded_at' => CarbonImmutable::now()->subDays(30),
        ]);
        ChangeLog::note(Change::RULE, 'load_min', 'raised', ['load_min' => 3], ['load_min' => 4]);
        self::outdate();
        $this->get('/floor/shift')
            ->assertSeeText("M2, {$batch->code}: thread break, 3 times (Maren, Odo)")
            ->assertSeeText("M2, {$batch->code}: 1 piece spoiled, puckered (Maren)")
            ->assertDontSeeText('stop for handwork')
            ->assertSeeText('“foam laid, the path was clean”')
            ->assertSee(__('rules.load_min.label'))
            ->assertDontSeeText('load_min')
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
