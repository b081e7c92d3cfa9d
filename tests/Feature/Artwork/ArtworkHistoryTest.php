<?php

declare(strict_types=1);

namespace Tests\Feature\Artwork;

use App\Artwork\Jobs\ReadTape;
use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkRevision;
use App\Artwork\Models\SewOut;
use App\Orders\Models\Decoration;
use App\Shop\Actions\RuleChange;
use Hakama\Artwork\BlockRole;
use Hakama\Garment\Fabric;
use Hakama\Garment\Position;
use Hakama\House\HouseRule;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class ArtworkHistoryTest extends FeatureTestCase
{
    private const SEW_OUT = [
        'fabric' => 'pique',
        'backing' => 'cutaway',
        'layers' => 2,
        'needle' => '75/11 ballpoint',
        'speed' => 700,
        'passed' => 1,
        'who' => 'Ilse',
    ];

    #[Test]
    public function a_replaced_file_is_kept_and_batches_that_use_it_are_named_first(): void
    {
        $artwork = self::artwork('Ferry roundel');
        $before = $artwork->checksum;
        $this->get("/artwork/{$artwork->id}/history")
            ->assertSee('Already used by B-')
            ->assertSee('Ullenmere Ferry Crew');
        $this->post("/artwork/{$artwork->id}/file", [
            'tape' => self::upload(self::tape(60), 'lighter.dst'),
            'why' => 'lighter fill',
        ])->assertSessionHasErrors('sure');
        self::assertSame($before, $artwork->refresh()->checksum, 'nothing was changed');

        $this->post("/artwork/{$artwork->id}/file", [
            'tape' => self::upload(self::tape(60), 'lighter.dst'),
            'why' => 'lighter fill',
            'sure' => 1,
        ])->assertRedirect("/artwork/{$artwork->id}");
        $artwork->refresh();
        self::assertSame(
            [2, 60, 'lighter.dst', 1],
            [$artwork->revision, $artwork->stitches, $artwork->file_name, $artwork->blocks()->count()],
        );
        $old = ArtworkRevision::query()->where('artwork_id', $artwork->id)->firstOrFail();
        self::assertSame([1, $before, 'lighter fill'], [$old->revision, $old->checksum, $old->why]);
        self::assertTrue(Storage::exists("tapes/{$before}.dst"));
        self::assertNull(session('problem'), 'a short row fits wherever the roundel did');
        $this->get("/artwork/{$artwork->id}/history")
            ->assertSee('Replaced: lighter fill')
            ->assertSee('has no good sew-out', false);
    }

    #[Test]
    public function roles_go_with_the_blocks_they_were_given_to(): void
    {
        $leaf = self::artwork('Applied leaf');
        $leaf
            ->blocks()
            ->where('number', 2)
            ->update(['role' => 'quilting', 'note' => 'mine']);
        $threads = $leaf->blocks()->pluck('thread_id')->all();
        // As many blocks as before: roles and threads stay.
        $turned = (new \Hakama\Stitch\Tape\TapeWriter())->toString(
            $leaf->pattern()->placed(new \Hakama\Stitch\Transform(\Hakama\Stitch\Turn::Half)),
        );
        $this->post("/artwork/{$leaf->id}/file", [
            'tape' => self::upload($turned, 'turned.dst'),
            'why' => 'turned',
        ])->assertSessionHasNoErrors();
        self::assertSame(
            [BlockRole::Quilting, 'mine'],
            [$leaf->blocks()->where('number', 2)->value('role'), $leaf->blocks()->where('number', 2)->value('note')],
        );
        self::assertSame($threads, $leaf->blocks()->pluck('thread_id')->all());

        // Other blocks: nobody knows which was which.
        $this->post("/artwork/{$leaf->id}/file", [
            'tape' => self::upload(self::tape(63), 'row.dst'),
            'why' => 'another',
        ])->assertSessionHasNoErrors();
        self::assertSame([null], $leaf->blocks()->pluck('role')->all());
        self::assertSame([2, 1], $leaf->revisions()->pluck('revision')->all());
    }

    #[Test]
    public function a_long_file_in_its_place_is_read_by_the_worker_and_nothing_old_is_shown_meanwhile(): void
    {
        \Illuminate\Support\Facades\Queue::fake();
        config(['shop.records_read_at_once' => 10]);
        $stalk = self::artwork('Reed stalk');
        $this->post("/artwork/{$stalk->id}/file", [
            'tape' => self::upload(self::tape(64), 'long.dst'),
            'why' => 'longer',
            'sure' => 1,
        ])->assertSessionHasNoErrors();
        self::assertNull($stalk->refresh()->read_at);
        $this->get("/artwork/{$stalk->id}")->assertSee('read in the background');
        $this->get("/artwork/{$stalk->id}/stops")->assertRedirect("/artwork/{$stalk->id}");
        $this->get("/artwork/{$stalk->id}/make")->assertRedirect("/artwork/{$stalk->id}");
        self::queued(ReadTape::class)->firstOrFail()->handle(app(\App\Shop\House::class));
        $this->get("/artwork/{$stalk->id}")->assertSee('64');
    }

    #[Test]
    public function batches_are_timed_anew_when_the_worker_has_read_the_long_file(): void
    {
        \Illuminate\Support\Facades\Queue::fake();
        config(['shop.records_read_at_once' => 10]);
        $roundel = self::artwork('Ferry roundel');
        $setup = self::decoration(self::hoodies())->setup;
        self::assertNotNull($setup);
        $before = max($setup->seconds());
        $this->post("/artwork/{$roundel->id}/file", [
            'tape' => self::upload(self::tape(65), 'short.dst'),
            'why' => 'lighter',
            'sure' => 1,
        ])->assertSessionHasNoErrors();
        self::queued(ReadTape::class)->firstOrFail()->handle(app(\App\Shop\House::class));

        self::assertLessThan(
            $before / 5,
            max($setup->refresh()->seconds()),
            'sixty-five stitches sew sooner than seven thousand',
        );
    }

    #[Test]
    public function a_file_that_was_replaced_is_known_and_its_artwork_may_go_back_to_it(): void
    {
        $sprig = self::artwork('Reed stalk');
        $old = (string) Storage::get($sprig->tapePath());
        $this->post("/artwork/{$sprig->id}/file", [
            'tape' => self::upload(self::tape(66), 'new.dst'),
            'why' => 'thinner stalks',
            'sure' => 1,
        ])->assertSessionHasNoErrors();

        $this->post('/artwork', ['tape' => self::upload($old, 'again.dst')])->assertSessionHasErrors([
            'tape' =>
                'This file was revision 1 of “Reed stalk” until it was replaced: thinner stalks. '.
                'Nothing was stored twice.',
        ]);
        self::assertTrue(Storage::exists('tapes/'.hash('sha256', $old).'.dst'));
        $this->post("/artwork/{$sprig->id}/file", [
            'tape' => self::upload($old, 'back.dst'),
            'why' => 'the old one was better',
            'sure' => 1,
        ])->assertSessionHasNoErrors();
        self::assertSame([3, hash('sha256', $old)], [$sprig->refresh()->revision, $sprig->checksum]);
    }

    #[Test]
    public function a_new_file_that_no_longer_fits_its_frame_is_said_at_once(): void
    {
        $artwork = self::artwork('Ferry roundel');
        $wide = (new \Hakama\Stitch\PatternBuilder('WIDE'))->stitchTo(0, 0);
        for ($x = 1; $x <= 40; $x++) {
            $wide->stitchTo(100 * $x, ($x % 2) * 30);
        }
        $this->post("/artwork/{$artwork->id}/file", [
            'tape' => self::upload((new \Hakama\Stitch\Tape\TapeWriter())->toString($wide->pattern()), 'wide.dst'),
            'why' => 'wider',
            'sure' => 1,
        ]);
        self::assertStringContainsString('The chosen setup no longer fits: B-', (string) session('problem'));
    }

    #[Test]
    public function on_a_cap_the_version_for_caps_is_pointed_at(): void
    {
        $decoration = self::decoration(self::caps());
        self::assertSame(Position::CapFront, $decoration->position);
        $this->get("/setup/{$decoration->id}")->assertDontSee('made for caps');
        $decoration->update(['artwork_id' => self::artwork('Ringers’ bell')->id]);
        $this->get("/setup/{$decoration->id}")
            ->assertSee('There is a cap version')
            ->assertSee('Ringers’ bell, cap');
    }

    #[Test]
    public function while_a_piece_of_it_is_on_the_machine_a_file_is_not_replaced(): void
    {
        $artwork = self::artwork('Lantern row');
        $this->post("/artwork/{$artwork->id}/file", [
            'tape' => self::upload(self::tape(61), 'x.dst'),
            'why' => 'new',
            'sure' => 1,
        ])->assertSessionHasErrors('tape');
        self::assertSame(1, $artwork->refresh()->revision);
    }

    #[Test]
    public function what_cannot_be_read_replaces_nothing(): void
    {
        $artwork = self::artwork('Reed stalk');
        $files = count(Storage::files('tapes'));
        foreach (
            [
                substr(self::tape(30), 0, 531),
                (string) Storage::get($artwork->tapePath()),
                (string) Storage::get(self::artwork('Seed sprig')->tapePath()),
            ] as $bytes
        ) {
            $this->post("/artwork/{$artwork->id}/file", [
                'tape' => self::upload($bytes, 'x.dst'),
                'why' => 'new',
                'sure' => 1,
            ])->assertSessionHasErrors('tape');
        }
        $this->post("/artwork/{$artwork->id}/file", [
            'tape' => self::upload(self::tape(62), 'x.dst'),
            'sure' => 1,
        ])->assertSessionHasErrors('why');
        self::assertSame([1, $files], [$artwork->refresh()->revision, count(Storage::files('tapes'))]);
    }

    #[Test]
    public function setup_says_whether_it_came_out_on_cloth_like_this(): void
    {
        // Polo of piqué: the bell was never sewn on a knit.
        $decoration = self::decoration(self::polos());
        self::assertSame(Fabric::Pique, $decoration->line->fabric);
        $bell = $decoration->artwork;
        self::assertNotNull($bell);
        $this->get("/setup/{$decoration->id}?tab=practice")->assertSee(
            'This artwork has no good sew-out on pique or similar',
        );

        $this->post("/artwork/{$bell->id}/sew-outs", [
            ...self::SEW_OUT,
            'fabric' => 'canvas',
        ])->assertSessionHasNoErrors();
        $this->post("/artwork/{$bell->id}/sew-outs", [
            ...self::SEW_OUT,
            'passed' => 0,
            'remark' => 'puckered',
        ])->assertSessionHasNoErrors();
        $this->get("/setup/{$decoration->id}?tab=practice")->assertSee(
            'This artwork has no good sew-out on pique',
        );
        // Jersey is a knit like piqué.
        $this->post("/artwork/{$bell->id}/sew-outs", [
            ...self::SEW_OUT,
            'fabric' => 'jersey',
        ])->assertSessionHasNoErrors();
        $this->get("/setup/{$decoration->id}?tab=practice")
            ->assertSee('Good sew-out on jersey')
            ->assertSee('by Ilse');

        // Another file: what came out before says nothing of it.
        $bell->update(['revision' => 2]);
        $this->get("/setup/{$decoration->id}?tab=practice")->assertSee(
            'This artwork has no good sew-out on pique',
        );
    }

    #[Test]
    public function a_failed_sew_out_wants_its_reason_and_every_field_its_word(): void
    {
        $this->post('/artwork/1/sew-outs', [...self::SEW_OUT, 'passed' => 0])->assertSessionHasErrors([
            'remark' => 'Write what went wrong, for the next person.',
        ]);
        $this->post('/artwork/1/sew-outs', [])->assertSessionHasErrors([
            'fabric',
            'backing',
            'layers',
            'needle',
            'speed',
            'passed',
            'who',
        ]);
    }

    #[Test]
    public function a_photo_is_kept_only_when_it_is_one(): void
    {
        $png = (string) base64_decode(
            'iVBORw0KGgoAAAANSUhEUgAAAAIAAAACCAIAAAD91JpzAAAAEElEQVR4nGNkYGBgYGBgAAAADAADqPVR9QAAAABJRU5ErkJggg==',
            true,
        );
        $this->post('/artwork/1/sew-outs', [
            ...self::SEW_OUT,
            'photo' => self::upload('<script>alert(1)</script>', 'cat.png'),
        ])->assertSessionHasErrors(['photo' => 'Upload a JPEG, PNG or WebP photo.']);
        $this->post('/artwork/1/sew-outs', [
            ...self::SEW_OUT,
            'photo' => UploadedFile::fake()->createWithContent('../../evil.php', $png),
        ])->assertSessionHasNoErrors();
        $out = SewOut::query()->orderByDesc('id')->firstOrFail();
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}\.png$/', (string) $out->photo);
        $this->get("/artwork/sew-outs/{$out->id}/photo")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/png')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
    }

    #[Test]
    public function versions_are_kept_together_under_the_first(): void
    {
        [$bell, $cap, $sprig] = [
            self::artwork('Ringers’ bell'),
            self::artwork('Ringers’ bell, cap'),
            self::artwork('Seed sprig'),
        ];
        $this->get("/artwork/{$bell->id}")
            ->assertSee('Ringers’ bell, cap')
            ->assertSee('cap version');
        $this->put("/artwork/{$sprig->id}", [
            'name' => 'Seed sprig, small',
            'variant' => 'small',
            'family' => $bell->id,
            'lettering' => '0',
        ])->assertSessionHasNoErrors();
        self::assertEqualsCanonicalizing([$bell->id, $cap->id, $sprig->id], $cap->family()->pluck('id')->all());
        self::assertFalse($sprig->refresh()->lettering);
        $this->put("/artwork/{$bell->id}", [
            'name' => 'x',
            'variant' => 'small',
            'family' => self::artwork('Reed stalk')->id,
        ])->assertSessionHasErrors('family');
        $this->put("/artwork/{$bell->id}", [
            'name' => '',
            'variant' => 'huge',
            'family' => $cap->id,
        ])->assertSessionHasErrors(['name', 'variant', 'family']);
    }

    #[Test]
    public function findings_are_shown_with_their_places_and_as_a_note(): void
    {
        $artwork = self::artwork('Lantern row');
        $this->get("/artwork/{$artwork->id}")
            ->assertSee('Show where')
            ->assertSee('Not in the order a cap needs')
            ->assertSee('What it means')
            ->assertSee('Note to the digitiser');
        $note = (string) $this->get("/artwork/{$artwork->id}/note.txt")
            ->assertHeader('Content-Type', 'text/plain; charset=utf-8')
            ->getContent();
        self::assertStringStartsWith("About “Lantern row” (lantern-row.dst, {$artwork->stitches} stitches,", $note);
        self::assertStringContainsString('Please order it for a cap', $note);

        // Two reds that nobody tells apart on the rack.
        DB::table('threads')
            ->where('code', 'D-09')
            ->update(['hex' => '#f4c34d']);
        $this->get("/artwork/{$artwork->id}")->assertSee('D-05 and D-09 differ by only');
    }

    #[Test]
    public function when_the_house_changes_what_is_dense_every_tape_is_looked_over_again(): void
    {
        $artwork = self::artwork('Lantern row');
        self::assertContains('dense', array_column($artwork->findings, 0));
        $this->put('/shop/rules', [
            'dense_stitches_per_mm2' => 40,
        ])->assertSessionHasNoErrors();
        self::assertNotContains('dense', array_column($artwork->refresh()->findings, 0));
    }

    private static function artwork(string $name): Artwork
    {
        return Artwork::query()->where('name', $name)->firstOrFail();
    }

    #[Test]
    public function letters_that_somebody_has_measured_are_minded_wherever_the_artwork_is_sewn(): void
    {
        $decoration = self::decoration(self::polos());
        $bell = $decoration->artwork;
        self::assertNotNull($bell);
        $this->get("/setup/{$decoration->id}")->assertDontSee('The smallest letters are');
        $put = fn(string $mm): \Illuminate\Testing\TestResponse => $this->put("/artwork/{$bell->id}", [
            'name' => $bell->name,
            'variant' => $bell->variant->value,
            'lettering' => '',
            'letter_mm' => $mm,
        ]);
        $put('wide')->assertSessionHasErrors('letter_mm')->assertSessionHasInput('letter_mm', 'wide');
        $put('4,2')->assertSessionHasNoErrors();

        self::assertSame([4.2, true], [(float) $bell->refresh()->letter_mm, $bell->lettering]);
        $this->get("/setup/{$decoration->id}")
            ->assertSee('The smallest letters are 4.2 mm high')
            ->assertSee('65/9');
    }

    #[Test]
    public function tapes_are_looked_over_again_only_for_rules_of_measuring_those_that_are_waited_for_first(): void
    {
        Queue::fake();
        app(RuleChange::class)->set([HouseRule::TrimTime->value => 7.0]);
        Queue::assertNothingPushed();

        app(RuleChange::class)->set([HouseRule::TrimJumps->value => 5.0]);
        $read = self::queued(ReadTape::class)->map(static fn(ReadTape $job): int => $job->artworkId)->all();
        self::assertCount(Artwork::query()->whereNotNull('read_at')->count(), $read);
        $waits = Artwork::query()
            ->whereNotNull('read_at')
            ->whereIn('id', Decoration::query()
                ->whereHas('pieces', static fn(Builder $pieces): Builder => $pieces->open())
                ->select('artwork_id'))
            ->pluck('id')
            ->all();
        self::assertNotSame(count($waits), count($read));
        self::assertEqualsCanonicalizing($waits, array_slice($read, 0, count($waits)));
    }
}
