<?php

declare(strict_types=1);

namespace Tests\Feature\Setup;

use App\Foundation\Words\KeptText;
use App\Foundation\Words\Words;
use App\Needles\Models\Needle;
use App\Needles\Models\NeedleFitting;
use App\Setup\Models\Setup;
use App\Setup\Queries\DecorationSetups;
use App\Stock\Models\Thread;
use Hakama\Needles\Assignment;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\SizeRow;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class SetupAndNeedlesTest extends FeatureTestCase
{
    #[Test]
    public function a_school_is_changed_in_the_shop_and_the_other_is_shown_beside_the_advice(): void
    {
        $jacket = self::decoration(self::jackets());
        $this->get("/setup/{$jacket->id}")
            ->assertSee('The shell of a jacket carries the stitches')
            ->assertSee('Other practice: A jacket is heavy and worn for years')
            ->assertSee('Keep pockets, rivets and linings out')
            ->assertDontSee('sweatband');
        $this->get('/shop')->assertSee('Where practice differs')->assertSee('Backing under heavy jackets');
        $this->put('/shop/rules', ['schools' => ['jacket_backing' => 'cutaway']])->assertSessionHasNoErrors();
        $this->get("/setup/{$jacket->id}")->assertSee('Other practice: The shell of a jacket carries the stitches');
        $this->put('/shop/rules', ['schools' => ['jacket_backing' => 'paper']])->assertSessionHasErrors([
            'schools.jacket_backing' => 'Choose one of the options.',
        ]);
        $this->put('/shop/rules', ['schools' => ['hat_size' => 'large']])->assertSessionHasErrors('schools');
        self::assertSame(
            'cutaway',
            app(\App\Shop\House::class)->rules()->school(\Hakama\House\Question::JacketBacking),
        );
    }

    #[Test]
    public function a_wide_front_on_hoodies_says_which_sizes_go_in_waist_first_and_a_batch_goes_by_the_smallest(): void
    {
        $hoodies = self::decoration(self::hoodies());
        $hoodies->update([
            'position' => 'full_front',
            'artwork_id' => \App\Artwork\Models\Artwork::query()->where('name', 'Lake panorama')->value('id'),
        ]);
        $this->put('/shop/rules', ['neck_hoodie_mm' => '280'])->assertSessionHasNoErrors();
        // 216 mm wide; S leaves 196, M 210, L 224, XL 238.
        $this->get("/setup/{$hoodies->id}?tab=sizes")
            ->assertSee('Not every size can be loaded the same way. All sizes can be turned 180°')
            ->assertSee('waist first, and the design turned half round', false);
        // Each size is told its own reason, not that of the one that wants most.
        $this->get("/setup/{$hoodies->id}?size=S")->assertSee('the frame would run out of travel');
        $this->get("/setup/{$hoodies->id}?size=XL")
            ->assertDontSee('the frame would run out of travel')
            ->assertSee('turned half round only where needed');
        $this->post("/setup/{$hoodies->id}", ['frame' => 'S-30', 'turn' => 0])->assertSessionHasErrors('why.turn');
        $this->post("/setup/{$hoodies->id}", ['frame' => 'S-30', 'turn' => 180])->assertSessionHasNoErrors();
        self::assertSame(180, Setup::query()->findOrFail($hoodies->id)->turn_deg);
    }

    #[Test]
    public function the_setup_page_ranks_the_frames_and_gives_every_value_its_reason(): void
    {
        $page = $this->get('/setup/'.self::decoration(self::caps())->id.'?tab=frames')->assertOk();

        $page
            ->assertSee('The stiff front of a structured cap')
            ->assertSee('650 spm')
            ->assertSee('80/12 sharp')
            ->assertSee('is mounted now');
        self::assertMatchesRegularExpression('~<tr class="font-semibold">\s*<td>K-1~', (string) $page->getContent());
    }

    #[Test]
    public function a_chosen_setup_makes_a_batch_with_a_place_in_the_plan(): void
    {
        $decoration = self::decoration(self::caps());
        $this->post("/setup/{$decoration->id}", ['frame' => 'K-1', 'turn' => 180])->assertRedirect('/setup');
        $batch = self::batchOf(self::caps());
        $setup = Setup::query()->findOrFail($decoration->id);

        self::assertNotNull($batch->machine_id);
        self::assertSame(
            [Backing::TearAway, 2, 650, 120],
            [$setup->backing, $setup->layers, $setup->speed_spm, $setup->hoop_s],
        );
        self::assertSame(
            [self::machine('M1')->id, self::machine('M3')->id],
            array_keys($setup->seconds()),
            'machines with a cap driver',
        );
        $this->get('/plan?day=1')->assertSee($batch->code);
    }

    #[Test]
    public function what_goes_against_the_advice_wants_a_reason_that_is_kept(): void
    {
        $decoration = self::decoration(self::aprons());
        $advised = Setup::query()->findOrFail($decoration->id);
        $advised->delete();
        $chosen = ['frame' => $advised->frame->code, 'turn' => $advised->turn_deg, 'needle_size' => '90/14'];
        $this->post("/setup/{$decoration->id}", $chosen)->assertSessionHasErrors(['why.needle']);
        self::assertFalse(Setup::query()->whereKey($decoration->id)->exists());
        $this->post("/setup/{$decoration->id}", [...$chosen, 'why' => ['needle' => 'the canvas is waxed']])
            ->assertRedirect('/setup');
        self::assertSame(
            [
                [
                    'about' => 'needle',
                    'advised' => '80/12 sharp',
                    'chosen' => '90/14 sharp',
                    'why' => 'the canvas is waxed',
                ],
            ],
            array_map(
                static fn(array $one): array => [
                    ...$one,
                    'advised' => KeptText::said($one['advised']),
                    'chosen' => KeptText::said($one['chosen']),
                ],
                Setup::query()->findOrFail($decoration->id)->departures ?? [],
            ),
        );
        $this->get("/setup/{$decoration->id}")
            ->assertSee('Differs from the advice')
            ->assertSee('Needle: 90/14 sharp instead of 80/12 sharp. the canvas is waxed');
        $this->post("/setup/{$decoration->id}", ['frame' => 'nothing', 'turn' => 45])->assertSessionHasErrors([
            'frame',
            'turn',
        ]);
    }

    #[Test]
    public function the_order_form_and_the_setup_page_say_the_same_of_the_same_decoration(): void
    {
        foreach ([self::polos(), self::hoodies(), self::caps(), self::jackets(), self::aprons()] as $order) {
            $decoration = self::decoration($order)->loadForSetup();
            $setups = app(DecorationSetups::class);
            $page = $setups->sheet($decoration, machine: 'any');
            $pieces = array_column(
                array_map(
                    static fn(SizeRow $row): array => [$row->size->value, $row->pieces],
                    $page->sizes->rows,
                ),
                1,
                0,
            );
            $form = Words::each(array_column($setups->warnings($decoration, $pieces), 'text'));
            $shown = [
                ...Words::each(array_column($page->advice->warnings, 'text')),
                ...Words::each(array_column($page->asks(), 'why')),
            ];

            self::assertEqualsCanonicalizing($shown, $form, $decoration->line->garmentLabel());
        }
    }

    #[Test]
    public function what_cannot_be_mounted_cannot_be_chosen_whatever_the_reason(): void
    {
        $cap = self::decoration(self::caps());
        $why = ['driver' => 'flat blanks', 'turn' => 'it reads better', 'frame' => 'it is all we have'];
        foreach (
            [
                [['frame' => 'S-30', 'turn' => 180], 'S-30 cannot hold this cap'],
                [['frame' => 'K-1', 'turn' => 0], 'It cannot be mounted that way round. The bill goes towards the machine'],
                [['frame' => 'K-1', 'turn' => 90], 'It cannot be mounted that way round'],
            ] as [$chosen, $says]
        ) {
            $this->post("/setup/{$cap->id}", [...$chosen, 'why' => $why])->assertSessionHasErrors('frame');
            self::assertStringContainsString($says, (string) session('errors')?->first('frame'));
            self::assertFalse(Setup::query()->whereKey($cap->id)->exists());
        }
        // Nor is it on offer.
        $page = (string) $this->get("/setup/{$cap->id}?frame=K-1")->getContent();
        self::assertSame(1, preg_match_all('~name="turn"~', $page));
        self::assertStringNotContainsString('the crown', $page);
        $jacket = (string) $this->get('/setup/'.self::decoration(self::jackets())->id)->getContent();
        self::assertSame(2, preg_match_all('~name="turn"~', $jacket), 'neck or waist, and no side');
    }

    #[Test]
    public function a_place_across_the_placket_is_stopped_drawn_and_moved_in_one_touch(): void
    {
        $polo = self::decoration(self::polos());
        $size = 'M';
        $this->put("/setup/{$polo->id}/placement", ['size' => $size, 'down' => '200', 'across' => '30', 'peg' => '']);
        $page = $this->get("/setup/{$polo->id}?size={$size}");
        $page->assertSee('lies across the placket')->assertSee('class="obstruction"', false);
        $governing = (string) $page->getContent();
        self::assertSame(1, preg_match('~data-cure="move_place".*?name="across" value="([0-9.]+)"~s', $governing, $across));
        $this->put("/setup/{$polo->id}/placement", ['size' => $size, 'down' => '200', 'across' => $across[1], 'peg' => '']);
        $this->get("/setup/{$polo->id}?size={$size}")->assertDontSee('lies across the placket');
    }

    #[Test]
    public function the_drawing_of_the_frame_is_to_scale_and_agrees_with_the_figures(): void
    {
        $html = (string) $this->get('/setup/'.self::decoration(self::caps())->id.'?frame=K-1')->getContent();
        preg_match('~<svg viewBox="[^"]*" class="[^"]*" role="img" id="in-frame".*?</svg>~s', $html, $found);
        $svg = simplexml_load_string($found[0]);
        self::assertNotFalse($svg);
        $window = $svg->rect[1];
        $design = $svg->g[0]->image;

        // The window is 170 × 78 mm; what is written as slack on the left is what is left of it beside the design.
        self::assertSame(['170', '78'], [(string) $window['width'], (string) $window['height']]);
        preg_match('~Slack in the window: left ([\d.]+), right ([\d.]+)~', $html, $slack);
        self::assertEqualsWithDelta((170 - ((float) $design['width'] - 4)) / 2, (float) $slack[1], 0.06);
    }

    #[Test]
    public function an_artwork_without_all_its_threads_is_not_set_up_yet(): void
    {
        $this->get('/setup')->assertSee('choose its threads first');
        $this->post('/setup/'.self::decoration(self::jackets())->id, [
            'frame' => 'R-12',
            'turn' => 180,
        ])->assertSessionHasErrors('frame');
        self::assertFalse(
            Setup::query()
                ->whereKey(self::decoration(self::jackets())->id)
                ->exists(),
        );
    }

    #[Test]
    public function without_an_artwork_there_is_nothing_to_set_up(): void
    {
        $this->get('/setup/'.self::decoration(self::blankets())->id)->assertRedirect(
            '/orders/'.self::blankets()->number,
        );
    }

    #[Test]
    public function a_changed_rule_retimes_what_is_open_and_a_bad_one_is_refused_at_its_field(): void
    {
        $before = Setup::query()->findOrFail(self::decoration(self::hoodies())->id)->seconds();
        $this->put('/shop/rules', ['trim_s' => '16'])->assertRedirect();
        $after = Setup::query()->findOrFail(self::decoration(self::hoodies())->id)->seconds();
        // Ferry roundel has 12 trims, ten seconds more each.
        self::assertSame(array_map(static fn(int $s): int => $s + 120, $before), $after);

        $this->put('/shop/rules', ['trim_s' => '999'])->assertSessionHasErrors('trim_s');
        $this->put('/shop/rules', ['trim_s' => 'soon'])->assertSessionHasErrors('trim_s');
        // Several at once, each said at its field, and none of them kept where one is wrong.
        $this->put('/shop/rules', ['trim_s' => '12', 'swap_s' => '9000', 'hoop_s' => 'long'])
            ->assertSessionHasErrors(['swap_s', 'hoop_s'])
            ->assertSessionDoesntHaveErrors('trim_s')
            ->assertSessionHasInput('swap_s', '9000');
        self::assertSame(16.0, app(\App\Shop\House::class)->rules()->value(\Hakama\House\HouseRule::TrimTime));
        // The second of two people is told of the first.
        $seen = app(\App\Shop\House::class)->sign();
        $this->put('/shop/rules', ['trim_s' => '11', 'seen' => $seen])->assertSessionHasNoErrors();
        $this->put('/shop/rules', ['trim_s' => '9', 'seen' => $seen])->assertSessionHasErrors('seen');
        $this->get('/shop')->assertSee('How long the machine takes to cut a thread.');
    }

    #[Test]
    public function the_needles_page_says_what_to_load_and_how_many_changes_arrival_would_need(): void
    {
        $page = $this->get('/needles/M1')->assertOk();

        self::assertMatchesRegularExpression(
            '~\d+ changes for the next \d+ batches; in order of arrival \d+, reloading for each batch \d+\.~',
            (string) $page->getContent(),
        );
        $page->assertSee('Needle order', false);
    }

    #[Test]
    public function loading_what_is_asked_for_leaves_nothing_to_load(): void
    {
        $board = self::board();
        $workload = $board->workload();
        $planned = Assignment::of(
            $workload->lanes['M2']->rack,
            array_map(static fn(string $code) => $workload->batches[$code]->demand(), $board->sequence()->on('M2')),
            $workload->needs,
        );
        self::assertGreaterThan(0, $planned->changes());
        foreach ($planned->batches as $batch) {
            foreach ($batch->load as $change) {
                $this->post("/needles/M2/{$change->needle}", ['thread' => $change->to])->assertRedirect('/needles/M2');
            }
        }
        $last = $planned->batches[count($planned->batches) - 1];
        $board = self::board();
        self::assertSame(
            $planned->rackAfter->thread($last->order[0]),
            $board->workload()->lanes['M2']->rack->thread($last->order[0]),
        );
    }

    #[Test]
    public function a_pinned_needle_keeps_its_thread_until_it_is_unpinned(): void
    {
        $this->post('/needles/M1/1', ['thread' => 'D-09'])->assertSessionHasErrors('thread');
        $this->put('/needles/M1/1', ['pinned' => '0'])->assertRedirect();
        $this->post('/needles/M1/1', ['thread' => 'D-09'])->assertSessionHasNoErrors();
        self::assertSame(
            'D-09',
            Needle::query()->with('thread')->where('machine_id', self::machine('M1')->id)->where('number', 1)->first()
                ?->thread?->code,
        );
    }

    #[Test]
    public function two_people_at_one_needle_are_told_of_each_other(): void
    {
        $stood = Thread::query()->where('code', 'D-12')->firstOrFail()->id;
        $this->post('/needles/M1/3', ['thread' => 'D-09', 'seen' => $stood])->assertSessionHasNoErrors();
        $this->post('/needles/M1/3', ['thread' => 'D-11', 'seen' => $stood])->assertSessionHasErrors('thread');
        self::assertSame(
            'D-09',
            Needle::query()->with('thread')->where('machine_id', self::machine('M1')->id)->where('number', 3)->first()
                ?->thread?->code,
        );
    }

    #[Test]
    public function an_unknown_machine_needle_or_thread_is_not_found_or_said(): void
    {
        $this->get('/needles/M9')->assertNotFound();
        $this->post('/needles/M1/99', ['thread' => 'D-09'])->assertNotFound();
        $this->post('/needles/M1/4', ['thread' => 'yarn'])->assertSessionHasErrors('thread');
    }

    #[Test]
    public function the_walks_to_the_shelf_hold_every_change_of_the_next_days_once(): void
    {
        $board = self::board();
        $page = (string) $this->get('/needles/walks')->assertOk()->assertSee('Next walk:')->getContent();
        $changes = 0;
        foreach ($board->timetable()->placed as $placed) {
            $changes +=
                $placed->changeoverStart < $board->workload()->now + 2 * 86400
                    ? count($placed->changes->cones->load)
                    : 0;
        }
        self::assertGreaterThan(3, $changes);
        self::assertSame($changes, preg_match_all('~<strong>Needle \d+:</strong>~', $page));
    }

    #[Test]
    public function the_needle_card_is_for_the_rack_as_it_will_stand_then(): void
    {
        foreach (self::board()->timetable()->placed as $placed) {
            $page = (string) $this->get("/needles/cards/{$placed->batch->id}")
                ->assertOk()
                ->getContent();
            preg_match_all('~<strong class="needle-number">(\d+)</strong>~', $page, $needles);
            self::assertSame($placed->changes->cones->order, array_map(intval(...), $needles[1]), $placed->batch->id);
            // Beside the machine stands the same.
            $floor = (string) $this->get("/floor/cards/{$placed->batch->id}")
                ->assertOk()
                ->getContent();
            self::assertSame(
                preg_match('~<table.*</table>~s', $page, $paper),
                preg_match('~<table.*</table>~s', $floor, $beside),
            );
            self::assertSame($paper, $beside);
        }
        [$now, $next] = self::board()->sequence()->on('M1');
        $this->get('/floor/M1')
            ->assertSee("/floor/cards/{$now}", false)
            ->assertSee("/floor/cards/{$next}", false);
        DB::table('batches')
            ->where('code', $next)
            ->update(['machine_id' => null]);
        self::board();
        $this->get("/floor/cards/{$next}")
            ->assertRedirect('/floor')
            ->assertSessionHas('problem');
        $this->get('/needles/cards/B-999')->assertNotFound();
    }

    #[Test]
    public function needles_of_another_kind_are_a_part_of_the_set_up_and_said_where_they_are_loaded(): void
    {
        $needleChanges = array_values(
            array_filter(
                self::board()->timetable()->on('M1'),
                static fn($placed): bool => $placed->changes->needles > 0,
            ),
        );
        self::assertNotSame([], $needleChanges);
        $batch = self::board()->batches()[$needleChanges[0]->batch->id];
        $this->get("/needles/cards/{$batch->code}")->assertSee("Fit {$batch->batch->equipment->needle}");
        $this->get("/plan/batches/{$batch->code}")->assertSee(
            "fit {$batch->batch->equipment->needle} on {$needleChanges[0]->changes->needles}",
        );
        $before = $needleChanges[0]->changeoverS;
        $this->put('/shop/rules', ['needle_min' => '0'])->assertSessionHasNoErrors();
        self::assertSame(
            $before - 90 * $needleChanges[0]->changes->needles,
            self::board()->timetable()->find($batch->code)?->changeoverS,
            'a minute and a half for each',
        );
    }

    #[Test]
    public function a_needle_that_is_fitted_is_recorded_once_and_the_advice_to_fit_it_is_gone(): void
    {
        $wants = self::board()->timetable()->on('M2')[0]->batch->equipment->needle;
        [$size, $point] = explode(' ', $wants);
        $used = array_values(array_unique(self::board()->timetable()->on('M2')[0]->changes->cones->order));
        sort($used);
        $other = $size === '80/12' ? '75/11' : '80/12';
        self::machine('M2')
            ->rack()
            ->whereIn('number', $used)
            ->update(['size' => $other, 'point' => 'sharp']);
        app()->forgetScopedInstances();
        $said = 'need '.$wants;
        $this->get('/needles/M2')->assertSee($said)->assertSee('They are fitted');
        $fit = ['id' => (string) Str::uuid(), 'numbers' => $used, 'size' => $size, 'point' => $point];
        $this->post('/needles/M2/fittings', $fit)->assertSessionHas('done');
        $this->post('/needles/M2/fittings', $fit)->assertSessionHas('done');
        self::assertSame(count($used), NeedleFitting::query()->where('event_id', $fit['id'])->count());
        self::assertSame(
            [$wants],
            self::machine('M2')
                ->rack()
                ->whereIn('number', $used)
                ->get()
                ->map(static fn(Needle $needle): string => $needle->type()->code())
                ->unique()
                ->all(),
        );
        app()->forgetScopedInstances();
        preg_match(
            '~<section class="border-b border-ink py-3">.*?</section>~s',
            (string) $this->get('/needles/M2')->getContent(),
            $first,
        );
        self::assertStringNotContainsString($said, $first[0]);

        foreach (
            [
                'numbers.0' => [...$fit, 'numbers' => [99]],
                'size' => [...$fit, 'size' => '12/1'],
                'point' => [...$fit, 'point' => ''],
                'numbers' => [...$fit, 'numbers' => []],
            ] as $field => $bad
        ) {
            $this->post('/needles/M2/fittings', $bad)->assertSessionHasErrors($field);
        }
    }

    #[Test]
    public function threads_worth_a_pin_are_learned_from_what_was_run(): void
    {
        $this->get('/needles/M1/pins')->assertOk()->assertSee('M1');
        // White and another in turn, with six colours between: more than six needles hold.
        $machine = self::machine('M2');
        $batches = \App\Plan\Models\Batch::query()
            ->with('decoration')
            ->orderBy('id')
            ->get()
            ->filter(static fn($batch): bool => $batch->decoration->artwork_id !== null)
            ->values();
        self::assertGreaterThan(8, $batches->count());
        foreach ([0, 3, 4, 6, 0, 3, 4, 6, 0, 3] as $i => $k) {
            $batch = $batches[$k];
            DB::table('floor_events')->insert([
                'event_id' => (string) Str::uuid(),
                'kind' => 'load_started',
                'machine_id' => $machine->id,
                'batch_id' => $batch->id,
                'order_id' => DB::table('order_lines')
                    ->where('id', $batch->decoration->order_line_id)
                    ->value('order_id'),
                'load' => 1,
                'stitch' => 0,
                'pieces' => '[]',
                'piece_count' => 0,
                'source' => 'hand',
                'recorded_at' => now()->subDays(20 - $i),
            ]);
        }
        $this->get('/needles/M2/pins')->assertOk()->assertSee('batches of M2 (8 weeks)');
        $this->get('/needles/M9/pins')->assertNotFound();
    }
}
