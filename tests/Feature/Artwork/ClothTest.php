<?php

declare(strict_types=1);

namespace Tests\Feature\Artwork;

use App\Artwork\Models\Artwork;
use App\Shop\House;
use App\Stock\Bolt;
use App\Stock\Models\Cloth;
use App\Stock\Models\Thread;
use App\Stock\Queries\Bolts;
use Hakama\Floor\EventKind;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;
use Tests\ReadsPdf;

/** Cloth that is laid on: which, how much of it, and how long the hands take. */
final class ClothTest extends FeatureTestCase
{
    private Artwork $artwork;

    protected function setUp(): void
    {
        parent::setUp();
        // Two squares of 40 mm, 20 mm apart, each with its line, its tack-down and a cover.
        $builder = new PatternBuilder('TWO CLOTHS');
        foreach ([0, 600] as $x) {
            foreach (['line', 'tack', 'cover'] as $pass) {
                if ($x > 0 || $pass !== 'line') {
                    $builder->stop();
                }
                $builder->travelTo($x, 0, 3);
                foreach ([[1, 0], [0, 1], [-1, 0], [0, -1]] as [$dx, $dy]) {
                    [$fromX, $fromY] = [$builder->x(), $builder->y()];
                    for ($i = 1; $i <= 16; $i++) {
                        // The cover goes to and fro over the line.
                        $off = $pass === 'cover' && $i < 16 ? ($i % 2 === 0 ? 15 : -15) : 0;
                        $builder->stitchTo(
                            $fromX + 25 * $i * $dx + $off * abs($dy),
                            $fromY + 25 * $i * $dy + $off * abs($dx),
                        );
                    }
                }
            }
        }
        $tape = (new TapeWriter())->toString($builder->pattern());
        $this->post('/artwork', ['tape' => self::upload($tape, 'two-cloths.dst'), 'name' => 'Two cloths']);
        $this->artwork = Artwork::query()->where('name', 'Two cloths')->firstOrFail();
        $roles = ['placement', 'tack_down', 'cover', 'placement', 'tack_down', 'cover'];
        foreach ($this->artwork->blocks as $i => $block) {
            $block->update(['role' => $roles[$i]]);
        }
        Cloth::query()->updateOrCreate(
            ['code' => 'W-1'],
            ['name' => 'Wool felt', 'hex' => '#4f7043', 'width_mm' => 300, 'length_mm' => 500],
        );
    }

    #[Test]
    public function who_chooses_cloths_that_somebody_else_changed_meanwhile_is_told(): void
    {
        $address = "/artwork/{$this->artwork->id}/cloth";
        preg_match('/name="seen" value="(\w+)">\s*<table>/', (string) $this->get($address)->getContent(), $seen);
        $this->put($address, ['cloths' => ['1' => 'W-1', '4' => ''], 'seen' => $seen[1]])->assertSessionHasNoErrors();
        $this->from($address)
            ->put($address, ['cloths' => ['1' => '', '4' => 'W-1'], 'seen' => $seen[1]])
            ->assertSessionHasErrors('cloths');
        $blocks = $this->artwork->refresh()->blocks->keyBy('number');
        self::assertNotNull($blocks[1]?->cloth_id);
        self::assertNull($blocks[4]?->cloth_id);
        $this->get($address)->assertSee('Somebody else changed these cloths');
    }

    #[Test]
    public function what_is_cut_follows_the_school_and_the_bill_the_cloth(): void
    {
        $this->put("/artwork/{$this->artwork->id}/cloth", ['cloths' => ['1' => 'W-1', '4' => 'W-1']])->assertSessionHas(
            'done',
        );
        // Whole cloth: 40 mm and 15 on each side is 70 by 70, 49 cm²; two of them are 145 wide and go beside each other.
        $this->get("/artwork/{$this->artwork->id}/cloth")
            ->assertOk()
            ->assertSee('70.0 × 70.0')
            ->assertSee('49.0')
            ->assertSee('98 cm²')
            ->assertSee('70 mm');
        app()->forgetScopedInstances();
        app(House::class)->change([], ['applique' => 'pre_cut']);
        app()->forgetScopedInstances();
        // Cut to shape: 40 mm and 1.5 on each side, and half a millimetre of the grid at most.
        $this->get("/artwork/{$this->artwork->id}/cloth")
            ->assertOk()
            ->assertSee('Nothing is trimmed in the frame')
            ->assertDontSee('70.0 × 70.0');
        foreach (['', '?paper=letter'] as $paper) {
            $pdf = $this->get("/artwork/{$this->artwork->id}/cloth/pattern{$paper}")->assertOk();
            self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
            self::assertSame(2, ReadsPdf::pages((string) $pdf->getContent()));
            self::assertStringContainsString('Right side up', ReadsPdf::text((string) $pdf->getContent()));
        }
        $svg = (string) $this->get("/artwork/{$this->artwork->id}/cloth/pattern?as=svg")
            ->assertOk()
            ->getContent();
        $drawing = simplexml_load_string($svg);
        self::assertNotFalse($drawing);
        self::assertCount(2, $drawing->g);
    }

    #[Test]
    public function what_is_sewn_is_taken_off_the_bolt_and_what_is_planned_is_held_against_it(): void
    {
        $this->put("/artwork/{$this->artwork->id}/cloth", ['cloths' => ['1' => 'W-1', '4' => 'W-1']]);
        $decoration = self::decoration(self::polos());
        $decoration->update(['artwork_id' => $this->artwork->id]);
        $this->artwork->blocks()->update(['thread_id' => Thread::query()->value('id')]);
        $batch = self::batchOf(self::polos());
        $left = static function (): Bolt {
            app()->forgetScopedInstances();

            return array_values(
                array_filter(app(Bolts::class)->all(), static fn(Bolt $bolt): bool => $bolt->code === 'W-1'),
            )[0];
        };
        $frames = $batch->pieces()->count();
        // Two pieces of 70 mm with 5 mm to the next, on cloth of 300 mm: 2 · 75 · 75 / 300 of its length a frame.
        self::assertSame([$batch->code, 37.5 * $frames], [$left()->wanted[0][0], $left()->reservedMm()]);
        $this->post('/shop/ordering/cloths', ['cloth' => 'W-1', 'length_mm' => '200,5'])->assertSessionHas('done');
        foreach ([['length_mm' => 'short'], ['cloth' => 'W-99'], ['length_mm' => '-4']] as $bad) {
            $this->post('/shop/ordering/cloths', ['cloth' => 'W-1', 'length_mm' => '9', ...$bad])->assertSessionHasErrors();
        }
        $pieces = $batch->pieces()->orderBy('pieces.id')->limit(3)->pluck('pieces.id')->all();
        self::tell('M2', $batch, EventKind::PreflightDone);
        foreach ([EventKind::LoadStarted, EventKind::Sewn, EventKind::PieceDone] as $kind) {
            self::tell('M2', $batch, $kind, $pieces, 100, 60.0);
        }
        self::assertSame(200.5 - 3 * 37.5, $left()->leftMm);
        self::assertSame(37.5 * ($frames - 3), $left()->reservedMm());
        $this->get('/shop/ordering')
            ->assertOk()
            ->assertSee('W-1 Wool felt, 300 mm wide')
            ->assertSee('W-1 left, mm');
        $this->get("/artwork/{$this->artwork->id}/cloth")->assertSee('88 mm');
    }

    #[Test]
    public function the_schools_differ_in_halts_and_in_time(): void
    {
        // Trimmed: two to lay at 30 s, two to trim at 20 s and 160 mm at 12 mm a second. Cut before: two to lay.
        $hands = function (): float {
            app()->forgetScopedInstances();

            return Artwork::query()
                ->findOrFail($this->artwork->id)
                ->load('blocks')
                ->stopSheet(app(House::class)->rules()->isPreCut())
                ->handsS(app(House::class)->rules()->halts());
        };
        self::assertEqualsWithDelta(2 * 30 + 2 * (20 + 160 / 12), $hands(), 0.2);
        self::assertCount(
            4,
            $this->artwork
                ->load('blocks')
                ->stopSheet(app(House::class)->rules()->isPreCut())
                ->halts(),
        );
        app(House::class)->change([], ['applique' => 'pre_cut']);
        self::assertEqualsWithDelta(2 * 30, $hands(), 0.01);
        self::assertCount(
            2,
            $this->artwork
                ->load('blocks')
                ->stopSheet(app(House::class)->rules()->isPreCut())
                ->halts(),
        );
    }

    #[Test]
    public function all_trimming_may_wait_for_one_stop(): void
    {
        $this->put("/artwork/{$this->artwork->id}/cloth", ['cloths' => ['1' => 'W-1', '4' => 'W-1']]);
        $this->get("/artwork/{$this->artwork->id}/cloth")->assertSee('Saves 20 s per frame');
        $this->post("/artwork/{$this->artwork->id}/cloth/together")->assertSessionHas('done');
        $new = Artwork::query()->where('family_id', $this->artwork->id)->firstOrFail()->load('blocks');
        self::assertSame($this->artwork->stitches, $new->stitches);
        self::assertSame(
            ['placement', 'tack_down', 'placement', 'tack_down', 'cover', 'cover'],
            $new->blocks->map(static fn($block): string => (string) $block->role?->value)->all(),
        );
        self::assertCount(2, $new->blocks->whereNotNull('cloth_id'));
        // Two to lay, one to trim both: one frame out and back less.
        $rules = app(House::class)->rules()->halts();
        self::assertCount(3, $new->stopSheet(app(House::class)->rules()->isPreCut())->halts());
        self::assertEqualsWithDelta(
            $this->artwork
                ->load('blocks')
                ->stopSheet(app(House::class)->rules()->isPreCut())
                ->handsS($rules) - 20,
            $new->stopSheet(app(House::class)->rules()->isPreCut())->handsS($rules),
            0.2,
        );
    }

    #[Test]
    public function a_cloth_that_is_none_is_refused_and_nothing_is_lost(): void
    {
        $this->put("/artwork/{$this->artwork->id}/cloth", ['cloths' => ['1' => 'no-such']])->assertSessionHasErrors(
            'cloths.1',
        );
        self::assertNull($this->artwork->blocks()->firstOrFail()->cloth_id);
        $this->get('/shop/catalogue/cloths')->assertOk()->assertSee('Wool felt');
        $plain = Artwork::query()->whereHas('blocks')->orderBy('id')->firstOrFail();
        $this->get("/artwork/{$plain->id}/cloth")
            ->assertOk()
            ->assertSee('no cloth is laid on');
        $this->post("/artwork/{$plain->id}/cloth/together")->assertSessionHas('problem');
    }
}
