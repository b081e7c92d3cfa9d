<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Floor\Actions\AppendEvent;
use App\Floor\Actions\RecountFloor;
use App\Floor\Log\FloorLog;
use App\Floor\Models\BatchProgress;
use App\Floor\Models\FloorEvent;
use App\Floor\Queries\WorkList;
use App\Machine\Models\Machine;
use App\Needles\Models\Needle;
use App\Needles\Models\NeedleFitting;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Setup\Models\Setup;
use App\Setup\Queries\MachineSetups;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Hakama\Floor\EventKind;
use Hakama\Floor\Stage;
use Hakama\Garment\Position;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class FloorTest extends FeatureTestCase
{
    #[Test]
    public function where_a_design_was_sewn_is_kept_with_its_frame_and_machine(): void
    {
        $batch = self::batchOf(self::polos());
        $done = fn(array $with) => $this->from('/floor/M2')->post('/floor/M2/events', [
            'id' => Str::uuid()->toString(),
            'kind' => 'preflight_done',
            'batch' => $batch->code,
            'checked' =>
                app(\App\Floor\Queries\Stations::class)->at(
                    self::machine('M2')->load(['rack.thread', 'frame']),
                    self::board(),
                )->running?->work->wanted() ?? [],
            'who' => 'Odo',
            ...$with,
        ]);
        $done(['origin_x' => '12.5'])->assertSessionHasErrors('origin_y');
        $done(['origin_x' => 'left', 'origin_y' => '1'])->assertSessionHasErrors('origin_x');
        app()->forgetScopedInstances();
        $done(['origin_x' => '12.5', 'origin_y' => '-4'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->get('/floor/M2')
            ->assertSee('Sewn here in this frame at X 12.5, Y -4.0 (Odo')
            ->assertDontSee('The frame was off since');
        // Another batch is set up there: the place is known, and has to be traced again.
        $this->travel(5)->minutes();
        app(AppendEvent::class)->append(
            self::machine('M2'),
            self::batchOf(self::aprons()),
            new \Hakama\Floor\Event(
                Str::uuid()->toString(),
                EventKind::PreflightDone,
                self::batchOf(self::aprons())->id,
                1,
            ),
            'hand',
        );
        app()->forgetScopedInstances();
        $origin = \App\Floor\Queries\FoundOrigin::of(
            app(\App\Floor\Queries\Stations::class)->running(
                self::board()->batches()[$batch->code],
                \App\Floor\Queries\Pulse::of(self::machine('M2')),
                self::machine('M2'),
            ),
            self::machine('M2'),
        );
        self::assertStringContainsString('The frame was off since', (string) $origin?->words());
    }

    #[Test]
    public function a_break_says_where_at_which_needle_and_after_three_what_to_look_at(): void
    {
        $batch = self::batchOf(self::polos());
        $machine = self::machine('M2');
        $own = $batch->decoration->artwork?->blocks()->with('thread')->firstOrFail();
        $needle =
            $machine->rack()->where('thread_id', $own?->thread_id)->value('number') ??
            tap(
                7,
                static fn(int $seven) => $machine
                    ->rack()
                    ->where('number', $seven)
                    ->update(['thread_id' => $own?->thread_id]),
            );
        // A new needle starts its count anew, whatever broke before.
        NeedleFitting::record(
            $machine,
            [$needle => \Hakama\Machine\NeedleType::forThread(40)],
            Str::uuid()->toString(),
            'Odo',
        );
        $piece = (int) $batch->pieces()->value('pieces.id');
        $tell = static fn(EventKind $kind, array $pieces = [], int $stitch = 0) => self::tell(
            'M2',
            $batch,
            $kind,
            $pieces,
            $stitch,
        );
        $tell(EventKind::PreflightDone);
        $tell(EventKind::LoadStarted, [$piece]);
        for ($time = 1; $time <= 3; $time++) {
            $tell(EventKind::ThreadBroke, [], 40);
            app()->forgetScopedInstances();
            $page = $this->get('/floor/M2')
                ->assertOk()
                ->assertSee("needle {$needle}")
                ->assertSee('to about 34, then go on');
            $time < 3
                ? $page->assertDontSee('Look at the needle')
                : $page->assertSee('Break 3 at needle')->assertSee('Check the needle: bent');
            $tell(EventKind::Resumed);
        }
        self::assertSame(
            [$needle],
            FloorEvent::query()
                ->where('batch_id', $batch->id)
                ->where('kind', 'thread_broke')
                ->distinct()
                ->pluck('needle')
                ->all(),
        );
    }

    #[Test]
    public function a_batch_is_sewn_from_preflight_to_counted_pieces(): void
    {
        $batch = self::batchOf(self::polos());
        $this->touch('M2', $batch->code, 'preflight_done', [
            'checked' => self::work($batch)->wanted(),
            'who' => 'Odo',
        ]);
        $this->touch('M2', $batch->code, 'load_started');
        self::assertSame(
            1,
            DB::table('pieces')->where('decoration_id', $batch->decoration_id)->where('state', 'sewing')->count(),
        );
        $load = (string) FloorLog::run($batch)->load->event;
        $this->report('M2', $load, 'position', 700, 60.5)->assertOk();
        $this->get('/floor/M2/pulse')->assertJson(['stitch' => 700, 'load' => $load]);
        $this->get('/floor/M2')->assertSee('Sewing load 1')->assertSee('data-sewn="700"', false);
        $this->report('M2', $load, 'sewn', 2288, 240)->assertOk();
        $this->get('/floor/M2')->assertSee('Load 1 is sewn')->assertSee('Done: count this piece');
        $this->touch('M2', $batch->code, 'piece_done');

        self::assertSame(
            1,
            DB::table('pieces')->where('decoration_id', $batch->decoration_id)->where('state', 'done')->count(),
        );
        $this->get('/orders')->assertSee('1 / 12');
        self::assertSame('R-9', self::machine('M2')->load('frame')->frame?->code);
    }

    #[Test]
    public function a_machine_without_a_controller_is_sewn_by_touch_in_the_time_that_went_by(): void
    {
        Machine::query()
            ->where('code', 'M2')
            ->update(['paired_at' => null]);
        $batch = self::batchOf(self::polos());
        $this->touch('M2', $batch->code, 'preflight_done', ['checked' => self::work($batch)->wanted(), 'who' => 'Odo']);
        $this->touch('M2', $batch->code, 'load_started');
        $this->get('/floor/M2')->assertSee('Sewn');
        $this->travel(200)->seconds();
        $this->touch('M2', $batch->code, 'thread_broke');
        $this->travel(90)->seconds();
        $this->touch('M2', $batch->code, 'resumed');
        $this->travel(100)->seconds();
        $this->touch('M2', $batch->code, 'sewn');
        $sewn = FloorEvent::query()->where('kind', 'sewn')->orderByDesc('seq')->firstOrFail();
        // 200 s and 100 s; the break of 90 s between them is no sewing.
        self::assertSame([300.0, 2288], [$sewn->clock_s, $sewn->stitch]);
    }

    #[Test]
    public function what_was_counted_by_mistake_is_put_right_beside_it_and_the_books_follow(): void
    {
        $batch = self::batchOf(self::polos());
        $this->touch('M2', $batch->code, 'preflight_done', ['checked' => self::work($batch)->wanted(), 'who' => 'Odo']);
        $this->touch('M2', $batch->code, 'load_started');
        $this->report('M2', (string) FloorLog::run($batch)->load->event, 'sewn', 2288, 240);
        $this->touch('M2', $batch->code, 'piece_done');
        $done = FloorEvent::query()->where('kind', 'piece_done')->orderByDesc('seq')->firstOrFail();
        $books = static fn(): string => (string) app('db')
            ->table('pieces')
            ->where('decoration_id', $batch->decoration_id)
            ->where('state', 'done')
            ->count();
        self::assertSame('1', $books());
        $today = $this->pieces();

        $right = [
            'id' => Str::uuid()->toString(),
            'kind' => 'piece_returned',
            'of' => "{$done->seq}:{$done->pieces[0]}",
        ];
        $this->post('/floor/M2/corrections', $right)->assertSessionHasErrors('reason');
        $this->post('/floor/M2/corrections', [
            ...$right,
            'reason' => 'Counted before it was looked at',
        ])->assertSessionHas('done');
        self::assertSame('0', $books());
        self::assertSame($today - 1, $this->pieces());
        // The same touch again changes nothing, nor does another one for what is put right already.
        $this->post('/floor/M2/corrections', [
            ...$right,
            'reason' => 'Counted before it was looked at',
        ])->assertSessionHas('done');
        $this->post('/floor/M2/corrections', [
            ...$right,
            'id' => Str::uuid()->toString(),
            'reason' => 'Again',
        ])->assertSessionHasErrors('of');
        self::assertSame($today - 1, $this->pieces());
        self::assertSame('piece_done', FloorEvent::query()->findOrFail($done->seq)->kind->value);
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
        self::assertSame(Stage::Ready, FloorLog::run($batch)->stage);
    }

    #[Test]
    public function what_was_not_spoiled_is_not_in_the_books_any_more(): void
    {
        $batch = self::batchOf(self::polos());
        $this->touch('M2', $batch->code, 'preflight_done', ['checked' => self::work($batch)->wanted(), 'who' => 'Odo']);
        $this->touch('M2', $batch->code, 'load_started');
        $this->touch('M2', $batch->code, 'piece_spoiled', [
            'cause' => 'puckering',
            'piece' => FloorLog::run($batch)->onFrame[0],
        ]);
        $spoiled = FloorEvent::query()->where('kind', 'piece_spoiled')->orderByDesc('seq')->firstOrFail();
        $of = static fn(): int => array_sum(
            array_map(
                static fn(Entry $entry): int => $entry->spoiledPieces(),
                LedgerBySql::between(CarbonImmutable::today(), CarbonImmutable::today()),
            ),
        );
        $before = $of();
        $this->get('/floor/M2/corrections')->assertOk()->assertSee('spoiled at');
        $this->post('/floor/M2/corrections', [
            'id' => Str::uuid()->toString(),
            'kind' => 'spoil_withdrawn',
            'of' => "{$spoiled->seq}:{$spoiled->pieces[0]}",
            'reason' => 'Steamed out',
        ])->assertSessionHas('done');
        self::assertSame($before - 1, $of());
        $this->get('/floor/M2/corrections')->assertDontSee("value=\"{$spoiled->seq}:", false);
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
    }

    #[Test]
    public function a_touch_told_later_has_its_own_time_but_none_that_cannot_be(): void
    {
        $batch = self::batchOf(self::polos());
        $this->touch('M2', $batch->code, 'preflight_done', ['checked' => self::work($batch)->wanted(), 'who' => 'Odo']);
        $preflight = now();
        $this->travel(2)->hours();
        $last = static fn(): string => FloorEvent::query()
            ->orderByDesc('seq')
            ->firstOrFail()
            ->recorded_at->toDateTimeString();
        $this->touch('M2', $batch->code, 'load_started', ['at' => now()->subHour()->toIso8601String()]);
        self::assertSame(now()->subHour()->toDateTimeString(), $last());
        // Before what came before it, or after now: as near as can be.
        $this->touch('M2', $batch->code, 'stopped', ['at' => $preflight->subDay()->toIso8601String()]);
        self::assertSame(now()->subHour()->toDateTimeString(), $last());
        $this->touch('M2', $batch->code, 'resumed', ['at' => now()->addDay()->toIso8601String()]);
        self::assertSame(now()->toDateTimeString(), $last());
        $this->post('/floor/M2/events', [
            'id' => Str::uuid()->toString(),
            'kind' => 'stopped',
            'batch' => $batch->code,
            'at' => 'yesterday-ish',
        ])->assertSessionHasErrors('at');
    }

    #[Test]
    public function a_machine_that_could_not_speak_says_later_when_it_was(): void
    {
        $batch = self::batchOf(self::polos());
        $this->touch('M2', $batch->code, 'preflight_done', ['checked' => self::work($batch)->wanted(), 'who' => 'Odo']);
        $this->touch('M2', $batch->code, 'load_started');
        $this->travel(30)->minutes();
        $report = [
            'id' => Str::uuid()->toString(),
            'load' => (string) FloorLog::run($batch)->load->event,
            'kind' => 'sewn',
            'stitch' => 2288,
            'clock_s' => 240,
        ];
        $this->postJson('/machines/reports', [...$report, 'at' => 'some time ago'], self::bearer('M2'))->assertStatus(
            422,
        );
        $this->postJson(
            '/machines/reports',
            [...$report, 'at' => now()->subMinutes(20)->toIso8601String()],
            self::bearer('M2'),
        )->assertOk();
        self::assertSame(
            now()->subMinutes(20)->toDateTimeString(),
            FloorEvent::query()
                ->where('kind', 'sewn')
                ->orderByDesc('seq')
                ->firstOrFail()
                ->recorded_at->toDateTimeString(),
        );
    }

    private function pieces(): int
    {
        return array_sum(
            array_map(
                static fn(Entry $entry): int => $entry->done,
                LedgerBySql::between(CarbonImmutable::today(), CarbonImmutable::today()),
            ),
        );
    }

    #[Test]
    public function a_long_batch_costs_no_more_a_report_than_a_short_one(): void
    {
        $batch = self::batchOf(self::running('M1'));
        $load = (string) FloorLog::run($batch)->load->event;
        $cost = function () use ($load): array {
            app()->forgetScopedInstances();
            $read = 0;
            Event::listen('eloquent.retrieved: '.FloorEvent::class, static function () use (&$read): void {
                $read++;
            });
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->report('M1', $load, 'position', 100, 10)->assertOk();
            Event::forget('eloquent.retrieved: '.FloorEvent::class);

            return [count(DB::getQueryLog()), $read];
        };
        $short = $cost();
        $first = FloorEvent::query()->where('batch_id', $batch->id)->orderBy('seq')->firstOrFail();
        // Two hundred breaks and goings on before the load that runs now.
        FloorEvent::query()->insert(
            array_map(
                static fn(int $i): array => [
                    ...$first->getAttributes(),
                    'seq' => null,
                    'event_id' => (string) Str::uuid(),
                    'kind' => $i % 2 === 0 ? 'thread_broke' : 'resumed',
                ],
                range(0, 399),
            ),
        );

        self::assertSame($short, $cost());
        self::assertLessThanOrEqual(1, $short[1], 'only the last event of the machine is read');
    }

    #[Test]
    public function what_is_kept_of_a_run_is_what_its_events_come_to_and_is_put_right_where_it_is_not(): void
    {
        $batch = self::batchOf(self::running('M1'));
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
        $kept = BatchProgress::query()->findOrFail($batch->id);
        $good = FloorLog::run($batch);
        $kept->update(['done' => 99, 'on_frame' => []]);
        Piece::query()
            ->where('decoration_id', $batch->decoration_id)
            ->where('state', 'sewing')
            ->update(['state' => 'done']);
        Needle::query()
            ->where('machine_id', self::machine('M1')->id)
            ->where('number', 1)
            ->update(['size' => '90/14']);

        // The run, the piece on its head, and not the needle, which nobody has fitted since the shop began.
        self::assertSame(2, app(RecountFloor::class)->all()->wrong);
        self::assertTrue($good->equals(FloorLog::run($batch)));
        BatchProgress::query()->delete();
        self::assertTrue($good->equals(FloorLog::run($batch)), 'an earlier version has kept nothing');
        $this->artisan('floor:recount')->expectsOutputToContain('were kept otherwise');
        $this->artisan('floor:recount')->expectsOutputToContain('all were kept right');
    }

    #[Test]
    public function confirming_the_list_says_which_needles_are_fitted(): void
    {
        $batch = self::batchOf(self::polos());
        $this->touch('M2', $batch->code, 'preflight_done', [
            'checked' => self::work($batch)->wanted(),
            'who' => 'Odo',
        ]);
        $setup = Setup::query()->findOrFail($batch->decoration_id);
        $fitted = NeedleFitting::query()->where('machine_id', self::machine('M2')->id)->get();
        self::assertSame(
            ["{$setup->needle_size} {$setup->needle_point}"],
            $fitted
                ->map(static fn(NeedleFitting $one): string => "{$one->size} {$one->point}")
                ->unique()
                ->values()
                ->all(),
        );
        foreach ($fitted as $one) {
            $needle = Needle::query()->where('machine_id', $one->machine_id)->where('number', $one->number)->sole();
            self::assertSame([$one->size, $one->point], [$needle->size, $needle->point]);
        }
        $used = self::machine('M2')
            ->load('rack.thread')
            ->rack->filter(
                static fn(Needle $needle): bool => in_array(
                    $needle->thread?->code,
                    $batch
                        ->load('decoration.artwork.blocks.thread')
                        ->decoration->artwork?->blocks->pluck('thread.code')
                        ->all() ?? [],
                    true,
                ),
            );
        self::assertEqualsCanonicalizing($used->pluck('number')->all(), $fitted->pluck('number')->all());
    }

    #[Test]
    public function the_machine_does_not_sew_before_every_line_of_the_list_is_confirmed(): void
    {
        $batch = self::batchOf(self::polos());
        $this->touch('M2', $batch->code, 'preflight_done', [
            'checked' => array_diff(self::work($batch)->wanted(), ['needle_one']),
            'who' => 'Odo',
        ])->assertSessionHasErrors('checked');
        $this->touch('M2', $batch->code, 'preflight_done', [
            'checked' => self::work($batch)->wanted(),
        ])->assertSessionHasErrors(['who' => 'Choose who confirms it.']);
        $this->touch('M2', $batch->code, 'preflight_done', [
            'checked' => self::work($batch)->wanted(),
            'who' => 'a stranger',
        ])->assertSessionHasErrors('who');
        $this->touch('M2', $batch->code, 'load_started')->assertSessionHas(
            'problem',
            static fn(string $text): bool => str_contains($text, 'preflight list is still open'),
        );
        self::assertSame(0, FloorEvent::query()->where('batch_id', $batch->id)->count());
    }

    #[Test]
    public function a_machine_that_breaks_its_thread_is_halted_until_a_hand_says_go_on(): void
    {
        $batch = self::batchOf(self::running('M1'));
        $load = (string) FloorLog::run($batch)->load->event;
        $this->instruction('M1')->assertJson(['command' => 'sew', 'load' => $load, 'heads' => 1, 'speed_spm' => 650]);
        $this->report('M1', $load, 'thread_broke', 1234, 99)->assertOk();
        $this->instruction('M1')->assertJson(['command' => 'hold', 'stitch' => 1234]);
        $this->get('/floor/M1')
            ->assertSee('has stopped and needs you')
            ->assertSee('Stopped at stitch')
            ->assertSee('return to last position');
        $this->touch('M1', $batch->code, 'resumed');
        $this->instruction('M1')->assertJson(['command' => 'sew']);
    }

    #[Test]
    public function a_machine_that_was_switched_off_takes_up_where_it_last_said_it_was(): void
    {
        $load = (string) FloorLog::run(self::batchOf(self::running('M1')))->load->event;
        $this->report('M1', $load, 'position', 2500, 210.5)->assertOk();
        $this->instruction('M1')->assertJson(['command' => 'sew', 'stitch' => 2500, 'clock_s' => 210.5]);
        // What was said of another load says nothing of this one.
        DB::table('machine_readings')->update(['load_event' => Str::uuid()->toString()]);
        $this->instruction('M1')->assertJson(['stitch' => 0]);
    }

    #[Test]
    public function a_report_past_the_end_of_the_tape_one_that_was_overtaken_and_an_id_used_twice_change_nothing(): void
    {
        $batch = self::batchOf(self::running('M1'))->load('decoration.artwork');
        $load = (string) FloorLog::run($batch)->load->event;
        $last = (int) $batch->decoration->artwork?->stitches;
        $this->report('M1', $load, 'sewn', $last + 1, 500)
            ->assertStatus(422)
            ->assertJsonValidationErrors(['stitch' => "The file ends at stitch {$last}."]);
        $this->report('M1', $load, 'sewn', 10_000_000, 500)->assertStatus(422);
        self::assertSame(Stage::Sewing, FloorLog::run($batch)->stage);

        $this->report('M1', $load, 'position', 900, 80.0)->assertOk();
        $this->report('M1', $load, 'position', 700, 60.0)->assertOk();
        self::assertSame(900, DB::table('machine_readings')->where('load_event', $load)->value('stitch'));

        $id = Str::uuid()->toString();
        $this->report('M1', $load, 'thread_broke', 1000, 90.0, $id)->assertOk();
        $this->report('M1', $load, 'thread_broke', 1001, 90.0, $id)->assertStatus(409);
        $this->report('M1', $load, 'sewn', 1000, 90.0, $id)
            ->assertStatus(409)
            ->assertJson(['message' => 'Another event has that id.']);
        self::assertSame(Stage::Halted, FloorLog::run($batch)->stage);
    }

    #[Test]
    public function the_same_event_sent_twice_counts_once_by_hand_and_by_machine(): void
    {
        $batch = self::batchOf(self::running('M1'));
        $load = (string) FloorLog::run($batch)->load->event;
        $id = Str::uuid()->toString();
        $this->report('M1', $load, 'sewn', 5399, 500, $id)->assertJson(['recorded' => true]);
        $this->report('M1', $load, 'sewn', 5399, 500, $id)->assertJson(['recorded' => true, 'again' => true]);
        $done = Str::uuid()->toString();
        $this->touch('M1', $batch->code, 'piece_done', id: $done);
        $this->touch('M1', $batch->code, 'piece_done', id: $done);

        self::assertSame(
            [1, 1],
            [
                FloorEvent::query()->where('event_id', $id)->count(),
                FloorEvent::query()->where('event_id', $done)->count(),
            ],
        );
        self::assertSame(
            6,
            DB::table('pieces')->where('decoration_id', $batch->decoration_id)->where('state', 'done')->count(),
        );
    }

    #[Test]
    public function a_spoiled_piece_has_a_cause_and_is_sewn_again(): void
    {
        $batch = self::batchOf(self::running('M1'));
        $this->touch('M1', $batch->code, 'piece_spoiled')->assertSessionHasErrors('cause');
        $this->touch('M1', $batch->code, 'piece_spoiled', ['cause' => 'frame_struck']);
        $run = FloorLog::run($batch);

        self::assertSame([Stage::Ready, 11], [$run->stage, $run->waiting()]);
        $this->get('/floor/M1')->assertSee('1 spoiled');
        $this->get('/books')->assertSee('frame struck');
    }

    #[Test]
    public function a_touch_meant_for_another_batch_records_nothing(): void
    {
        $this->touch('M1', 'B-999', 'stopped')->assertSessionHas('problem');
        $this->touch('M1', self::batchOf(self::running('M1'))->code, 'dance')->assertSessionHasErrors('kind');
        self::assertSame(Stage::Sewing, FloorLog::run(self::batchOf(self::running('M1')))->stage);
    }

    #[Test]
    public function only_a_machine_with_its_token_is_let_in_and_an_old_load_is_refused(): void
    {
        $this->getJson('/machines/instruction')->assertUnauthorized();
        $this->getJson('/machines/instruction', ['Authorization' => 'Bearer guess'])->assertUnauthorized();
        $this->report('M1', Str::uuid()->toString(), 'sewn', 1, 1)->assertStatus(409);
        $this->report(
            'M1',
            (string) FloorLog::run(self::batchOf(self::running('M1')))->load->event,
            'exploded',
            1,
            1,
        )->assertUnprocessable();
        $this->report('M2', Str::uuid()->toString(), 'position', 1, 1)->assertStatus(409);
        $this->instruction('M2')->assertJson(['command' => 'idle']);
    }

    #[Test]
    public function a_machine_gets_the_very_tape_that_was_taken_in(): void
    {
        $tape = $this->get('/machines/tape', self::bearer('M1'))->assertOk()->streamedContent();

        self::assertSame($this->instruction('M1')->json('tape'), hash('sha256', $tape));
    }

    #[Test]
    public function events_are_never_changed_or_deleted(): void
    {
        $event = FloorEvent::query()->firstOrFail();
        foreach ([static fn() => $event->update(['stitch' => 1]), static fn() => $event->delete()] as $try) {
            try {
                $try();
                self::fail('it was changed');
            } catch (\LogicException $e) {
                self::assertSame('an event of the floor is never changed', $e->getMessage());
            }
        }
    }

    #[Test]
    public function the_counts_worked_out_from_the_events_are_the_counts_kept(): void
    {
        $kept = DB::table('pieces')->orderBy('id')->pluck('state', 'id')->all();
        DB::table('pieces')->update(['state' => 'waiting']);
        $this->artisan('floor:recount')->assertSuccessful();

        self::assertSame($kept, DB::table('pieces')->orderBy('id')->pluck('state', 'id')->all());
        self::assertContains('done', $kept);
        self::assertContains('sewing', $kept);
    }

    #[Test]
    public function the_books_come_from_the_events_and_the_csv_says_the_same(): void
    {
        $this->get('/books')->assertOk()->assertSee('pieces done today')->assertSee('lost registration');
        $rows = array_map(
            static fn(string $line): array => str_getcsv($line, escape: ''),
            explode("\n", trim($this->get('/books.csv?from=2026-02-20&to=2026-03-04')->streamedContent())),
        );
        self::assertSame("\u{FEFF}day", $rows[0][0], 'marked as UTF-8 for spreadsheet programs');
        $done = array_sum(array_column(array_slice($rows, 1), 4));
        self::assertSame(DB::table('pieces')->where('state', 'done')->count(), $done);
        $spoiled = array_sum(array_column(array_slice($rows, 1), 5));
        self::assertSame(FloorEvent::query()->where('kind', 'piece_spoiled')->count(), $spoiled);
        $this->get('/books?from=yesterday')->assertSessionHasErrors('from');
        $this->get('/books?from=2026-03-04&to=2026-03-01')->assertSessionHasErrors('to');
    }

    #[Test]
    public function a_load_spoiled_half_way_is_booked_with_the_stitches_it_took(): void
    {
        $batch = self::batchOf(self::running('M1'));
        $booked = fn(): int => array_sum(
            array_map(
                static fn($entry): int => $entry->stitches,
                LedgerBySql::between(now()->toImmutable(), now()->toImmutable()),
            ),
        );
        $before = $booked();
        $this->report('M1', (string) FloorLog::run($batch)->load->event, 'position', 2000, 180);
        $this->touch('M1', $batch->code, 'piece_spoiled', ['cause' => 'cloth_cut']);

        self::assertSame($before + 2000, $booked());
    }

    #[Test]
    public function no_more_is_hooped_than_there_are_free_frames(): void
    {
        $batch = self::batchOf(self::running('M1'));
        $frame = $batch->load('decoration.setup.frame')->decoration->setup?->frame;
        self::assertNotNull($frame);
        $frame->update(['count' => $frame->count - FloorLog::freeFrames()[$frame->code] + 1]);
        self::assertSame(1, FloorLog::freeFrames()[$frame->code]);
        $waiting = $batch->pieces()->where('state', 'waiting')->orderBy('pieces.id')->pluck('pieces.id')->all();
        $waiting = array_values(array_diff($waiting, FloorLog::run($batch)->hooped));

        $this->touch('M1', $batch->code, 'piece_hooped', ['piece' => $waiting[0]])->assertSessionHasNoErrors();
        $this->touch('M1', $batch->code, 'piece_hooped', ['piece' => $waiting[1]])->assertSessionHasErrors('piece');

        self::assertSame(0, FloorLog::freeFrames()[$frame->code]);
        self::assertNotContains($waiting[1], FloorLog::run($batch)->hooped);
    }

    #[Test]
    public function the_needles_that_were_set_are_known_to_the_next_batch(): void
    {
        $batch = self::batchOf(self::polos());
        $machine = Machine::query()->findOrFail($batch->machine_id);
        $machine->update(['program' => null]);
        app()->forgetScopedInstances();
        $order = implode('-', self::board()->timetable()->find($batch->code)->changes->cones->order ?? []);
        $this->get("/floor/cards/{$batch->code}")
            ->assertOk()
            ->assertSee("Set needles {$order}: it is not known what the machine has.");
        $this->touch($machine->code, $batch->code, 'preflight_done', [
            'checked' => self::work($batch)->wanted(),
            'who' => 'Ilse',
        ])->assertSessionHasNoErrors();
        self::assertSame($batch->code, $machine->refresh()->needleProgram()?->batch);
        app()->forgetScopedInstances();
        $next = self::board()->timetable()->on($machine->code)[1];
        $this->get("/needles/cards/{$next->batch->id}")
            ->assertOk()
            ->assertSee(implode('-', $next->changes->cones->order));
        // Whoever changed the rack in between finds another needle for it.
        $machine->update(['program' => ['batch' => 'B-77', 'order' => [15]]]);
        app()->forgetScopedInstances();
        $this->get("/floor/cards/{$batch->code}")->assertSee('B-77 left needles 15 set; this one needs');
    }

    #[Test]
    public function a_load_does_not_start_with_a_thread_that_the_rack_does_not_hold(): void
    {
        $batch = self::batchOf(self::polos());
        $machine = Machine::query()->findOrFail($batch->machine_id);
        $thread = $batch->load('decoration.artwork.blocks')->decoration->artwork?->blocks[0]->thread_id;
        $this->touch($machine->code, $batch->code, 'preflight_done', [
            'checked' => self::work($batch)->wanted(),
            'who' => 'Ilse',
        ])->assertSessionHasNoErrors();
        \App\Needles\Models\Needle::query()
            ->where('machine_id', $machine->id)
            ->where('thread_id', $thread)
            ->update([
                'thread_id' => null,
            ]);

        $this->touch($machine->code, $batch->code, 'load_started')->assertSessionHasErrors('kind');
        self::assertSame(0, FloorLog::run($batch)->load->number);
    }

    #[Test]
    public function a_driver_is_changed_by_its_own_list_each_line_by_hand_and_its_minutes_are_the_machines_own(): void
    {
        $batch = self::batchOf(self::polos());
        self::machine('M2')->update(['driver' => 'cap', 'driver_min' => null]);
        $this->get('/floor/M2')
            ->assertSee('Change driver: cap to flat')
            ->assertSee('Power off, and wait until nothing moves')
            ->assertSee('Push the screws fully back')
            ->assertSee('slide the carriage all the way left and right');
        $rest = self::work($batch)->wanted();
        $list = [
            'driver_power_off',
            'driver_off',
            'driver_plate',
            'driver_on',
            'driver_screws',
            'driver_slide',
            'driver_shown',
            'driver_foot',
        ];
        $confirm = fn(array $checked, string $minutes = ''): \Illuminate\Testing\TestResponse => $this->touch(
            'M2',
            $batch->code,
            'preflight_done',
            ['checked' => $checked, 'who' => 'Ilse', 'driver_min' => $minutes],
        );
        $confirm($rest)->assertSessionHasErrors('checked');
        $confirm([...array_slice($list, 1), ...$rest])->assertSessionHasErrors('checked');
        $confirm([...$list, ...$rest], 'long')->assertSessionHasErrors('driver_min');
        self::assertSame('cap', self::machine('M2')->refresh()->driver);

        $confirm([...$list, ...$rest], '14')->assertSessionHasNoErrors();

        self::assertSame('flat', self::machine('M2')->refresh()->driver);
        self::assertSame(['cap>flat' => 14 * 60], self::machine('M2')->driverS(), 'the plan counts its own time now');
        self::assertSame(
            ['Ilse'],
            DB::table('step_confirmations')->where('code', 'driver_slide')->distinct()->pluck('who')->all(),
        );
        $this->get('/floor/M2')->assertDontSee('Change the driver');
    }

    #[Test]
    public function a_bobbin_that_would_run_dry_under_a_cap_is_changed_before_it_is_mounted(): void
    {
        $batch = self::batchOf(self::running('M1'));
        $load = (string) FloorLog::run($batch)->load->event;
        $artwork = $batch->load('decoration.artwork.blocks')->decoration->artwork;
        self::assertNotNull($artwork);
        // 0.6 mm of each sewn one and 0.2 a stitch, with a tenth of waste as the house has it.
        $factors = app(\App\Shop\House::class)->rules()->threadUse();
        $each = $artwork->blocks->sum(static fn($block): float => $block->threadUse($factors)->bobbinM);
        self::machine('M1')->update(['bobbin_used_m' => 90 - 1.5 * $each]);
        $this->get('/floor/M1')->assertSee('The bobbin lasts one piece');

        $this->report('M1', $load, 'sewn', $artwork->stitches, 600);
        // Kept to a tenth of a millimetre.
        self::assertEqualsWithDelta(90 - 0.5 * $each, self::machine('M1')->refresh()->bobbin_used_m, 1e-4);
        $this->touch('M1', $batch->code, 'piece_done');
        $this->get('/floor/M1')->assertSee('change it now')->assertSee('New bobbin in');
        $this->touch('M1', $batch->code, 'load_started')->assertSessionHasErrors('kind');
        self::assertSame([], FloorLog::run($batch)->onFrame);

        $this->touch('M1', $batch->code, 'bobbin_changed')->assertSessionHasNoErrors();
        self::assertSame(0.0, (float) self::machine('M1')->refresh()->bobbin_used_m);
        $this->touch('M1', $batch->code, 'load_started')->assertSessionHasNoErrors();
        self::assertCount(1, FloorLog::run($batch)->onFrame);
    }

    #[Test]
    public function a_first_piece_that_is_to_be_looked_at_is_sewn_alone_on_two_heads_too(): void
    {
        self::machine('M2')->update(['heads' => 2]);
        $line = self::batchOf(self::polos())->load('decoration.line')->decoration->line;
        $practised = [
            'fabric' => $line->fabric,
            'frame_kind' => '',
            'who' => 'Ilse',
            'on_scrap' => true,
            'came_out' => 3,
            'failed' => 0,
            'remark' => '',
            'last_at' => now(),
        ];
        \App\Setup\Models\Practice::query()->create($practised);
        // On practised cloth it is what a garment is worth that decides.
        foreach ([90_00 => 1, 1_00 => 2] as $cents => $pieces) {
            $line->update(['unit_value_cents' => $cents]);
            self::outdate();
            app()->forgetScopedInstances();
            $board = app(\App\Plan\Queries\PlanBoard::class);
            $running = app(\App\Floor\Queries\Stations::class)->at($board->machines()->where('code', 'M2')->firstOrFail(), $board)->running;
            self::assertSame(self::polos()->number, $running?->batch->order->number);
            self::assertCount($pieces, $running->nextLoad(2), "worth {$cents} cents");
            self::assertTrue(app(\App\Setup\PracticeBook::class)->hasComeOut($line->fabric, Position::LeftChest));
        }
    }

    private static function work(Batch $batch): WorkList
    {
        return WorkList::of(
            app(MachineSetups::class)->on($batch->decoration_id, Machine::query()->findOrFail($batch->machine_id))
                ->steps ?? [],
        );
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function touch(
        string $machine,
        string $batch,
        string $kind,
        array $more = [],
        ?string $id = null,
    ): TestResponse {
        app()->forgetScopedInstances();

        return $this->from("/floor/{$machine}")->post("/floor/{$machine}/events", [
            'id' => $id ?? Str::uuid()->toString(),
            'batch' => $batch,
            'kind' => $kind,
            ...$more,
        ]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function report(
        string $machine,
        string $load,
        string $kind,
        int $stitch,
        float $clock,
        ?string $id = null,
    ): TestResponse {
        return $this->postJson(
            '/machines/reports',
            [
                'id' => $id ?? Str::uuid()->toString(),
                'load' => $load,
                'kind' => $kind,
                'stitch' => $stitch,
                'clock_s' => $clock,
            ],
            self::bearer($machine),
        );
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function instruction(string $machine): TestResponse
    {
        return $this->getJson('/machines/instruction', self::bearer($machine));
    }
}
