<?php

declare(strict_types=1);

namespace Tests\Feature\Artwork;

use App\Artwork\Actions\Intake;
use App\Artwork\Models\Artwork;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use Hakama\Stitch\Track;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

final class ArtworkTest extends FeatureTestCase
{
    #[Test]
    public function a_tape_is_read_counted_and_drawn(): void
    {
        $this->post('/artwork', [
            'tape' => self::upload(self::tape(40), 'new row.dst'),
            'name' => '',
        ])->assertRedirect();
        $artwork = Artwork::query()->where('name', 'new row')->firstOrFail();

        self::assertSame(40, $artwork->stitches);
        $this->get("/artwork/{$artwork->id}")
            ->assertSee('Choose a thread for block 1')
            ->assertSee('none yet');
        $svg = $this->get("/artwork/{$artwork->id}/drawing.svg")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/svg+xml')
            ->getContent();
        self::assertSame(1, substr_count((string) $svg, '<path'));
    }

    #[Test]
    public function a_tape_of_twelve_thousand_stops_is_read_like_any_other(): void
    {
        $builder = new PatternBuilder('STOPS');
        for ($i = 1; $i <= 12_000; $i++) {
            $builder->stitchTo(10 * ($i % 50), 10 * ($i % 40))->stop();
        }
        $tape = (new TapeWriter())->toString($builder->stitchTo(0, 0)->pattern());
        $this->post('/artwork', ['tape' => self::upload($tape, 'stops.dst'), 'name' => ''])->assertRedirect();
        $artwork = Artwork::query()->where('name', 'stops')->firstOrFail();
        self::assertNotNull($artwork->read_at);
        self::assertSame(12_001, $artwork->blocks()->count());
    }

    #[Test]
    public function the_drawing_has_one_path_a_block_and_as_many_lines_as_stitches(): void
    {
        $artwork = Artwork::query()->where('name', 'Lake panorama')->firstOrFail();
        $svg = simplexml_load_string((string) $this->get("/artwork/{$artwork->id}/drawing.svg")->getContent());
        self::assertNotFalse($svg);
        $paths = $svg->g->path;

        self::assertCount(6, $paths);
        self::assertSame($artwork->blocks()->with('thread')->first()?->thread?->hex, (string) $paths[0]['stroke']);
        $lines = 0;
        foreach ($paths as $path) {
            // Each stitch is one pair of numbers; each M brings one pair of its own.
            $lines +=
                intdiv(preg_match_all('/-?\d+/', (string) $path['d']), 2) - substr_count((string) $path['d'], 'M');
        }
        self::assertSame($artwork->stitches, $lines);
    }

    #[Test]
    public function the_track_holds_every_record_that_was_counted(): void
    {
        $artwork = Artwork::query()->where('name', 'Lantern row')->firstOrFail();
        $counts = self::counts((string) $this->get("/artwork/{$artwork->id}/track")->getContent());

        self::assertSame(
            [$artwork->stitches, $artwork->jumps, $artwork->changes, $artwork->trims],
            [$counts['stitch'], $counts['jump'] + $counts['trim'], $counts['stop'], $counts['trim']],
        );
    }

    /** @return array{stitch: int, jump: int, stop: int, trim: int} */
    private static function counts(string $track): array
    {
        $bytes = array_values((array) unpack('c*', $track));
        $counts = ['stitch' => 0, 'jump' => 0, 'stop' => 0, 'trim' => 0];
        for ($i = 0; $i < count($bytes); $i += 2) {
            $marked = $bytes[$i] === Track::MARK;
            $counts[
                $marked
                    ? [Track::JUMP => 'jump', Track::STOP => 'stop', Track::TRIM => 'trim'][$bytes[$i + 1]]
                    : 'stitch'
            ]++;
            $i += $marked ? 2 : 0;
        }

        return $counts;
    }

    #[Test]
    public function a_drawing_that_did_not_change_is_not_sent_again(): void
    {
        $first = $this->get('/artwork/1/drawing.svg');

        $this->get('/artwork/1/drawing.svg', ['If-None-Match' => $first->headers->get('ETag')])->assertStatus(304);
    }

    #[Test]
    public function the_same_file_twice_is_named_and_not_stored_twice(): void
    {
        $tape = self::tape(41);
        $this->post('/artwork', ['tape' => self::upload($tape, 'a.dst'), 'name' => 'First name'])->assertRedirect();
        $this->from('/artwork')
            ->followingRedirects()
            ->post('/artwork', ['tape' => self::upload($tape, 'b.dst'), 'name' => 'Second name'])
            ->assertSee('This file is already here as “First name”')
            ->assertSee('value="Second name"', false);
        self::assertSame(
            1,
            Artwork::query()
                ->whereIn('name', ['First name', 'Second name'])
                ->count(),
        );
    }

    #[Test]
    public function what_is_no_tape_is_refused_with_its_reason_and_leaves_nothing(): void
    {
        $before = [Artwork::query()->count(), count(Storage::files('tapes'))];
        foreach (
            [
                ['', 'shorter', 'nothing.dst'],
                [
                    substr(str_repeat('All work is sewn by hand and by lamp. ', 60), 0, 512 + 900),
                    'lack the two bits',
                    'letter.dst',
                ],
                [substr(self::tape(30), 0, 514 + 3 * 10), 'breaks off', 'half.dst'],
            ] as [$bytes, $reason, $name]
        ) {
            $reason = $bytes === '' ? 'of the 512 bytes' : $reason;
            $this->from('/artwork')->post('/artwork', ['tape' => self::upload($bytes, $name), 'name' => 'Saved']);
            self::assertStringContainsString($reason, implode(' ', session('errors')?->get('tape') ?? []), $name);
            self::assertSame('Saved', old('name'));
        }
        $this->post('/artwork', ['tape' => self::upload(self::tape(), 'picture.png')])->assertSessionHasErrors([
            'tape' =>
                'This file type is not supported. Upload a stitch file (.dst) or a drawing whose lines are to be sewn '.
                '(.svg). Ask your digitiser for a .dst file.',
        ]);
        $this->post('/artwork', [])->assertSessionHasErrors('tape');
        self::assertSame($before, [Artwork::query()->count(), count(Storage::files('tapes'))]);
    }

    #[Test]
    public function a_hundred_megabytes_are_refused_with_the_limit(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'big');
        $file = fopen($path, 'wb');
        self::assertNotFalse($file);
        ftruncate($file, 100 * 1024 ** 2);
        fclose($file);
        $this->post('/artwork', [
            'tape' => new \Illuminate\Http\UploadedFile($path, 'big.dst', null, null, true),
        ])->assertSessionHasErrors(['tape' => 'The file is larger than 16 MB. A million stitches are about 3 MB.']);
        unlink($path);
    }

    #[Test]
    public function a_file_name_is_never_a_path_and_never_markup(): void
    {
        self::assertSame('passwd.dst', Intake::plainName('../../etc/passwd.dst'));
        self::assertSame('x.dst', Intake::plainName('C:\\shop\\x.dst'));
        self::assertSame('tape.dst', Intake::plainName(''));

        $this->post('/artwork', [
            'tape' => self::upload(self::tape(43), '../../<b>up<b>.dst'),
            'name' => '<i>slant</i>',
        ]);
        $artwork = Artwork::query()->orderByDesc('id')->firstOrFail();
        self::assertMatchesRegularExpression('~^tapes/[0-9a-f]{64}\.dst$~', $artwork->tapePath());
        $this->get('/artwork')->assertSee('&lt;i&gt;slant', false)->assertDontSee('<i>slant', false);
    }

    #[Test]
    public function a_long_tape_is_read_by_the_worker_and_the_page_says_so_meanwhile(): void
    {
        Queue::fake();
        config(['shop.records_read_at_once' => 10]);
        $this->post('/artwork', ['tape' => self::upload(self::tape(44), 'long.dst')]);
        $artwork = Artwork::query()->orderByDesc('id')->firstOrFail();
        self::assertNull($artwork->read_at);
        $this->get("/artwork/{$artwork->id}")->assertSee('read in the background');

        $job = self::queued(\App\Artwork\Jobs\ReadTape::class)->firstOrFail();
        $job->handle(app(\App\Shop\House::class));
        $job->handle(app(\App\Shop\House::class));
        self::assertSame(44, $artwork->refresh()->stitches);
        self::assertSame(1, $artwork->blocks()->count(), 'read twice it comes to the same');
    }

    #[Test]
    public function the_nearest_threads_are_offered_and_the_chosen_one_is_kept(): void
    {
        $artwork = Artwork::query()->where('name', 'Paddle mark')->firstOrFail();
        $this->get("/artwork/{$artwork->id}/blocks/3/threads?hex=%231f3f66")
            ->assertSee('D-12 Deep Tarn')
            ->assertSee('0.00')
            ->assertSee('same');
        $this->get("/artwork/{$artwork->id}/blocks/3/threads?hex=blue")->assertSee('is no colour');
        $this->get("/artwork/{$artwork->id}/blocks/3/threads?hex=%231f3f66&weight=60")->assertDontSee(
            'Deep Tarn, 40 wt</td>',
            false,
        );

        $this->put("/artwork/{$artwork->id}/blocks/3", ['thread' => 'D-12'])->assertRedirect();
        self::assertSame('D-12', $artwork->blocks()->with('thread')->where('number', 3)->first()?->thread?->code);
        $this->put("/artwork/{$artwork->id}/blocks/3", ['thread' => 'none such'])->assertSessionHasErrors('thread');
        $this->put("/artwork/{$artwork->id}/blocks/9", ['thread' => 'D-12'])->assertSessionHasErrors('thread');
    }

    #[Test]
    public function letters_are_measured_by_the_block_and_its_thread_and_needle_follow(): void
    {
        $decoration = self::decoration(self::polos());
        $artwork = Artwork::query()->findOrFail($decoration->artwork_id);
        $this->put("/artwork/{$artwork->id}/letters", ['block' => 2, 'letter_mm' => '4,2'])->assertSessionHas('done');
        self::assertSame(4.2, $artwork->refresh()->letter_mm);
        $this->get("/artwork/{$artwork->id}")->assertSee('letters from 4.2 mm');
        $this->get("/setup/{$decoration->id}")
            ->assertSee('40 weight; 60 weight for block 2')
            ->assertSee('65/9 sharp for block 2');
        $this->put("/artwork/{$artwork->id}/letters", ['block' => 99, 'letter_mm' => '4'])->assertSessionHasErrors(
            'letter_mm',
        );
        $this->put("/artwork/{$artwork->id}/letters", ['block' => 2, 'letter_mm' => 'tall'])->assertSessionHasErrors(
            'letter_mm',
        );
        $this->put("/artwork/{$artwork->id}/letters", ['block' => 2, 'letter_mm' => ''])->assertSessionHas('done');
        self::assertNull($artwork->refresh()->letter_mm);
    }

    #[Test]
    public function a_design_is_judged_for_a_patch_where_its_sheets_are_asked_for(): void
    {
        // A roundel: filled, in one piece, its rim sewn over the filling, and a flag after it.
        $roundel = Artwork::query()->where('name', 'Ferry roundel')->firstOrFail();
        $this->get("/artwork/{$roundel->id}/make/sheets?for=48")
            ->assertOk()
            ->assertSee('As a patch:');
        // A row of stalks is no patch at all.
        $reed = Artwork::query()->where('name', 'Reed stalk')->firstOrFail();
        $this->get("/artwork/{$reed->id}/make/sheets?for=48")
            ->assertOk()
            ->assertSee('no border along its edge');
    }
}
