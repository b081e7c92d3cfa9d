<?php

declare(strict_types=1);

namespace Tests\Feature\Books;

use App\Books\Learning\ClothSuggestion;
use App\Books\Learning\LoggedBreaks;
use App\Books\Learning\RuleLearning;
use App\Books\Learning\RuleSuggestion;
use App\Books\Learning\SpoilageLearning;
use App\Books\Models\SpoiledShare;
use App\Floor\Models\FloorEvent;
use App\Money\Queries\ShopRates;
use App\Orders\Models\Colourway;
use App\Plan\Models\Batch;
use App\Shop\House;
use App\Shop\Models\Change;
use App\Stock\Models\Thread;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Hakama\Floor\SpoilCause;
use Hakama\Garment\Fabric;
use Hakama\House\HouseRule;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Hooping, breaks, spoilage and bobbin thread: what the log says of the house rules is offered, taken, left, taken back. */
final class RuleLearningTest extends FeatureTestCase
{
    private Batch $batch;
    private CarbonImmutable $now;

    protected function setUp(): void
    {
        parent::setUp();
        DB::table('floor_events')->update(['recorded_at' => CarbonImmutable::now()->subYear()]);
        $this->batch = self::batchOf(self::polos());
        $this->now = CarbonImmutable::now();
        self::tell('M2', $this->batch, EventKind::PreflightDone);
    }

    #[Test]
    public function hooping_is_learned_from_what_lies_between_two_touches_of_one_person(): void
    {
        $rule = HouseRule::HoopTime->value;
        self::assertNull($this->offer($rule), 'nothing was hooped yet');
        $pieces = $this->batch->pieces()->orderBy('pieces.id')->pluck('pieces.id')->all();
        // Two minutes each, but for one after dinner; a touch of somebody else between is none of Ilse's.
        foreach ([120, 120, 2_000, 120, 120, 120] as $i => $seconds) {
            $this->after($seconds);
            self::tell('M2', $this->batch, EventKind::PieceHooped, [$pieces[$i]], who: 'Ilse');
            if ($i === 3) {
                self::tell('M2', $this->batch, EventKind::PieceHooped, [$pieces[9]], who: 'Odo');
            }
        }
        $offer = $this->offer($rule);
        self::assertNotNull($offer);
        // The first and the one after dinner tell nothing: four of 120 s and three that went as reckoned, at 90 s.
        self::assertEqualsWithDelta((4 * 120 + 3 * 90) / 7, $offer->would[$rule], 0.05);
        self::assertSame([['Ilse, polo', '107 s in 4', false]], $offer->rows);
        $open = DB::table('pieces as p')
            ->join('decorations as d', 'd.id', '=', 'p.decoration_id')
            ->join('order_lines as l', 'l.id', '=', 'd.order_line_id')
            ->where('p.state', 'waiting')
            ->where('l.garment', '!=', 'cap')
            ->count();
        self::assertStringContainsString(
            sprintf('%d pieces to hoop: %.1f min more', $open, ($open * ($offer->would[$rule] - 90)) / 60),
            str_replace("\u{202F}", '', $offer->brings),
        );

        $this->get('/books/learned')->assertOk()->assertSee('Ilse, polo')->assertSee('90 s now, 107.1 s measured');
        $this->decide($offer, 'take')->assertSessionHas('done');
        app()->forgetScopedInstances();
        self::assertSame(107.1, app(House::class)->rules()->value(HouseRule::HoopTime));
        self::assertSame(107, $this->batch->decoration->setup()->firstOrFail()->hoop_s, 'the plan reckons with it');
        $change = Change::query()->orderByDesc('seq')->firstOrFail();
        $this->get('/books/learned')->assertSee('House figures');
        $this->post("/shop/changes/{$change->seq}/undo")->assertSessionHas('done');
        app()->forgetScopedInstances();
        self::assertSame(90.0, app(House::class)->rules()->value(HouseRule::HoopTime));
        self::assertSame(90, $this->batch->decoration->setup()->firstOrFail()->hoop_s);
    }

    #[Test]
    public function changes_of_driver_are_learned_by_pair(): void
    {
        $rule = HouseRule::DriverTime->value;
        self::assertNull($this->offer($rule), 'nothing was changed over yet');
        $on = fn(string $driver): Batch => Batch::query()
            ->whereKeyNot($this->batch->id)
            ->whereDoesntHave('events')
            ->whereHas('decoration.setup.frame', static fn($frame) => $frame->where('driver', $driver))
            ->orderBy('id')
            ->firstOrFail();
        // From the flat arms to the caps and back, then over night: that is no changeover.
        foreach ([[28 * 60, 'cap'], [40 * 60, 'flat'], [20 * 3600, 'cap']] as [$seconds, $driver]) {
            $this->after($seconds);
            self::tell('M2', $on($driver), EventKind::PreflightDone);
        }
        $offer = $this->offer($rule);
        self::assertNotNull($offer);
        // Reckoned are 3 for the load, 4 for the frame, 15 for the driver: (28 + 40 + 3 · 22) / 5 = 26.8, less the 7.
        self::assertSame(19.8, $offer->would[$rule]);
        // One each, and three as reckoned: (28 + 66) / 4 - 7 and (40 + 66) / 4 - 7.
        self::assertSame(
            [['M2, cap to flat', '19.5 min in 1', false], ['M2, flat to cap', '16.5 min in 1', false]],
            $offer->rows,
        );
        $this->get('/books/learned')->assertOk()->assertSee('M2, cap to flat');
        $this->decide($offer, 'take')->assertSessionHas('done');
        app()->forgetScopedInstances();
        self::assertSame(19.8, app(House::class)->rules()->value(HouseRule::DriverTime));
    }

    #[Test]
    public function what_is_left_is_not_offered_until_it_comes_out_otherwise_and_only_what_was_read_is_taken(): void
    {
        $rule = HouseRule::BreakRate->value;
        // Three breaks in one load of 2 288 stitches: (3 + 0.05 · 30) / (2.288 + 30).
        $this->load(3);
        $offer = $this->offer($rule);
        self::assertEqualsWithDelta((3 + 0.05 * 30) / 32.288, $offer?->would[$rule], 0.0006);
        $this->decide($offer, 'leave')->assertSessionHas('done');
        self::assertFalse($this->offer($rule)?->isOffered());
        $this->load(2);
        $again = $this->offer($rule);
        self::assertTrue($again?->isOffered());
        self::assertEqualsWithDelta((5 + 0.05 * 30) / 34.576, $again->would[$rule], 0.0006);
        $this->decide($offer, 'take')->assertSessionHasErrors('offered');
        foreach ([['about' => 'speed'], ['do' => 'guess'], ['figures' => '']] as $bad) {
            $this->put('/books/learned/rules', [
                'about' => $rule,
                'figures' => $again->sign(),
                'do' => 'take',
                ...$bad,
            ])->assertSessionHasErrors();
        }
        self::assertSame(0.05, app(House::class)->rules()->value(HouseRule::BreakRate));
    }

    #[Test]
    public function spoilage_is_learned_by_cloth(): void
    {
        foreach (range(1, 4) as $nth) {
            $this->load(0, spoil: $nth === 1);
        }
        $rule = HouseRule::QuoteSpoilage->value;
        $offer = $this->offer($rule);
        // One of four, and twenty at two in a hundred: (1 + 0.4) / 24 = 5.8 %.
        self::assertSame(5.8, $offer?->would[$rule]);
        self::assertSame([['pique', '25.0 %, 1 of 4', false]], $offer->rows);
    }

    #[Test]
    public function how_much_is_spoiled_of_one_cloth_is_taken_for_its_quotes_and_taken_back(): void
    {
        $this->load(0, spoil: true);
        self::assertFalse($this->pique()?->isOffered(), 'one piece says nothing of a cloth');
        $this->load(0, spoil: true);
        $this->load(0, spoil: true);
        $done = FloorEvent::query()->orderByDesc('seq')->firstOrFail()->replicate(['seq'])->fill([
            'event_id' => Str::uuid()->toString(),
            'kind' => EventKind::PieceDone,
            'piece_count' => 21,
        ]);
        $done->save();
        // Three of 24, and twenty at two in a hundred: 3.4 / 44 = 7.7 %.
        self::assertSame([7.7, 2.0, true], [$this->pique()?->offered(), $this->pique()?->inForce(), $this->pique()?->isOffered()]);
        $this->get('/books/learned')->assertOk()->assertSee('Spoilage by cloth')->assertSee('3 of 24');
        $asked = ['pieces' => '24', 'places' => '1', 'stitches' => '6000', 'colours' => '3', 'worth' => '20', 'fabric' => 'pique'];

        $put = fn(array $with) => $this->put('/books/learned/cloths', [
            'fabric' => 'pique',
            'offered' => '7.7',
            'do' => 'take',
            ...$with,
        ]);
        $put(['offered' => '5.1'])->assertSessionHasErrors('offered');
        foreach ([['fabric' => 'tin'], ['do' => 'guess'], ['offered' => 'much']] as $bad) {
            $put($bad)->assertSessionHasErrors();
        }
        $put(['do' => 'leave'])->assertSessionHas('done');
        self::assertFalse($this->pique()?->isOffered());
        $this->load(0, spoil: true);
        $this->load(0, spoil: true);
        // Five of 26: 5.4 / 46 = 11.7 %, far from what was left.
        self::assertTrue($this->pique()?->isOffered());
        $put(['offered' => '11.7'])->assertSessionHas('done');
        self::assertSame([11.7, false], [$this->pique()?->inForce(), $this->pique()?->isOffered()]);
        app()->forgetScopedInstances();
        $this->get('/orders/ask?'.http_build_query($asked))->assertSee('11.7 % of ')->assertSee('as measured here on pique');
        self::assertSame(11.7, app(ShopRates::class)->on(Fabric::Pique)->spoilage->percent);
        self::assertSame(2.0, app(ShopRates::class)->on(Fabric::Fleece)->spoilage->percent);
        $change = Change::query()->orderByDesc('seq')->firstOrFail();
        self::assertSame([['percent' => null], ['percent' => 11.7]], [$change->before, $change->after]);
        $this->post("/shop/changes/{$change->seq}/undo")->assertSessionHas('problem');

        // Four months later nothing is logged of it, and what is in force can still be taken back.
        DB::table('floor_events')->update(['recorded_at' => CarbonImmutable::now()->subYear()]);
        self::assertSame([null, 11.7, false], [$this->pique()?->learned, $this->pique()?->inForce(), $this->pique()?->isOffered()]);
        $this->get('/books/learned')->assertOk()->assertSee('none lately')->assertSee('Use the house figure');
        $put(['do' => 'back'])->assertSessionHas('done');
        self::assertNull($this->pique(), 'nothing to say of it any more');
        self::assertNull(SpoiledShare::query()->findOrFail('pique')->percent);
    }

    #[Test]
    public function breaks_are_told_by_the_thread_that_broke(): void
    {
        $artwork = $this->batch->decoration->artwork;
        self::assertNotNull($artwork);
        $blocks = $artwork->blocks()->with('thread')->get();
        $first = $blocks[0];
        self::assertGreaterThan(300, $first->stitches, 'three breaks at 100, 200 and 300 are in first block');
        $this->load(3);
        $this->load(0);
        $thread = $first->thread;
        self::assertNotNull($thread);
        $of = array_values(
            array_filter(
                (new LoggedBreaks())->byThread(),
                static fn(array $one): bool => $one['thread'] === "{$thread->code} {$thread->name}",
            ),
        );
        $sewn = (2 * $blocks->where('thread_id', $thread->id)->sum('stitches')) / 1000;
        self::assertSame([3, $sewn], [$of[0]['breaks'], $of[0]['thousands']]);
        $all = (2 * $blocks->sum('stitches')) / 1000;
        self::assertEqualsWithDelta($all, array_sum(array_column((new LoggedBreaks())->byThread(), 'thousands')), 1e-9);
        $this->get('/books/learned')
            ->assertOk()
            ->assertSee("{$thread->code} {$thread->name}: ".number_format(3 / $sewn, 3));
        // In another colour on this order it is that thread which broke.
        $other = Thread::query()->whereNotIn('id', $blocks->pluck('thread_id'))->orderBy('id')->firstOrFail();
        Colourway::query()->create([
            'decoration_id' => $this->batch->decoration_id,
            'number' => $first->number,
            'thread_id' => $other->id,
        ]);
        self::assertSame("{$other->code} {$other->name}", (new LoggedBreaks())->byThread()[0]['thread']);
    }

    #[Test]
    public function bobbin_thread_is_learned_from_bobbins_that_ran_out(): void
    {
        $artwork = $this->batch->decoration->artwork;
        self::assertNotNull($artwork);
        $length = (float) $artwork->blocks()->sum('length_mm');
        $rows = [];
        $put = function (EventKind $kind, int $stitch) use (&$rows): void {
            $rows[] = [
                'event_id' => Str::uuid()->toString(),
                'kind' => $kind->value,
                'machine_id' => self::machine('M2')->id,
                'batch_id' => $this->batch->id,
                'order_id' => self::polos()->id,
                'load' => 1,
                'stitch' => $stitch,
                'clock_s' => 1.0,
                'planned_s' => 0.0,
                'pieces' => '[]',
                'piece_count' => 1,
                'source' => 'hand',
                'who' => '',
                'reason' => '',
                'recorded_at' => CarbonImmutable::now(),
            ];
        };
        // A bobbin that was begun nobody knows when tells nothing; then each sews some whole loads and a part.
        $put(EventKind::BobbinRanOut, 1000);
        foreach ([[9, 500], [11, 1500], [10, 0]] as [$loads, $rest]) {
            foreach (range(1, $loads) as $ignored) {
                $put(EventKind::Sewn, 2288);
            }
            $put(EventKind::BobbinRanOut, $rest);
        }
        FloorEvent::query()->insert($rows);
        $bobbins = app(\App\Books\Learning\LoggedWork::class)->bobbins();
        self::assertCount(3, $bobbins);
        // The first finishes the load in which the bobbin before ran out at 1 000: 8 whole ones, that rest, and 500 more.
        $share = static fn(float $loads): array => [$loads * $length, $loads * 2288];
        self::assertEqualsWithDelta($share(9 - 1000 / 2288 + 500 / 2288), $bobbins[0], 0.5);
        self::assertEqualsWithDelta($share(11 - 500 / 2288 + 1500 / 2288), $bobbins[1], 0.5);
        self::assertEqualsWithDelta($share(10 - 1500 / 2288), $bobbins[2], 0.5);
        // All of them sewed the same: length and stitches cannot be told apart, and nothing is offered.
        self::assertNull($this->offer(HouseRule::BobbinPerLength->value));
    }

    /** @phpstan-impure */
    private function offer(string $about): ?RuleSuggestion
    {
        app()->forgetScopedInstances();

        return app(RuleLearning::class)->find($about);
    }

    /** @phpstan-impure */
    private function pique(): ?ClothSuggestion
    {
        app()->forgetScopedInstances();

        return app(SpoilageLearning::class)->find(Fabric::Pique);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function decide(?RuleSuggestion $offer, string $do): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->put('/books/learned/rules', [
            'about' => $offer?->about,
            'figures' => $offer?->sign(),
            'do' => $do,
        ]);
    }

    private function after(int $seconds): void
    {
        $this->now = $this->now->addSeconds($seconds);
        $this->travelTo($this->now);
    }

    /** The next piece, from the frame to the finishing list. */
    private function load(int $breaks, bool $spoil = false): void
    {
        $piece = (int) $this->batch->pieces()->where('state', 'waiting')->orderBy('pieces.id')->value('pieces.id');
        self::tell('M2', $this->batch, EventKind::LoadStarted, [$piece]);
        for ($i = 1; $i <= $breaks; $i++) {
            self::tell('M2', $this->batch, EventKind::ThreadBroke, [], 100 * $i);
            self::tell('M2', $this->batch, EventKind::Resumed);
        }
        self::tell('M2', $this->batch, EventKind::Sewn, [$piece], 2288);
        $spoil
            ? self::tell('M2', $this->batch, EventKind::PieceSpoiled, [$piece], 2288, cause: SpoilCause::Puckering)
            : self::tell('M2', $this->batch, EventKind::PieceDone, [$piece], 2288);
    }
}
