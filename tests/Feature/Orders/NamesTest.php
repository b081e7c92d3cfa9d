<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Artwork\Jobs\ReadTape;
use App\Artwork\Models\Artwork;
use App\Floor\Queries\Station;
use App\Machine\Models\Machine;
use App\Orders\Models\Decoration;
use App\Orders\Models\LetteredText;
use App\Orders\Models\Lettering;
use App\Orders\Models\Piece;
use App\Plan\Models\Batch;
use App\Plan\Models\Plan;
use App\Shop\Models\Change;
use App\Stock\Models\Thread;
use Hakama\Garment\Position;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Tape\TapeReader;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** A name on each piece of an order, from the list to the pieces that are counted. */
final class NamesTest extends FeatureTestCase
{
    private Decoration $decoration;

    protected function setUp(): void
    {
        parent::setUp();
        $this->post('/orders', [
            'customer' => 'The canoe school',
            'due_date' => now()->addDays(9)->format('Y-m-d'),
            'due_time' => '16:00',
            'lines' => [
                [
                    'garment' => 'polo',
                    'fabric' => 'pique',
                    'colour_name' => 'Navy',
                    'colour_hex' => '#26324f',
                    'sizes' => ['M' => '2', 'L' => '1'],
                    'decorations' => [['position' => 'left_chest']],
                ],
            ],
        ])->assertRedirect();
        $this->decoration = Decoration::query()->orderByDesc('id')->firstOrFail();
    }

    #[Test]
    public function each_piece_gets_the_name_of_its_size_and_a_tape_of_its_own(): void
    {
        $this->keep(['names' => "Name;Size\nMarlies;L\nBo;M\nZoë;M"])->assertSessionHas('done');

        self::assertSame(
            ['M' => ['Bo', 'Zoë'], 'L' => ['Marlies']],
            $this->pieces()->groupBy('size')->map->pluck('text')->map->all()->all(),
        );
        $texts = $this->lettering()->texts ?? collect();
        self::assertEqualsCanonicalizing(['Marlies', 'Bo', 'Zoë'], $texts->pluck('text')->all());
        foreach ($texts as $text) {
            $this->get("/orders/names/{$this->decoration->id}/{$text->id}.dst")->assertOk();
            $figures = PatternFigures::of(
                (new TapeReader())->fromString($text->tape),
                app(\App\Shop\House::class)->rules()->measuring(),
            );
            self::assertSame($text->stitches, $figures->counts->stitches);
            self::assertEqualsWithDelta($text->width_mm, $figures->bounds->width(), 0.6);
        }
        // The list stands as an artwork that has room for the longest, and takes what they take on average.
        $artwork = $this->decoration->refresh()->artwork;
        self::assertNotNull($artwork);
        self::assertEqualsWithDelta((float) $texts->max('width_mm'), $artwork->bounds()->width(), 0.6);
        $block = $artwork->blocks()->firstOrFail();
        self::assertSame((int) round($texts->avg('stitches')), $block->stitches);
        self::assertEqualsWithDelta((float) $texts->avg('length_mm'), $block->length_mm, 0.01);
        self::assertEqualsWithDelta($block->stitches, array_sum($artwork->coreLengths()->counts), 12);
        // Read anew, as after a house rule of measuring was changed, it still stands for the list and not for the longest.
        $said = [$block->stitches, $block->length_mm, $artwork->trims, $artwork->left_mm, $artwork->right_mm];
        ReadTape::dispatchSync($artwork->id);
        $artwork->refresh();
        $block = $artwork->blocks()->firstOrFail();
        self::assertSame($said, [
            $block->stitches,
            $block->length_mm,
            $artwork->trims,
            $artwork->left_mm,
            $artwork->right_mm,
        ]);
        $this->get("/orders/names/{$this->decoration->id}")
            ->assertOk()
            ->assertSee('Marlies')
            ->assertSee('The spelling is not approved yet');
    }

    #[Test]
    public function an_order_that_says_so_leads_to_its_names(): void
    {
        $form = [
            'customer' => 'The choir',
            'due_date' => now()->addDays(9)->format('Y-m-d'),
            'due_time' => '16:00',
            'lines' => [
                [
                    'garment' => 'polo',
                    'fabric' => 'pique',
                    'colour_name' => 'Plum',
                    'colour_hex' => '#5a2a55',
                    'sizes' => ['M' => '2'],
                    'decorations' => [
                        ['position' => 'left_chest'],
                        ['position' => '', 'named' => '1'],
                        ['position' => 'full_back', 'named' => '1'],
                    ],
                ],
            ],
        ];
        $this->post('/orders', $form)->assertRedirectToRoute(
            'orders.names',
            Decoration::query()->where('position', 'full_back')->orderByDesc('id')->firstOrFail(),
        );
    }

    #[Test]
    public function under_a_design_the_name_comes_last_and_in_its_own_thread(): void
    {
        $design = Artwork::query()->whereHas('blocks')->withCount('blocks')->orderBy('id')->firstOrFail();
        $this->keep(['names' => "Ann;M\nBo;M\nCem;L", 'design_id' => (string) $design->id]);
        $artwork = $this->decoration->refresh()->artwork;
        self::assertNotNull($artwork);
        $blocks = $artwork->blocks()->with('thread')->get();
        self::assertCount((int) $design->getAttribute('blocks_count') + 1, $blocks);
        self::assertSame('D-03', $blocks->last()->thread?->code);
        self::assertSame($design->blocks()->firstOrFail()->thread_id, $blocks->first()?->thread_id);
        self::assertSame(
            $design->stitches + (int) $this->text('Ann')?->getAttribute('stitches'),
            (int) $this->text('Ann')?->getAttribute('all_stitches'),
        );
        self::assertGreaterThan($design->bounds()->height() + 4 + 6, $artwork->bounds()->height());
    }

    #[Test]
    public function what_cannot_be_sewn_is_said_by_name_and_nothing_is_stored(): void
    {
        $says = function (array $with): string {
            $this->keep($with)->assertSessionHasErrors();

            return implode(' ', session('errors')->all());
        };
        self::assertStringContainsString('2 texts for 3 pieces', $says(['names' => "Ann;M\nBo;M"]));
        self::assertStringContainsString('“愛”', $says(['names' => "Ann;M\nBo;M\n愛子;L"]));
        self::assertStringContainsString(
            'does not fit into 20.0 mm',
            $says(['names' => "Wilhelmina;M\nBo;M\nAnn;L", 'most_mm' => '20']),
        );
        self::assertStringContainsString('take the small one', $says(['names' => "A;M\nB;M\nC;L", 'height_mm' => '4']));
        self::assertStringContainsString('Choose a thread', $says(['names' => "A;M\nB;M\nC;L", 'thread' => '']));
        self::assertNull($this->lettering());
        self::assertCount(0, $this->pieces()->whereNotNull('text'));
        // The same while it is typed, and no list and none far too long breaks it.
        $check = fn(array $with) => $this->post("/orders/names/{$this->decoration->id}/check", [
            ...$this->form(),
            ...$with,
        ])->assertOk();
        $check(['names' => "Ann;M\nBo;M"])->assertSee('still without: 1 of L');
        $check(['names' => "Ann;M\nBo;M\nCem;L"])->assertSee('3 names for as many pieces');
        $check(['names' => str_repeat("x\n", 9000)])->assertSee('one list can hold 200');
        $check(['names' => ['a'], 'height_mm' => 'x'])->assertSee('Capital height');
    }

    #[Test]
    public function nothing_is_sewn_before_the_spelling_is_approved_and_only_what_was_confirmed(): void
    {
        $machine = $this->onMachine("Bo;M\nZoë;M\nMarlies;L");
        $this->touch($machine, ['kind' => 'load_started', 'text' => 'Bo'])->assertSessionHasErrors('kind');
        $this->approve();
        self::assertSame(1, Change::query()->where('what', 'like', 'spelling of%approved')->count());
        $this->get("/floor/{$machine->code}")->assertSee('Name read, Bo: start');
        $this->touch($machine, ['kind' => 'load_started', 'text' => 'Zoë'])->assertSessionHasErrors('kind');
        $this->touch($machine, ['kind' => 'load_started', 'text' => 'Bo'])->assertSessionDoesntHaveErrors();

        // The machine gets the tape of this very name, and is believed as far as that goes.
        $text = $this->text('Bo') ?? self::fail();
        $todo = $this->getJson('/machines/instruction', self::bearer($machine->code))->json();
        self::assertSame($text->checksum, $todo['tape']);
        self::assertSame(1, $todo['heads']);
        $tape = $this->get('/machines/tape', self::bearer($machine->code));
        self::assertSame($text->checksum, hash('sha256', (string) $tape->getContent()));
        $report = ['load' => $todo['load'], 'kind' => 'sewn', 'clock_s' => 60, 'id' => (string) Str::uuid()];
        $this->postJson(
            '/machines/reports',
            [...$report, 'stitch' => $text->all_stitches + 1],
            self::bearer($machine->code),
        )->assertStatus(422);
        $this->postJson(
            '/machines/reports',
            [...$report, 'stitch' => $text->all_stitches],
            self::bearer($machine->code),
        )->assertOk();

        // In its folder lies a tape for each name that is still to be sewn.
        $files = $this->get('/machines/folder', self::bearer($machine->code))->json('files');
        self::assertSame(['Bo', 'Zoë', 'Marlies'], array_column($files, 'part'));
        self::assertSame($text->checksum, $files[0]['sha256']);
        self::assertEqualsWithDelta($text->width_mm, $files[0]['width_mm'], 0.6);
        $lies = $this->get("/machines/folder/{$files[0]['name']}", self::bearer($machine->code))->assertOk();
        self::assertSame($text->checksum, hash('sha256', (string) $lies->getContent()));

        // Spoiled, the piece keeps its name and waits for it again; the next load is the same name.
        $this->touch($machine, ['kind' => 'piece_spoiled', 'cause' => 'puckering', 'piece' => $this->piece('Bo')->id]);
        $this->get("/floor/{$machine->code}")->assertSee('Name read, Bo: start');
        foreach (['Bo', 'Zoë', 'Marlies'] as $name) {
            $this->touch($machine, ['kind' => 'load_started', 'text' => $name])->assertSessionDoesntHaveErrors();
            $todo = $this->getJson('/machines/instruction', self::bearer($machine->code))->json();
            $this->postJson(
                '/machines/reports',
                [
                    'load' => $todo['load'],
                    'kind' => 'sewn',
                    'stitch' => 10,
                    'clock_s' => 60,
                    'id' => (string) Str::uuid(),
                ],
                self::bearer($machine->code),
            )->assertOk();
            $this->touch($machine, ['kind' => 'piece_done'])->assertSessionDoesntHaveErrors();
        }
        self::assertSame(['done'], $this->pieces()->pluck('state')->map->value->unique()->all());
    }

    #[Test]
    public function what_is_begun_keeps_its_name_and_its_letters(): void
    {
        $machine = $this->onMachine("Bo;M\nZoë;M\nMarlies;L");
        $this->approve();
        $this->touch($machine, ['kind' => 'load_started', 'text' => 'Bo'])->assertSessionDoesntHaveErrors();
        $this->keep(['names' => "Joe;M\nZoë;M\nMarlies;L"])->assertSessionHasErrors('names');
        $this->keep(['names' => "Bo;M\nZoë;M\nMarlies;L", 'height_mm' => '14'])->assertSessionHasErrors('names');
        self::assertSame('Bo', $this->piece('Bo')->text);
        // A name that waits may be put right; it is read once more.
        $this->keep(['names' => "Bo;M\nZoe;M\nMarlies;L"])->assertSessionHas('done');
        self::assertNull($this->lettering()?->approved_at);
        self::assertSame(['Bo', 'Zoe', 'Marlies'], $this->pieces()->pluck('text')->all());
    }

    #[Test]
    public function the_second_to_write_is_told(): void
    {
        $this->keep(['names' => "Ann;M\nBo;M\nCem;L"]);
        $this->keep(['names' => "Ann;M\nBo;M\nDi;L", 'seen' => 'somethingold'])->assertSessionHasErrors('names');
        $this->post("/orders/names/{$this->decoration->id}/approve", [
            'seen' => 'somethingold',
            'who' => $this->person(),
        ])->assertSessionHas('problem');
        self::assertNull($this->lettering()?->approved_at);
    }

    #[Test]
    public function split_batches_keep_their_names(): void
    {
        $this->onMachine("Bo;M\nZoë;M\nMarlies;L");
        $code = $this->decoration->refresh()->batch?->code;
        $this->post("/plan/batches/{$code}/split", [
            'pieces' => 1,
            'version' => Plan::query()->value('version'),
        ])->assertSessionDoesntHaveErrors();
        $apart = Decoration::query()->where('split_from_id', $this->decoration->id)->firstOrFail();
        self::assertSame(['Marlies'], $apart->pieces()->pluck('text')->all());
        $this->get("/orders/names/{$apart->id}")
            ->assertOk()
            ->assertSee('Zoë')
            ->assertSee('Marlies');
    }

    #[Test]
    public function on_a_cap_from_the_middle_outwards_is_proposed_and_sewn_as_it_is_said(): void
    {
        $box = static fn(string $page): bool => preg_match('~name="centre_out" value="1"\s+checked~', $page) === 1;
        $page = fn(): string => (string) $this->get("/orders/names/{$this->decoration->id}")->getContent();
        self::assertFalse($box($page()));
        $this->decoration->update(['position' => Position::CapFront]);
        self::assertTrue($box($page()));
        $tape = function (string $centreOut): string {
            $this->keep(['names' => "Name;Size\nMarlies;L\nBo;M\nZoë;M", 'centre_out' => $centreOut])->assertSessionHas(
                'done',
            );

            return $this->text('Marlies')->tape ?? '';
        };
        [$across, $outwards] = [$tape('0'), $tape('1')];
        self::assertNotSame($across, $outwards);
        self::assertTrue($this->lettering()?->centre_out);
        self::assertSame($across, $tape('0'));
        self::assertFalse($box($page()), 'what was said stays');
    }

    private function lettering(): ?Lettering
    {
        return Lettering::of($this->decoration->refresh());
    }

    private function text(string $text): ?LetteredText
    {
        return $this->lettering()?->texts()->where('text', $text)->first();
    }

    /** @return array<string, string> */
    private function form(): array
    {
        return [
            'alphabet' => 'block',
            'height_mm' => '10',
            'most_mm' => '90',
            'arc_mm' => '',
            'design_id' => '',
            'thread' => 'D-03',
        ];
    }

    /**
     * @param array<string, string> $with
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function keep(array $with): \Illuminate\Testing\TestResponse
    {
        app()->forgetScopedInstances();

        return $this->from('/orders')->put("/orders/names/{$this->decoration->id}", [...$this->form(), ...$with]);
    }

    private function approve(): void
    {
        app()->forgetScopedInstances();
        $page = (string) $this->get("/orders/names/{$this->decoration->id}")->getContent();
        preg_match('/name="seen" value="(\w+)"/', $page, $seen);
        $this->post("/orders/names/{$this->decoration->id}/approve", [
            'seen' => $seen[1] ?? '',
            'who' => '',
        ])->assertSessionHasErrors('who');
        $this->post("/orders/names/{$this->decoration->id}/approve", [
            'seen' => $seen[1] ?? '',
            'who' => $this->person(),
        ])->assertSessionHas('done');
    }

    private function person(): string
    {
        return app(\App\Shop\Catalogue\Catalogue::class)->people()[0];
    }

    /** The names kept, set up, and first on a machine that is ready. */
    private function onMachine(string $names): Machine
    {
        $this->keep(['names' => $names])->assertSessionHas('done');
        app()->forgetScopedInstances();
        $this->get("/setup/{$this->decoration->id}")->assertOk();
        $page = (string) $this->get("/setup/{$this->decoration->id}")->getContent();
        preg_match('/name="frame" value="([\w-]+)"/', $page, $frame);
        preg_match('/name="turn" value="(\d+)"/', $page, $turn);
        $this->post("/setup/{$this->decoration->id}", [
            'frame' => $frame[1] ?? '',
            'turn' => $turn[1] ?? '',
        ])->assertSessionHasNoErrors();
        $this->decoration->refresh();
        // Alone on a machine of one head, with its thread on the rack.
        $machine = self::machine('M1');
        Batch::query()
            ->where('machine_id', $machine->id)
            ->update(['machine_id' => null, 'rank' => null]);
        $this->decoration
            ->batch()
            ->firstOrFail()
            ->update(['machine_id' => $machine->id, 'rank' => 0]);
        $machine
            ->rack()
            ->where('number', 9)
            ->update(['thread_id' => Thread::query()->where('code', 'D-03')->value('id')]);
        $station = self::station($machine);
        $this->touch($machine, [
            'kind' => 'preflight_done',
            'checked' => $station->running?->work->wanted() ?? [],
            'who' => $this->person(),
        ])->assertSessionHasNoErrors();

        return $machine;
    }

    private static function station(Machine $machine): Station
    {
        app()->forgetScopedInstances();

        return app(\App\Floor\Queries\Stations::class)->at($machine->refresh()->load(['rack.thread', 'frame']), self::board());
    }

    /** @return \Illuminate\Database\Eloquent\Collection<int, Piece> */
    private function pieces(): \Illuminate\Database\Eloquent\Collection
    {
        return Piece::query()->where('decoration_id', $this->decoration->id)->orderBy('id')->get();
    }

    private function piece(string $text): Piece
    {
        return Piece::query()->where('decoration_id', $this->decoration->id)->where('text', $text)->firstOrFail();
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function touch(Machine $machine, array $with): \Illuminate\Testing\TestResponse
    {
        $station = self::station($machine);
        app()->forgetScopedInstances();

        return $this->from('/floor')->post("/floor/{$machine->code}/events", [
            'id' => (string) Str::uuid(),
            'batch' => $station->running?->batch->code,
            ...$with,
        ]);
    }
}
