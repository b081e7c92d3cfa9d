<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Setup\Models\KeptPlacement;
use App\Setup\Models\Practice;
use App\Setup\Models\Setup;
use App\Setup\Queries\BackingCuts;
use App\Stock\Models\BackingStock;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\CutWant;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Places that are kept, backing that is cut, and what has been practised. */
final class WorkroomTest extends FeatureTestCase
{
    #[Test]
    public function a_place_that_was_found_is_kept_for_the_garment_and_used_for_the_next_order_of_it(): void
    {
        $polo = self::decoration(self::polos());
        $this->get("/setup/{$polo->id}?size=M")
            ->assertSee('peg 12')
            ->assertSee('198 mm down');
        $this->put("/setup/{$polo->id}/placement", [
            'size' => 'M',
            'peg' => '17',
            'down' => '191,5',
            'across' => '95',
        ])->assertSessionHasNoErrors();
        $this->get("/setup/{$polo->id}?size=M")
            ->assertSee('peg 17')
            ->assertSee('192 mm down, 95 mm across');
        self::assertSame(
            191.5,
            KeptPlacement::query()
                ->where(['garment' => 'landing', 'position' => 'left_chest', 'size' => 'M'])
                ->firstOrFail()->down_mm,
        );
        $this->get("/setup/{$polo->id}?size=L")->assertSee('peg 13');
    }

    #[Test]
    public function a_place_off_the_garment_is_refused_at_its_field_and_nothing_is_kept(): void
    {
        $polo = self::decoration(self::polos());
        $before = KeptPlacement::query()->get()->toArray();
        $this->put("/setup/{$polo->id}/placement", [
            'size' => 'M',
            'peg' => str_repeat('1', 13),
            'down' => 'low',
            'across' => '4000',
        ])->assertSessionHasErrors(['peg', 'down', 'across']);
        $this->put("/setup/{$polo->id}/placement", [
            'size' => 'giant',
            'down' => '1',
            'across' => '1',
        ])->assertSessionHasErrors('size');
        self::assertSame($before, KeptPlacement::query()->get()->toArray());
    }

    /** @return iterable<string, array{string, string}> */
    public static function measurements(): iterable
    {
        yield 'level with the other pocket' => ['measure=level&a=203', '203 mm'];
        yield 'the middle of two marks' => ['measure=midway&a=180&b=200', '190 mm'];
        // The bell is 63 mm wide at its hull, so (263 - width) / 2 on either side.
        yield 'equal gaps to two seams' => ['measure=gaps&a=263', 'on both sides'];
        yield 'the middle of a width' => ['measure=half&a=441', '220'];
        yield 'with a decimal comma' => ['measure=half&a=441,0', '220'];
        yield 'one mark of two' => ['measure=midway&a=180', 'Enter the other mark too.'];
        yield 'a corner that is none' => ['measure=corner&a=90&b=400', 'class="wrong"'];
        yield 'seams nearer than the design is wide' => ['measure=gaps&a=10', 'class="wrong"'];
    }

    #[Test]
    #[DataProvider('measurements')]
    public function what_was_measured_is_worked_out_while_it_is_typed(string $typed, string $said): void
    {
        $this->get('/setup/'.self::decoration(self::polos())->id."/measure?{$typed}")
            ->assertOk()
            ->assertSee($said, false);
    }

    #[Test]
    public function nothing_measured_yet_is_answered_with_nothing(): void
    {
        self::assertSame(
            '',
            $this->get('/setup/'.self::decoration(self::polos())->id.'/measure?measure=level&a=')
                ->assertOk()
                ->getContent(),
        );
    }

    #[Test]
    public function whatever_is_chosen_otherwise_wants_its_own_reason_which_is_shown_afterwards(): void
    {
        $polo = self::decoration(self::polos());
        $asked = [
            'frame' => 'R-9',
            'turn' => 0,
            'backing' => 'tear_away',
            'layers' => 3,
            'adhesive' => '0',
            'topper' => '1',
            'needle_size' => '90/14',
            'needle_point' => 'sharp',
            'speed' => 400,
        ];
        $this->post("/setup/{$polo->id}", $asked)->assertSessionHasErrors([
            'why.backing',
            'why.topper',
            'why.needle',
            'why.speed',
        ]);
        $this->post("/setup/{$polo->id}", [
            ...$asked,
            'why' => [
                'backing' => 'out of cutaway',
                'topper' => 'it sank in last time',
                'needle' => 'the last box',
                'speed' => '',
            ],
        ])
            ->assertSessionHasErrors(['why.speed'])
            ->assertSessionDoesntHaveErrors(['why.backing']);
        $this->post("/setup/{$polo->id}", [
            ...$asked,
            'why' => [
                'backing' => 'out of cutaway',
                'topper' => 'it sank in last time',
                'needle' => 'the last box',
                'speed' => 'a new hand at the machine',
            ],
        ])->assertSessionHasNoErrors();
        $setup = Setup::query()->findOrFail($polo->id);
        self::assertSame(
            [Backing::TearAway, 3, true, '90/14', 'sharp', 400],
            [
                $setup->backing,
                $setup->layers,
                $setup->topper,
                $setup->needle_size,
                $setup->needle_point,
                $setup->speed_spm,
            ],
        );
        self::assertEqualsCanonicalizing(
            ['backing', 'topper', 'needle', 'speed'],
            array_column($setup->departures, 'about'),
        );
        $this->get("/setup/{$polo->id}")
            ->assertSee('a new hand at the machine')
            ->assertSee('out of cutaway');
        $this->post("/setup/{$polo->id}", [
            ...$asked,
            'layers' => 9,
            'speed' => 9000,
            'needle_size' => '200/99',
            'backing' => 'paper',
        ])->assertSessionHasErrors(['layers', 'speed', 'needle_size', 'backing']);
    }

    #[Test]
    public function each_machine_is_said_to_do_it_or_why_it_does_not(): void
    {
        $cap = self::decoration(self::caps());
        $page = (string) $this->get("/setup/{$cap->id}?tab=machines")->getContent();
        // M2 has no cap driver; M3 does not turn caps by itself.
        self::assertMatchesRegularExpression('~M2 Wren.*?There is no cap driver here~s', $page);
        $this->get("/setup/{$cap->id}?machine=M3")->assertSee('Turn the design 180° on the machine');
        $this->get("/setup/{$cap->id}?machine=M1")
            ->assertDontSee('Turn the design 180')
            ->assertSee('this machine turns the design once');
    }

    #[Test]
    public function backing_is_cut_for_a_batch_once_and_the_shelf_is_less_by_it(): void
    {
        $desk = app(BackingCuts::class);
        $wants = $desk->wants();
        // Any batch that the shelf has enough for.
        $code = (string) array_key_first(array_diff_key($wants, $desk->list(array_column($wants, 0))->short));
        $want = $wants[$code][0];
        $total = static fn(): float => (float) BackingStock::query()
            ->where('kind', $want->kind->value)
            ->get()
            ->sum(static fn(BackingStock $stock): float => $stock->width_mm * $stock->length_mm * $stock->count);
        $before = $total();
        $this->get('/setup/backing')
            ->assertOk()
            ->assertSee($code)
            ->assertSee(round($want->widthMm).' × '.round($want->heightMm));
        $this->post("/setup/backing/{$code}")->assertSessionHas('done');
        // At least the cut pieces are gone from the shelf, and off-cuts lie there again.
        self::assertLessThanOrEqual($before - $want->count * $want->widthMm * $want->heightMm + 1.0, $total());
        $after = $total();
        $this->post("/setup/backing/{$code}")->assertSessionHas(
            'problem',
            static fn(string $text): bool => str_contains($text, 'already cut'),
        );
        self::assertSame($after, $total(), 'done twice it is done once');
        $this->get('/setup/backing')->assertDontSee("Cut<span class=\"sr-only\"> for {$code}", false);
        $this->post('/setup/backing/B-999')->assertSessionHas('problem');
    }

    #[Test]
    public function short_backing_is_said_before_its_day(): void
    {
        $polos = self::batchOf(self::polos())->code;
        BackingStock::query()->where('kind', 'cutaway')->delete();
        $this->get('/setup/backing')
            ->assertSee('Backing is short')
            ->assertSee($polos)
            ->assertSee('pieces missing');
        self::assertGreaterThan(
            0,
            array_sum(
                array_map(
                    static fn(array $one): int => $one[0] instanceof CutWant ? $one[0]->count : 0,
                    app(BackingCuts::class)->wants(),
                ),
            ),
        );
    }

    #[Test]
    public function the_shelf_is_counted_anew_and_added_to_and_bad_counts_are_refused(): void
    {
        $this->post('/setup/backing', [
            'kind' => 'mesh',
            'form' => 'piece',
            'width' => '150',
            'length' => '150',
            'count' => '40',
        ])->assertSessionHasNoErrors();
        $this->post('/setup/backing', [
            'kind' => 'mesh',
            'form' => 'piece',
            'width' => '150',
            'length' => '150',
            'count' => '10',
        ])->assertSessionHasNoErrors();
        $stock = BackingStock::query()
            ->where(['kind' => 'mesh', 'form' => 'piece'])
            ->sole();
        self::assertSame(50, $stock->count, 'the same size lies on the same heap');
        $this->put("/setup/backing/{$stock->id}", ['count' => '44', 'length' => '150'])->assertSessionHasNoErrors();
        $this->put("/setup/backing/{$stock->id}", ['count' => '-3', 'length' => 'much'])->assertSessionHasErrors([
            'count',
            'length',
        ]);
        self::assertSame(44, $stock->refresh()->count);
        // A roll is said and counted in metres, with either mark.
        $roll = ['kind' => 'mesh', 'form' => 'roll', 'width' => '640', 'length' => '37,5', 'count' => '1'];
        $this->post('/setup/backing', $roll)->assertSessionHasNoErrors();
        $new = BackingStock::query()->where(['kind' => 'mesh', 'form' => 'roll', 'width_mm' => 640])->sole();
        self::assertEqualsWithDelta(37_500.0, $new->length_mm, 1e-6);
        $this->put("/setup/backing/{$new->id}", ['count' => '1', 'metres' => '12.5'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(12_500.0, $new->refresh()->length_mm, 1e-6);
        $this->post('/setup/backing', [...$roll, 'length' => '38000'])->assertSessionHasErrors(['length']);
        $this->post('/setup/backing', [
            'kind' => 'paper',
            'form' => 'heap',
            'width' => '1',
            'length' => '',
            'count' => '1.5',
        ])->assertSessionHasErrors(['kind', 'form', 'width', 'length', 'count']);
    }

    #[Test]
    public function what_was_practised_is_written_down_and_what_was_not_is_said_with_its_worth(): void
    {
        $this->get('/setup/practice')->assertOk()->assertSee('Clips on both posts')->assertSee('plush');
        $this->post('/setup/practice', [
            'fabric' => 'plush',
            'frame_kind' => 'magnetic',
            'who' => 'Maren',
            'on_scrap' => '1',
            'came_out' => '0',
            'failed' => '2',
            'remark' => '',
        ])->assertSessionHasErrors('remark');
        $this->post('/setup/practice', [
            'fabric' => 'plush',
            'frame_kind' => 'magnetic',
            'who' => 'Maren',
            'on_scrap' => '1',
            'came_out' => '0',
            'failed' => '0',
        ])->assertSessionHasErrors('failed');
        $this->post('/setup/practice', [
            'fabric' => 'fur',
            'frame_kind' => 'net',
            'who' => '',
            'on_scrap' => 'perhaps',
            'came_out' => 'some',
            'failed' => '-1',
        ])->assertSessionHasErrors(['fabric', 'frame_kind', 'who', 'on_scrap', 'came_out', 'failed']);
        $this->post('/setup/practice', [
            'fabric' => 'plush',
            'frame_kind' => 'magnetic',
            'who' => 'Maren',
            'on_scrap' => '1',
            'came_out' => '3',
            'failed' => '1',
            'remark' => 'Film, or it sinks in.',
        ])->assertSessionHasNoErrors();
        $this->get('/setup/practice')->assertSee('Film, or it sinks in.');
        self::assertSame(
            [3, 1],
            array_values(
                Practice::query()
                    ->where(['fabric' => 'plush', 'who' => 'Maren'])
                    ->sole()
                    ->only('came_out', 'failed'),
            ),
        );
    }

    #[Test]
    public function pieces_counted_on_the_floor_are_practice_for_real_and_the_steps_keep_who_confirmed_them(): void
    {
        $batch = self::batchOf(self::polos());
        $work = \App\Floor\Queries\WorkList::of(
            app(\App\Setup\Queries\MachineSetups::class)->on(
                $batch->decoration_id,
                \App\Machine\Models\Machine::query()->findOrFail($batch->machine_id),
            )->steps ?? [],
        );
        $post = fn(string $kind, array $more = []) => $this->post('/floor/M2/events', [
            'id' => (string) Str::uuid(),
            'batch' => $batch->code,
            'kind' => $kind,
            ...$more,
        ]);
        $post('preflight_done', ['checked' => $work->wanted(), 'who' => 'Maren'])->assertSessionHasNoErrors();
        $kept = DB::table('step_confirmations')->where('batch_id', $batch->id)->get();
        self::assertEqualsCanonicalizing($work->codes(true), $kept->pluck('code')->all());
        self::assertSame(['Maren'], $kept->pluck('who')->unique()->all());
        $post('load_started');
        $load = (string) \App\Floor\Log\FloorLog::run($batch)->load->event;
        $this->postJson(
            '/machines/reports',
            ['id' => (string) Str::uuid(), 'load' => $load, 'kind' => 'sewn', 'stitch' => 2288, 'clock_s' => 240],
            self::bearer('M2'),
        )->assertOk();
        $post('piece_done', ['who' => 'Odo'])->assertSessionHasNoErrors();
        self::assertSame(
            1,
            (int) Practice::query()
                ->where(['fabric' => 'pique', 'who' => 'Odo', 'on_scrap' => false])
                ->sum('came_out'),
        );
        self::assertEqualsCanonicalizing(
            $work->codes(false),
            DB::table('step_confirmations')->where('batch_id', $batch->id)->where('who', 'Odo')->pluck('code')->all(),
        );
    }

    #[Test]
    public function before_an_order_is_promised_what_stands_in_its_way_and_what_it_puts_at_risk_is_said(): void
    {
        $tall = \App\Artwork\Models\Artwork::query()->where('name', 'Lake panorama')->value('id');
        $line = [
            'garment' => 'cap',
            'fabric' => 'twill',
            'structure' => 'structured',
            'profile' => 'low',
            'style' => 'Quayside',
            'colour_name' => 'navy',
            'colour_hex' => '#26324f',
            'sizes' => ['one' => '10'],
            'decorations' => [['position' => 'cap_front', 'artwork_id' => (string) $tall]],
        ];
        // Ten caps at 8.80 each, and a panorama wider than the driver reaches.
        $this->post('/orders/new/check', ['lines' => [$line]])
            ->assertOk()
            ->assertSee('Line 1, Lake panorama, cap front')
            ->assertSee('worth 88.00')
            ->assertSee('note-now', false);
        $this->post('/orders/new/check', ['lines' => [[...$line, 'unit_value' => '12.50']]])->assertSee('worth 125.00');
        $this->post('/orders/new/check', [
            'lines' => ['nonsense', ['garment' => 'yurt'], [...$line, 'sizes' => 'many']],
        ])->assertOk();
        $this->post('/orders/new/check', [])->assertOk();
    }
}
