<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Floor\Actions\AppendEvent;
use App\Floor\Actions\RecountFloor;
use App\Floor\Log\FloorLog;
use App\Floor\Models\BatchProgress;
use App\Floor\Models\Finishing;
use App\Floor\Models\FloorEvent;
use App\Orders\Models\OrderLine;
use App\Orders\Models\Piece;
use App\Orders\Queries\OrderedGarments;
use App\Plan\Models\Batch;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Books\Entry;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Floor\FinishState;
use Hakama\Floor\PieceState;
use Hakama\Floor\Tag;
use Hakama\Garment\Garment;
use Hakama\Garment\PatchBack;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Off the machine: finished, looked at by another, put right, or sewn again. */
final class FinishTest extends FeatureTestCase
{
    private Batch $batch;

    protected function setUp(): void
    {
        parent::setUp();
        $this->batch = self::batchOf(self::polos());
        $machine = self::machine('M2');
        $pieces = $this->batch->pieces()->orderBy('pieces.id')->limit(3)->pluck('pieces.id')->all();
        foreach ([EventKind::PreflightDone, EventKind::LoadStarted, EventKind::Sewn, EventKind::PieceDone] as $kind) {
            app(AppendEvent::class)->append(
                $machine,
                $this->batch,
                new Event(
                    Str::uuid()->toString(),
                    $kind,
                    $this->batch->id,
                    1,
                    100,
                    60.0,
                    $kind === EventKind::PreflightDone ? [] : $pieces,
                ),
                'hand',
                'Ilse',
            );
        }
    }

    #[Test]
    public function what_is_ironed_on_is_pressed_by_the_clock(): void
    {
        $this->get('/floor/finish')->assertDontSee('data-timer', false);
        OrderLine::query()
            ->whereKey($this->batch->decoration->order_line_id)
            ->update(['garment' => Garment::Patch, 'patch_back' => PatchBack::IronedOn]);
        $this->get('/floor/finish')
            ->assertOk()
            ->assertSee('data-timer="20 30 20"', false)
            ->assertSee('press 20 s, let it cool 30 s, turn it over, press 20 s');
    }

    #[Test]
    public function what_comes_off_the_machine_is_to_finish_and_then_may_leave(): void
    {
        self::assertCount(3, $this->at(FinishState::ToFinish));
        self::assertSame(['Ilse'], $this->at(FinishState::ToFinish)->pluck('sewn_by')->unique()->all());
        $this->get('/floor/finish')->assertOk()->assertSee($this->batch->code)->assertSee('pieces to finish');
        $form = Str::uuid()->toString();
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        $this->post('/floor/finish', [
            'id' => $form,
            'numbers' => [$ids[0], $ids[1]],
            'who' => 'Odo',
        ])->assertSessionHas('done');
        $this->post('/floor/finish', [
            'id' => $form,
            'numbers' => [$ids[0], $ids[1]],
            'who' => 'Odo',
        ])->assertSessionHas('done');
        self::assertSame([1, 2], [$this->at(FinishState::ToFinish)->count(), $this->at(FinishState::Passed)->count()]);
        self::assertSame(2, Finishing::query()->where('form_id', $form)->count());
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'who' => 'Odo'])->assertSessionHasErrors(
            'numbers',
        );
        $this->post('/floor/finish', [
            'id' => Str::uuid()->toString(),
            'numbers' => [$ids[2]],
            'who' => 'Nobody',
        ])->assertSessionHasErrors('who');
    }

    #[Test]
    public function where_another_looks_nothing_leaves_before_it_has_passed(): void
    {
        app(House::class)->change([], ['check' => 'always']);
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => $ids, 'who' => 'Odo']);
        self::assertCount(3, $this->at(FinishState::ToCheck));
        $done = fn(): int => array_sum(array_map(array_sum(...), OrderedGarments::of(self::polos()->refresh())->done));
        self::assertSame(0, $done());
        // Not by who sewed it; put right, it is looked at again.
        $this->check($ids[0], ['verdict' => 'good', 'who' => 'Ilse'])->assertSessionHasErrors('who');
        $this->check($ids[0], ['verdict' => 'good', 'who' => 'Odo'])->assertSessionHas('done');
        $this->check($ids[1], ['verdict' => 'rework', 'who' => 'Odo'])->assertSessionHasErrors('note');
        $this->check($ids[1], ['verdict' => 'rework', 'who' => 'Odo', 'note' => 'a tail'])->assertSessionHas('done');
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => [$ids[1]], 'who' => 'Ilse']);
        self::assertEqualsCanonicalizing([$ids[1], $ids[2]], $this->at(FinishState::ToCheck)->modelKeys());
        self::assertSame(1, $done());
        $this->get('/floor/finish')
            ->assertOk()
            ->assertSee('sewn by Ilse')
            ->assertSee('Inspected in the last thirty days');
        // One was good, one to be put right: by whichever of the four, half of two looks.
        $frame = $this->batch->decoration->setup->frame->code ?? '';
        foreach (['person' => 'Ilse', 'machine' => 'M2', 'cloth' => 'pique', 'frame' => $frame] as $by => $of) {
            $page = (string) $this->get("/floor/finish?by={$by}")
                ->assertOk()
                ->getContent();
            self::assertMatchesRegularExpression(
                "~<td>{$of}</td>\\s*<td class=\"num\">50 %</td>\\s*<td class=\"num\">1</td>\\s*<td class=\"num\">1</td>~u",
                $page,
                $by,
            );
        }
        // The same form twice is one verdict.
        $form = Str::uuid()->toString();
        foreach ([1, 2] as $time) {
            $this->post("/floor/check/{$ids[2]}", [
                'id' => $form,
                'verdict' => 'good',
                'who' => 'Odo',
            ])->assertSessionHas('done');
        }
        self::assertSame(1, Finishing::query()->where('form_id', $form)->count());
    }

    #[Test]
    public function the_batch_waits_for_somebody_who_looks_at_its_first_piece(): void
    {
        app(House::class)->change([], ['first_off' => 'looked_at']);
        $start = function () {
            app()->forgetScopedInstances();

            return $this->from('/floor/M2')->post('/floor/M2/events', [
                'id' => Str::uuid()->toString(),
                'batch' => $this->batch->code,
                'kind' => 'load_started',
            ]);
        };
        $this->get('/floor/M2')->assertOk()->assertSee('Inspect the first piece');
        $start()->assertSessionHasErrors('override');
        self::assertSame(1, FloorLog::run($this->batch)->load->number);

        // Looked at by another, it goes on.
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => [$ids[0]], 'who' => 'Odo']);
        self::assertSame([$ids[0]], $this->at(FinishState::ToCheck)->modelKeys());
        $start()->assertSessionHasErrors('override');
        $this->check($ids[0], ['verdict' => 'good', 'who' => 'Ilse'])->assertSessionHasErrors('who');
        $this->check($ids[0], ['verdict' => 'good', 'who' => 'Odo'])->assertSessionHas('done');
        $start()->assertSessionHasNoErrors();
        self::assertSame(2, FloorLog::run($this->batch)->load->number);
    }

    #[Test]
    public function the_first_piece_passes_with_a_picture_or_a_word_why_there_is_none(): void
    {
        app(House::class)->change([], ['first_off' => 'with_picture']);
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => [$ids[0]], 'who' => 'Odo']);
        $this->get('/floor/finish')->assertOk()->assertSee('add a picture');
        $this->check($ids[0], ['verdict' => 'good', 'who' => 'Odo'])->assertSessionHasErrors('picture');
        self::assertSame([$ids[0]], $this->at(FinishState::ToCheck)->modelKeys(), 'nothing was recorded');
        $this->check($ids[0], [
            'verdict' => 'good',
            'who' => 'Odo',
            'picture' => UploadedFile::fake()->image('first.jpg', 300, 200),
        ])->assertSessionHas('done');
        $looked = Finishing::query()->where('piece_id', $ids[0])->where('kind', 'passed')->firstOrFail();
        self::assertNotNull($looked->photo);
        $this->get('/floor/finish')->assertOk()->assertDontSee('add a picture');
    }

    #[Test]
    public function without_a_camera_the_first_piece_passes_with_a_word(): void
    {
        app(House::class)->change([], ['first_off' => 'with_picture']);
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => [$ids[0]], 'who' => 'Odo']);
        $this->check($ids[0], ['verdict' => 'good', 'who' => 'Odo', 'note' => 'the tablet is away'])
            ->assertSessionHas('done');
        self::assertSame(
            'the tablet is away',
            Finishing::query()->where('piece_id', $ids[0])->where('kind', 'passed')->value('note'),
        );
    }

    #[Test]
    public function somebody_may_say_why_a_batch_goes_on_before_its_first_piece_was_looked_at(): void
    {
        app(House::class)->change([], ['first_off' => 'looked_at']);
        app()->forgetScopedInstances();
        $this->from('/floor/M2')
            ->post('/floor/M2/events', [
                'id' => Str::uuid()->toString(),
                'batch' => $this->batch->code,
                'kind' => 'load_started',
                'override' => 'same as last week',
            ])
            ->assertSessionHasNoErrors();
        self::assertSame(
            'same as last week',
            FloorEvent::query()
                ->where('kind', 'load_started')
                ->orderByDesc('seq')
                ->firstOrFail()
                ->getAttribute('reason'),
        );
    }

    #[Test]
    public function a_rejected_piece_waits_again_once_and_takes_a_spare_or_wants_a_blank(): void
    {
        app(House::class)->change([], ['check' => 'always']);
        OrderLine::query()
            ->whereKey($this->batch->decoration->order_line_id)
            ->update(['spares' => 1]);
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => $ids, 'who' => 'Odo']);
        $this->check($ids[0], ['verdict' => 'reject', 'who' => 'Odo'])->assertSessionHasErrors('cause');
        $this->check($ids[0], ['verdict' => 'reject', 'who' => 'Odo', 'cause' => 'puckering'])->assertSessionHas(
            'problem',
            'It is sewn again on a spare; none is left on this line.',
        );
        $piece = Piece::query()->findOrFail($ids[0]);
        self::assertSame([PieceState::Waiting, null], [$piece->state, $piece->finish]);
        $run = FloorLog::run($this->batch);
        self::assertSame([2, 1], [$run->done, $run->spoiled]);
        // It waits: it is not rejected a second time.
        $this->check($ids[0], ['verdict' => 'reject', 'who' => 'Odo', 'cause' => 'puckering'])->assertSessionHasErrors(
            'who',
        );
        $this->check($ids[1], ['verdict' => 'reject', 'who' => 'Odo', 'cause' => 'puckering'])->assertSessionHas(
            'problem',
            static fn(string $words): bool => str_contains($words, 'order one more')
                && str_contains($words, 'Order '.self::polos()->number),
        );
        self::assertSame(2, FloorEvent::query()->where('kind', 'piece_rejected')->count());
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
        $books = array_values(
            array_filter(
                LedgerBySql::between(CarbonImmutable::today(), CarbonImmutable::today()),
                static fn(Entry $entry): bool => $entry->order === (string) self::polos()->number,
            ),
        );
        self::assertSame([1, 2], [$books[0]->done, $books[0]->spoiledPieces()]);
    }

    #[Test]
    public function the_board_asks_as_often_for_all_machines_as_for_one(): void
    {
        $count = function (): int {
            app()->forgetScopedInstances();
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get('/floor/board')->assertOk();

            return count(DB::getQueryLog());
        };
        $count(); // what is kept is read once
        $all = $count();
        self::assertGreaterThan(2, Batch::query()->distinct()->count('machine_id'));
        Batch::query()
            ->where('machine_id', '<>', self::machine('M1')->id)
            ->update(['machine_id' => null]);
        $count();

        self::assertSame($all, $count());
    }

    #[Test]
    public function a_spoil_that_was_withdrawn_or_is_of_another_line_takes_no_spare(): void
    {
        app(House::class)->change([], ['check' => 'always']);
        OrderLine::query()
            ->whereKey($this->batch->decoration->order_line_id)
            ->update(['spares' => 2]);
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => $ids, 'who' => 'Odo']);
        $reject = fn(int $piece): mixed => $this->check($piece, [
            'verdict' => 'reject',
            'who' => 'Odo',
            'cause' => 'puckering',
        ]);
        $reject($ids[0])->assertSessionHas('problem', 'It is sewn again on a spare; 1 is left on this line.');
        app(AppendEvent::class)->append(
            self::machine('M2'),
            $this->batch,
            new Event(Str::uuid()->toString(), EventKind::SpoilWithdrawn, $this->batch->id, 1, pieces: [$ids[0]]),
            'hand',
            'Odo',
            reason: 'Steamed out',
        );
        BatchProgress::query()
            ->where('batch_id', '<>', $this->batch->id)
            ->update(['spoiled' => 7]);

        $reject($ids[1])->assertSessionHas('problem', 'It is sewn again on a spare; 1 is left on this line.');
        $reject($ids[2])->assertSessionHas('problem', 'It is sewn again on a spare; none is left on this line.');
    }

    #[Test]
    public function a_spoil_that_the_customer_finds_is_recorded_days_later(): void
    {
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => $ids, 'who' => 'Odo']);
        $this->travel(4)->days();
        $this->check($ids[0], [
            'verdict' => 'reject',
            'who' => 'Odo',
            'cause' => 'registration',
            'note' => 'the customer found it',
        ])->assertSessionHas('problem');
        self::assertSame(
            'the customer found it',
            FloorEvent::query()->where('kind', 'piece_rejected')->value('reason'),
        );
        self::assertSame(PieceState::Waiting, Piece::query()->findOrFail($ids[0])->state);
    }

    #[Test]
    public function the_board_shows_every_machine_and_what_it_wants(): void
    {
        $page = $this->get('/floor/board')->assertOk();
        foreach (['M1', 'M2', 'M3'] as $code) {
            $page->assertSee($code);
        }
        $page->assertSee('To keep the machines sewing, in this order');
        $lie = Piece::query()->where('finish', FinishState::ToFinish)->count();
        $page->assertSee("Finish {$lie} pieces")->assertSee('when nothing else is');
        // Two have said who they are: each has a list, and this screen knows its own.
        FloorEvent::query()
            ->toBase()
            ->where('batch_id', $this->batch->id)
            ->update(['who' => 'Odo']);
        FloorEvent::query()
            ->toBase()
            ->where('machine_id', self::machine('M1')->id)
            ->update(['who' => 'Ilse']);
        app()->forgetScopedInstances();
        $this->withSession(['who' => 'Ilse'])
            ->get('/floor/board')
            ->assertSee('Next jobs')
            ->assertSee('Ilse, that is you')
            ->assertSee('aria-label="For Odo"', false);
        // Yesterday's people are not taken to be there still.
        FloorEvent::query()
            ->toBase()
            ->update(['recorded_at' => CarbonImmutable::now()->subDay()]);
        app()->forgetScopedInstances();
        $this->get('/floor/board')->assertDontSee('Next jobs');
        app()->forgetScopedInstances();
        $this->get('/floor/board', ['HX-Request' => 'true'])
            ->assertOk()
            ->assertDontSee('<html', false);
    }

    #[Test]
    public function a_picture_shows_where_it_is_wrong(): void
    {
        app(House::class)->change([], ['check' => 'always']);
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => $ids, 'who' => 'Odo']);
        $image = imagecreatetruecolor(40, 30);
        ob_start();
        imagepng($image);
        $png = (string) ob_get_clean();
        $look = fn(int $piece, array $with) => $this->check($piece, [
            'verdict' => 'rework',
            'note' => 'a loop at the rim',
            'who' => 'Odo',
            ...$with,
        ]);
        $look($ids[0], ['picture' => self::upload('no picture', 'a.png')])->assertSessionHasErrors('picture');
        $look($ids[0], [
            'picture' => self::upload($png, 'a.png'),
            'spot_x' => '1.2',
            'spot_y' => '0',
        ])->assertSessionHasErrors('spot_x');
        $look($ids[0], ['spot_x' => '0.5'])->assertSessionHasErrors('spot_y');
        $look($ids[0], [
            'picture' => self::upload($png, 'a.png'),
            'spot_x' => '0.25',
            'spot_y' => '0.75',
        ])->assertSessionHasNoErrors();
        $look($ids[1], ['spot_x' => '0.5', 'spot_y' => '0.5'])->assertSessionHasNoErrors();
        $seen = Finishing::query()->where('piece_id', $ids[0])->where('kind', Finishing::REWORK)->firstOrFail();
        self::assertSame([0.25, 0.75], [$seen->spot_x, $seen->spot_y]);
        $this->get("/floor/looks/{$seen->id}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/png');
        $this->get('/floor/tags/'.Tag::of($ids[0])->code())
            ->assertSee('a loop at the rim')
            ->assertSee('cx="25" cy="75"', false);
        // A place without a picture is none.
        $bare = Finishing::query()->where('piece_id', $ids[1])->where('kind', Finishing::REWORK)->firstOrFail();
        self::assertSame([null, null], [$bare->photo, $bare->spot_x]);
        $this->get("/floor/looks/{$bare->id}")->assertNotFound();
    }

    #[Test]
    public function what_is_seen_leads_to_what_is_behind_it_and_to_what_was_spoiled_by_it_here(): void
    {
        $this->get('/floor/finder')->assertOk()->assertSee('Choose what you see');
        $ids = $this->at(FinishState::ToFinish)->modelKeys();
        app(House::class)->change([], ['check' => 'always']);
        $this->post('/floor/finish', ['id' => Str::uuid()->toString(), 'numbers' => $ids, 'who' => 'Odo']);
        $this->check($ids[0], ['verdict' => 'reject', 'who' => 'Odo', 'cause' => 'puckering']);
        $this->get('/floor/finder?see=puckering')
            ->assertOk()
            ->assertSee('It was stretched when it was hooped')
            ->assertSee('Spoiled by this here')
            ->assertSee('M2');
        $this->get('/floor/finder?see=loops')->assertOk()->assertDontSee('Spoiled by this here');
        $this->get('/floor/finder?see=ghosts')->assertOk()->assertSee('Choose what you see');
    }

    /** @return \Illuminate\Database\Eloquent\Collection<int, Piece> */
    private function at(FinishState $state): \Illuminate\Database\Eloquent\Collection
    {
        return Piece::query()
            ->where('decoration_id', $this->batch->decoration_id)
            ->where('finish', $state)
            ->orderBy('id')
            ->get();
    }

    /**
     * @param array<string, string|UploadedFile> $with
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function check(int $piece, array $with): \Illuminate\Testing\TestResponse
    {
        return $this->from('/floor/finish')->post("/floor/check/{$piece}", ['id' => Str::uuid()->toString(), ...$with]);
    }
}
