<?php

declare(strict_types=1);

namespace Tests\Feature\Artwork;

use App\Artwork\Models\Artwork;
use App\Floor\Actions\RecountFloor;
use App\Floor\Log\FloorLog;
use App\Floor\Models\FloorEvent;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Setup\Queries\BackingCuts;
use App\Stock\Models\Cone;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\Floor\LedgerBySql;

/** An artwork of several copies: one frame holds as many pieces, and all that follows counts frames. */
final class CopiesTest extends FeatureTestCase
{
    private const COPIES = 5;

    private Batch $batch;

    protected function setUp(): void
    {
        parent::setUp();
        // Twelve pieces, one a frame until now: two frames of five and one of two.
        $this->batch = self::batchOf(self::polos());
        self::decoration(self::polos())
            ->artwork()
            ->firstOrFail()
            ->update(['copies' => self::COPIES]);
    }

    #[Test]
    public function plan_thread_and_backing_count_frames(): void
    {
        $of = static function (int $copies): array {
            self::decoration(self::polos())
                ->artwork()
                ->firstOrFail()
                ->update(['copies' => $copies]);
            $board = self::board();
            $code = self::batchOf(self::polos())->code;

            return [$board->batches()[$code], app(BackingCuts::class)->wants()[$code][0], $board->timetable()];
        };
        [$one, $cutOne] = $of(1);
        [$five, $cutFive] = $of(self::COPIES);
        self::assertSame([12, 12], [$one->left, $one->batch->pieces]);
        self::assertSame([12, 3], [$five->left, $five->batch->pieces]);
        $code = $this->batch->code;
        // Two layers a frame, and one more in twenty for what is spoiled, rounded up.
        self::assertSame(
            [(int) ceil(12 * $this->layers() * 1.05), (int) ceil(3 * $this->layers() * 1.05)],
            [$cutOne->count, $cutFive->count],
        );
        $this->get('/orders/'.self::polos()->number)->assertSee('3 frames to sew, 3 spare on the last');
        app()->forgetScopedInstances();
        $this->get('/plan')->assertOk();
        app()->forgetScopedInstances();
        $this->get("/plan/batches/{$code}/splitting?pieces=5")
            ->assertOk()
            ->assertSee('pieces would go');
    }

    #[Test]
    public function a_load_takes_a_frame_full_and_those_that_are_not_good_wait_again(): void
    {
        $code = $this->batch->code;
        $cones = (float) Cone::query()->sum('metres_left');
        $this->touch([
            'kind' => 'preflight_done',
            'checked' =>
                app(\App\Floor\Queries\Stations::class)->at(
                    self::machine('M2')->load(['rack.thread', 'frame']),
                    self::board(),
                )->running?->work->wanted() ?? [],
            'who' => 'Odo',
        ]);
        $first = (int) Piece::query()->where('decoration_id', $this->batch->decoration_id)->orderBy('id')->value('id');
        $this->touch(['kind' => 'piece_hooped', 'piece' => $first]);
        self::assertCount(self::COPIES, FloorLog::run($this->batch)->hooped);
        $free = FloorLog::freeFrames()['R-9'];
        $this->touch(['kind' => 'load_started']);
        self::assertCount(self::COPIES, FloorLog::run($this->batch)->onFrame);
        self::assertSame($free, FloorLog::freeFrames()['R-9'], 'hooped or on the machine, it is one frame');
        $this->get('/floor/M2')->assertOk()->assertSee('5 per frame')->assertSee('Touch the spoiled ones');

        $this->getJson('/machines/instruction', self::bearer('M2'))->assertJson(['heads' => 1]);
        $load = (string) FloorLog::run($this->batch)->load->event;
        $this->postJson(
            '/machines/reports',
            ['id' => Str::uuid()->toString(), 'load' => $load, 'kind' => 'sewn', 'stitch' => 2288, 'clock_s' => 240],
            self::bearer('M2'),
        )->assertOk();
        $bad = array_slice(FloorLog::run($this->batch)->onFrame, 1, 2);
        $this->touch(['kind' => 'piece_spoiled', 'cause' => 'puckering', 'numbers' => $bad]);
        $this->touch(['kind' => 'piece_done']);
        $run = FloorLog::run($this->batch);
        self::assertSame([3, 2, 9], [$run->done, $run->spoiled, $run->waiting()]);
        self::assertSame(2, self::board()->batches()[$code]->batch->pieces, 'nine that wait are two frames');

        // One frame was sewn, whatever came off it: the thread of one, the stitches of one.
        $metres = $cones - (float) Cone::query()->sum('metres_left');
        $sewn = FloorEvent::query()->where('kind', 'sewn')->orderByDesc('seq')->firstOrFail();
        self::assertCount(self::COPIES, $sewn->pieces);
        self::assertGreaterThan(0.0, $metres);
        self::assertLessThan(20.0, $metres, '2 288 stitches take some metres, five times that is more than twenty');
        $mine = array_filter(
            LedgerBySql::between(CarbonImmutable::today(), CarbonImmutable::today()),
            static fn(Entry $entry): bool => $entry->order === (string) self::polos()->number,
        );
        self::assertSame(2288, array_sum(array_map(static fn(Entry $entry): int => $entry->stitches, $mine)));
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
    }

    #[Test]
    public function how_many_a_frame_holds_is_said_with_the_artwork(): void
    {
        $artwork = self::decoration(self::polos())->artwork()->firstOrFail();
        $form = ['name' => $artwork->name, 'variant' => $artwork->variant->value];
        $this->put("/artwork/{$artwork->id}", [...$form, 'copies' => 0])->assertSessionHasErrors('copies');
        $this->put("/artwork/{$artwork->id}", [...$form, 'copies' => 24])->assertSessionHasNoErrors();
        self::assertSame(24, $artwork->refresh()->copies);
        $this->put("/artwork/{$artwork->id}", $form);
        self::assertSame(24, $artwork->refresh()->copies);
        $this->get("/artwork/{$artwork->id}/history")->assertSee('Pieces per frame');
    }

    private function layers(): int
    {
        return (int) self::decoration(self::polos())->setup()->value('layers');
    }

    /** @param array<string, mixed> $with */
    private function touch(array $with): void
    {
        app()->forgetScopedInstances();
        $this->from('/floor/M2')
            ->post('/floor/M2/events', ['id' => Str::uuid()->toString(), 'batch' => $this->batch->code, ...$with])
            ->assertSessionHasNoErrors();
    }
}
