<?php

declare(strict_types=1);

namespace Tests\Feature\Setup;

use App\Artwork\HoopingTapes;
use App\Artwork\Models\Artwork;
use App\Floor\Actions\RecountFloor;
use App\Floor\Log\FloorLog;
use App\Floor\Models\FloorEvent;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Plan\Queries\PlanBoard;
use App\Setup\Models\KeptPlacement;
use App\Setup\Models\Setup;
use App\Setup\Queries\BackingCuts;
use App\Shop\House;
use App\Stock\Models\Cone;
use Hakama\Floor\PieceState;
use Hakama\Floor\Stage;
use Hakama\Garment\Position;
use Hakama\House\Question;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Tape\TapeWriter;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** A design along a sleeve that is sewn in three hoopings: each is work of its own. */
final class HoopingsTest extends FeatureTestCase
{
    private Batch $batch;
    private Artwork $artwork;

    protected function setUp(): void
    {
        parent::setUp();
        $decoration = Decoration::query()
            ->where('position', Position::Sleeve)
            ->whereHas('setup.frame', static fn($frame) => $frame->where('driver', 'cylinder'))
            ->whereHas('batch', static fn($batch) => $batch->whereDoesntHave('events'))
            ->orderByDesc('id')
            ->firstOrFail();
        $this->batch = Batch::query()->where('decoration_id', $decoration->id)->firstOrFail();
        $this->artwork = Artwork::query()->findOrFail($decoration->artwork_id);
        $this->post("/artwork/{$this->artwork->id}/file", [
            'tape' => self::upload(self::motifs(), 'three.dst'),
            'why' => 'three motifs now',
            'sure' => 1,
        ])
            ->assertSessionHasNoErrors()
            ->assertRedirect("/artwork/{$this->artwork->id}");
        $this->artwork->refresh();
    }

    #[Test]
    public function a_setup_of_an_earlier_version_is_divided_when_the_shop_opens(): void
    {
        $setup = Setup::query()->findOrFail($this->batch->decoration_id);
        $parts = $setup->parts;
        self::assertCount(3, $parts ?? []);
        $setup->update(['parts' => null]);
        $this->artisan('shop:follow')->assertExitCode(0);
        self::assertSame($parts, $setup->refresh()->parts);
        $this->artisan('shop:follow')->assertExitCode(0);
        self::assertSame($parts, $setup->refresh()->parts);
    }

    #[Test]
    public function a_new_tape_is_divided_anew_and_each_hooping_has_a_tape_of_its_own(): void
    {
        $setup = Setup::query()->findOrFail($this->batch->decoration_id);
        self::assertSame([3, 3], [$setup->hoopings, count((array) $setup->parts)]);
        $tapes = app(HoopingTapes::class)->of($this->artwork, $setup);
        // Measured up from the hem: the lowest motif first. Of 40 rows each, the middle one in two colours.
        self::assertSame(
            [[1 => 40], [1 => 20, 2 => 20], [2 => 40]],
            array_map(static fn($tape): array => $tape->blocks, $tapes),
        );
        foreach ($tapes as $i => $tape) {
            $download = $this->get("/setup/{$setup->decoration_id}/hoopings/".($i + 1).'.dst')->assertOk();
            $figures = PatternFigures::of(
                (new TapeReader())->fromString((string) $download->getContent()),
                app(House::class)->rules()->measuring(),
            );
            // About the mark: 40 mm high, the first needle point a millimetre up; 10 mm wide, across to 5 from the middle.
            self::assertEqualsWithDelta(-19.0, $figures->bounds->bottom, 0.15);
            self::assertEqualsWithDelta(20.0, $figures->bounds->top, 0.15);
            self::assertEqualsWithDelta(5.0, $figures->bounds->right, 0.15);
            self::assertSame(40, $figures->counts->stitches);
        }
        $this->get("/setup/{$setup->decoration_id}/hoopings/4.dst")->assertNotFound();
        // The same three lie in the folder of a machine that sews them, one after the other.
        $this->batch->update(['machine_id' => self::machine('M2')->id, 'rank' => 1]);
        self::outdate();
        $files = array_values(array_filter(
            $this->get('/machines/folder', self::bearer('M2'))->json('files'),
            fn(array $file): bool => $file['batch'] === $this->batch->code,
        ));
        self::assertSame(
            array_map(static fn($tape): string => $tape->checksum, $tapes),
            array_column($files, 'sha256'),
        );
        self::assertSame([1, 2, 1], array_map(static fn(array $file): int => count($file['needles']), $files));
        $this->get("/setup/{$setup->decoration_id}/hoopings/2/track?v=1")->assertOk();
        $this->get("/setup/{$setup->decoration_id}")->assertSee('hooping 3');
    }

    #[Test]
    public function a_place_may_be_measured_from_the_shoulder(): void
    {
        $id = $this->batch->decoration_id;
        $size = (string) Piece::query()->where('decoration_id', $id)->value('size');
        $keep = fn(string $mm) => $this->put("/setup/{$id}/placement", [
            'size' => $size,
            'from' => 'other',
            'down' => $mm,
            'across' => '0',
        ]);
        $this->get("/setup/{$id}")->assertSee('the other end, the shoulder');
        $keep('20')->assertSessionHasNoErrors();
        $first = (float) KeptPlacement::query()->orderByDesc('id')->value('down_mm');
        $keep('30')->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            10.0,
            (float) KeptPlacement::query()->orderByDesc('id')->value('down_mm') - $first,
            1e-9,
        );
        self::assertLessThan(0.0, $first, 'up from the hem');
        $keep('2000')->assertSessionHasErrors('down');
        $keep('899')->assertSessionHasErrors('down');
    }

    #[Test]
    public function plan_backing_and_thread_count_hoopings(): void
    {
        $open = self::board()->batches()[$this->batch->code];
        self::assertSame(3 * $open->left, $open->batch->pieces);
        $setup = Setup::query()->findOrFail($this->batch->decoration_id);
        self::assertSame((int) ceil($setup->seconds()[self::machine('M2')->id] / 3), $open->batch->sewing->sewS['M2']);
        self::assertSame(
            (int) ceil(3 * $open->left * $setup->layers * 1.05),
            app(BackingCuts::class)->wants()[$this->batch->code][0]->count,
        );
    }

    #[Test]
    public function all_pieces_go_through_one_hooping_before_the_next_and_are_counted_after_the_last(): void
    {
        $pieces = $this->start();
        $cones = (float) Cone::query()->sum('metres_left');
        $seen = [];
        for ($load = 1; $load <= 3 * count($pieces); $load++) {
            $this->touch(['kind' => 'load_started']);
            $run = FloorLog::run($this->batch);
            $seen[] = [$run->load->hooping, $run->onFrame[0]];
            $todo = $this->getJson('/machines/instruction', self::bearer('M2'));
            $tape = (string) $this->get('/machines/tape', self::bearer('M2'))->getContent();
            self::assertSame(hash('sha256', $tape), $todo->json('tape'));
            $this->sewn(40);
            self::assertSame(Stage::Sewn, FloorLog::run($this->batch)->stage);
            $this->touch(['kind' => 'piece_done']);
            self::assertSame(max(0, $load - 2 * count($pieces)), FloorLog::run($this->batch)->done);
        }
        $wanted = [];
        foreach ([1, 2, 3] as $hooping) {
            foreach ($pieces as $piece) {
                $wanted[] = [$hooping, $piece];
            }
        }
        self::assertSame($wanted, $seen);
        self::assertSame(Stage::Finished, FloorLog::run($this->batch)->stage);
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
        // Three hoopings took the thread of the whole design, piece by piece.
        $use = 0.0;
        foreach ($this->artwork->blocks as $block) {
            $use += $block->threadUse(app(House::class)->rules()->threadUse())->topM;
        }
        self::assertEqualsWithDelta(
            count($pieces) * $use,
            $cones - (float) Cone::query()->sum('metres_left'),
            0.02 * count($pieces),
        );
    }

    #[Test]
    public function the_other_school_takes_each_piece_through_all_of_them(): void
    {
        $this->put('/shop/rules', ['schools' => [Question::TubePasses->value => 'piece_by_piece']]);
        $pieces = $this->start();
        $seen = [];
        for ($load = 1; $load <= 6; $load++) {
            $this->touch(['kind' => 'load_started']);
            $run = FloorLog::run($this->batch);
            $seen[] = [$run->load->hooping, $run->onFrame[0]];
            $this->sewn(40);
            $this->touch(['kind' => 'piece_done']);
        }
        self::assertSame(
            [[1, $pieces[0]], [2, $pieces[0]], [3, $pieces[0]], [1, $pieces[1]], [2, $pieces[1]], [3, $pieces[1]]],
            $seen,
        );
        self::assertSame(2, FloorLog::run($this->batch)->done);
    }

    #[Test]
    public function a_piece_spoiled_at_its_second_hooping_is_begun_anew_and_one_that_was_not_goes_on_where_it_was(): void
    {
        $pieces = $this->start();
        foreach ($pieces as $piece) {
            $this->touch(['kind' => 'load_started']);
            $this->sewn(40);
            $this->touch(['kind' => 'piece_done']);
        }
        self::assertSame(1, Piece::query()->findOrFail($pieces[0])->hoopings);
        $this->get('/floor/M2')->assertOk()->assertSee('Hooping 2 of 3');
        $this->touch(['kind' => 'load_started']);
        $this->touch(['kind' => 'piece_spoiled', 'cause' => 'puckering', 'piece' => $pieces[0]]);
        $piece = Piece::query()->findOrFail($pieces[0]);
        self::assertSame([0, PieceState::Waiting], [$piece->hoopings, $piece->state]);
        // Sewn on a spare from its first hooping on, before the others go on with their second.
        $this->touch(['kind' => 'load_started']);
        $run = FloorLog::run($this->batch);
        self::assertSame([1, [$pieces[0]]], [$run->load->hooping, $run->onFrame]);
        $this->sewn(40);
        $this->touch(['kind' => 'piece_done']);
        // It was a mistake after all: it is where it was when it was said to be spoiled, before its second.
        $spoil = FloorEvent::query()->where('kind', 'piece_spoiled')->orderByDesc('seq')->firstOrFail();
        $this->post('/floor/M2/corrections', [
            'id' => Str::uuid()->toString(),
            'of' => "{$spoil->seq} {$pieces[0]}",
            'kind' => 'spoil_withdrawn',
            'reason' => 'only a crease',
            'who' => 'Ilse',
        ]);
        self::assertSame(1, Piece::query()->findOrFail($pieces[0])->hoopings);
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
    }

    #[Test]
    public function a_machine_cannot_tell_more_stitches_than_this_hooping_has(): void
    {
        $this->start();
        $this->touch(['kind' => 'load_started']);
        $this->postJson(
            '/machines/reports',
            [
                'id' => Str::uuid()->toString(),
                'load' => (string) FloorLog::run($this->batch)->load->event,
                'kind' => 'position',
                'stitch' => 41,
                'clock_s' => 20,
            ],
            self::bearer('M2'),
        )
            ->assertStatus(422)
            ->assertJsonPath('message', 'The file ends at stitch 40.');
    }

    #[Test]
    public function a_tape_that_is_not_the_one_that_was_divided_is_not_sewn_in_part(): void
    {
        $this->start();
        $this->artwork->update(['stitches' => $this->artwork->stitches + 1]);
        app()->forgetScopedInstances();
        $this->from('/floor/M2')
            ->post('/floor/M2/events', [
                'id' => Str::uuid()->toString(),
                'batch' => $this->batch->code,
                'kind' => 'load_started',
            ])
            ->assertSessionHasErrors(['kind']);
        self::assertSame(Stage::Ready, FloorLog::run($this->batch)->stage);
    }

    /** @return list<int> its pieces; the batch stands first at M2 and its list is gone through */
    private function start(): array
    {
        $this->post('/plan/moves', [
            'batch' => $this->batch->code,
            'machine' => 'M2',
            'rank' => 0,
            'version' => PlanBoard::version(),
        ])->assertSessionHas('done');
        $m2 = self::machine('M2');
        foreach ($this->artwork->load('blocks')->blocks as $i => $block) {
            $m2->rack()
                ->where('number', $i + 4)
                ->update(['thread_id' => $block->thread_id]);
        }
        $this->touch([
            'kind' => 'preflight_done',
            'checked' =>
                app(\App\Floor\Queries\Stations::class)->at($m2->load(['rack.thread', 'frame']), self::board())->running?->work->wanted() ?? [],
            'who' => 'Odo',
        ]);

        return Piece::query()->where('decoration_id', $this->batch->decoration_id)->orderBy('id')->pluck('id')->all();
    }

    private function sewn(int $stitches): void
    {
        $this->postJson(
            '/machines/reports',
            [
                'id' => Str::uuid()->toString(),
                'load' => (string) FloorLog::run($this->batch)->load->event,
                'kind' => 'sewn',
                'stitch' => $stitches,
                'clock_s' => 30,
            ],
            self::bearer('M2'),
        )->assertOk();
    }

    /** @param array<string, mixed> $with */
    private function touch(array $with): void
    {
        app()->forgetScopedInstances();
        $this->from('/floor/M2')
            ->post('/floor/M2/events', ['id' => Str::uuid()->toString(), 'batch' => $this->batch->code, ...$with])
            ->assertSessionHasNoErrors();
    }

    /** Three motifs of 40 mm with 30 between them; the first colour sews one and a half of them. */
    private static function motifs(): string
    {
        $builder = new PatternBuilder('THREE');
        foreach ([0, 700, 1400] as $motif => $y) {
            $builder->travelTo(0, $y, 3);
            for ($i = 1; $i <= 40; $i++) {
                $builder->stitchTo($i % 2 === 0 ? 0 : 100, $y + 10 * $i);
                if ($motif === 1 && $i === 20) {
                    $builder->stop();
                }
            }
        }

        return (new TapeWriter())->toString($builder->pattern());
    }
}
