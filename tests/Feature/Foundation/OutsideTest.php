<?php

declare(strict_types=1);

namespace Tests\Feature\Foundation;

use App\Artwork\Models\Artwork;
use App\Foundation\Formats\Csv;
use App\Plan\Models\Batch;
use Database\Demo\DemoShop;
use Hakama\Floor\EventKind;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What comes from outside and is not as it should be: addresses, headers, files, machines. */
final class OutsideTest extends FeatureTestCase
{
    #[Test]
    public function what_is_said_at_a_field_is_never_the_framework_s_sentence(): void
    {
        $said = static function (mixed $of) use (&$said): array {
            return is_array($of) ? array_merge(...array_map($said, array_values($of))) : [(string) $of];
        };
        $theirs = require base_path('vendor/laravel/framework/src/Illuminate/Translation/lang/en/validation.php');
        unset($theirs['custom'], $theirs['attributes']);
        foreach ($theirs as $rule => $sentence) {
            $ours = trans("validation.{$rule}");
            self::assertSame(is_array($sentence) ? array_keys($sentence) : $rule, is_array($ours) ? array_keys($ours) : $rule);
            self::assertSame([], array_intersect($said($ours), $said($sentence)), $rule);
            foreach ($said($ours) as $one) {
                self::assertStringNotContainsString(':attribute', $one, $rule);
            }
        }
        $this->post('/orders', ['customer' => str_repeat('a', 121)])->assertSessionHasErrors([
            'customer' => 'At most 120 characters.',
        ]);
    }

    #[Test]
    public function nobody_is_sent_back_to_where_they_came_from_elsewhere(): void
    {
        $this->get('/orders');
        $answer = $this->withHeader('Referer', 'https://elsewhere.example/trap')->put('/floor/who', ['who' => 'Nobody']);
        self::assertStringNotContainsString('elsewhere', (string) $answer->headers->get('Location'));
        $answer = $this->withHeader('Referer', 'http://localhost.elsewhere.example/x')->put('/floor/who', []);
        self::assertStringNotContainsString('elsewhere', (string) $answer->headers->get('Location'));
    }

    #[Test]
    public function what_is_not_there_says_nothing_of_how_it_was_looked_for(): void
    {
        foreach (['/orders/9999', '/artwork/9999', '/nothing'] as $path) {
            $this->getJson($path)
                ->assertNotFound()
                ->assertExactJson(['message' => 'Not found. It may have been removed.']);
        }
        $this->delete('/orders')->assertStatus(405)->assertSee('Nothing was changed');
        $this->deleteJson('/orders')->assertStatus(405)->assertJsonStructure(['message']);
    }

    /** @return iterable<string, array{string}> */
    public static function longNumbers(): iterable
    {
        $number = str_repeat('9', 20);
        foreach (
            [
                "/orders/{$number}",
                "/orders/1001/slips/{$number}",
                "/artwork/{$number}",
                "/artwork/1/blocks/{$number}/threads",
                "/setup/{$number}",
                "/setup/{$number}/hoopings/{$number}.dst",
                "/plan/proposals/{$number}",
                "/books/invoices/{$number}",
                "/orders/quotes/{$number}.pdf",
                "/floor/looks/{$number}",
            ] as $path
        ) {
            yield $path => [$path];
        }
    }

    #[Test]
    #[DataProvider('longNumbers')]
    public function a_number_that_no_row_can_have_leads_nowhere(string $path): void
    {
        $this->get($path)->assertNotFound();
    }

    #[Test]
    public function what_a_spreadsheet_would_run_stays_text_however_it_is_written(): void
    {
        foreach (['=1+1', '+a1', '-x', '@x', '＝1+1', '＋1', ' =1', "\t=1", "\r=1", "\u{200B}=1", '＠x'] as $cell) {
            $csv = Csv::write(['name'], [[$cell]]);
            $read = str_getcsv(explode("\n", $csv, 2)[1], escape: '')[0] ?? '';
            self::assertStringStartsWith("'", (string) $read, json_encode($cell, JSON_THROW_ON_ERROR));
        }
        self::assertStringContainsString("\n-12.5\n", Csv::write(['n'], [['-12.5']]), 'a number is one');
        self::assertStringNotContainsString("'", Csv::write(['name'], [['Ann = Bo']]));
    }

    #[Test]
    public function a_photograph_of_more_pixels_than_a_camera_makes_is_refused_before_it_is_opened(): void
    {
        // A head that claims 30 000 by 30 000, and nothing behind it.
        $head = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 30_000, 30_000)."\x08\x02\x00\x00\x00";
        $bytes = $head.pack('N', crc32(substr($head, 12)));
        $this->post('/artwork/1/sew-outs', [
            'fabric' => 'pique',
            'backing' => 'cutaway',
            'layers' => 1,
            'needle' => '75/11 sharp',
            'speed' => 700,
            'passed' => 1,
            'who' => 'Ilse',
            'photo' => self::upload($bytes, 'huge.png'),
        ])->assertSessionHasErrors('photo');
        self::assertStringContainsString('30000 × 30000 pixels', session('errors')->first('photo'));
    }

    #[Test]
    public function the_template_of_a_very_long_tape_is_a_few_hundred_kilobytes(): void
    {
        $begun = hrtime(true);
        $builder = new \Hakama\Stitch\PatternBuilder('LONG');
        for ($i = 0; $i < 400_000; $i++) {
            $builder->stitchTo(900 * ($i % 2), intdiv($i, 300));
        }
        $tape = (new \Hakama\Stitch\Tape\TapeWriter())->toString($builder->pattern());
        $made = (hrtime(true) - $begun) / 1e9;
        $this->post('/artwork', [
            'name' => 'A long one',
            'tape' => self::upload($tape, 'long.dst'),
        ])->assertSessionHasNoErrors();
        $artwork = Artwork::query()->orderByDesc('id')->firstOrFail();
        if ($artwork->read_at === null) {
            (new \App\Artwork\Jobs\ReadTape($artwork->id))->handle(app(\App\Shop\House::class));
        }
        $begun = hrtime(true);
        $pdf = $this->get("/artwork/{$artwork->id}/template.pdf")->assertOk();
        // It takes half as long as to make and write such a tape, on whatever machine, however busy.
        self::assertLessThan($made, (hrtime(true) - $begun) / 1e9);
        self::assertLessThan(6_000_000, strlen((string) $pdf->getContent()));
    }

    #[Test]
    public function a_machine_is_always_answered_in_json_and_told_which_field_is_off(): void
    {
        $post = fn(array $with, array $headers = []) => $this->call(
            'POST',
            '/machines/reports',
            [],
            [],
            [],
            $this->transformHeadersToServerVars([
                'Authorization' => 'Bearer '.DemoShop::token('M2'),
                'Accept' => 'text/html',
                'Content-Type' => 'application/json',
                ...$headers,
            ]),
            json_encode($with, JSON_THROW_ON_ERROR),
        );
        $whole = [
            'id' => Str::uuid()->toString(),
            'load' => Str::uuid()->toString(),
            'kind' => 'sewn',
            'stitch' => 10,
            'clock_s' => 9.5,
        ];
        $post([])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['id', 'load', 'kind', 'stitch', 'clock_s']);
        foreach (['stitch' => true, 'clock_s' => true, 'kind' => 'broken', 'id' => 7] as $field => $bad) {
            $post([...$whole, $field => $bad])->assertStatus(422)->assertJsonValidationErrors([$field]);
        }
        $post($whole)->assertStatus(409)->assertJsonStructure(['message']);
        $this->call(
            'POST',
            '/machines/reports',
            [],
            [],
            [],
            $this->transformHeadersToServerVars([
                'Authorization' => 'Bearer '.DemoShop::token('M2'),
                'Content-Type' => 'application/json',
            ]),
            '{"id": ',
        )
            ->assertStatus(400)
            ->assertJsonStructure(['message']);
        $this->get('/machines/nothing')->assertNotFound()->assertJsonStructure(['message']);
    }

    #[Test]
    public function a_log_in_which_two_told_of_one_load_is_named_and_mended_by_hand(): void
    {
        [$batch, $second, $metres] = $this->toldTwice();
        $this->artisan('floor:recount')
            ->expectsOutputToContain($batch->code)
            ->expectsOutputToContain('pieces worked out from their events')
            ->assertExitCode(1);
        $this->get('/floor/M2/corrections')->assertSee('Void this entry')->assertSee($batch->code);
        $this->post('/floor/M2/voids', ['event' => $second])->assertSessionHasErrors('why_void');
        $this->post('/floor/M2/voids', ['event' => $second, 'why_void' => 'told by two'])->assertSessionHas('done');
        $this->post('/floor/M2/voids', ['event' => $second, 'why_void' => 'told by two'])->assertSessionHas('problem');

        $this->artisan('floor:recount')->assertExitCode(0);
        $this->get('/floor/M2/corrections')->assertDontSee('Void this entry');
        $kept = \App\Floor\Models\VoidedEvent::query()->findOrFail($second);
        self::assertSame('told by two', $kept->reason);
        self::assertEqualsWithDelta($metres, (float) \App\Stock\Models\Cone::query()->sum('metres_left'), 0.01);
        // The same report again is no new event.
        $before = \App\Floor\Models\FloorEvent::query()->count();
        self::assertTrue(\App\Floor\Models\FloorEvent::isTold($kept->event_id));
        self::assertSame($before, \App\Floor\Models\FloorEvent::query()->count());
    }

    #[Test]
    public function what_fits_is_not_voided(): void
    {
        $fits = \App\Floor\Models\FloorEvent::query()
            ->where('machine_id', self::machine('M1')->id)
            ->orderByDesc('seq')
            ->firstOrFail();
        $this->post('/floor/M1/voids', ['event' => $fits->seq, 'why_void' => 'a whim'])->assertSessionHas('problem');
        self::assertTrue(\App\Floor\Models\FloorEvent::query()->whereKey($fits->seq)->exists());
    }

    /** @return array{Batch, int, float} the batch, the event that cannot have happened, metres on the shelf before it */
    private function toldTwice(): array
    {
        $batch = self::batchOf(self::polos());
        $piece = $batch->pieces()->orderBy('pieces.id')->firstOrFail();
        self::tell('M2', $batch, EventKind::PreflightDone);
        self::tell('M2', $batch, EventKind::LoadStarted, [$piece->id]);
        self::tell('M2', $batch, EventKind::Sewn, [$piece->id], 4000, 300.0);
        $metres = (float) \App\Stock\Models\Cone::query()->sum('metres_left');
        $first = \App\Floor\Models\FloorEvent::query()->orderByDesc('seq')->firstOrFail();
        $second = \App\Floor\Models\FloorEvent::query()->create([
            ...collect($first->getAttributes())->except(['seq', 'event_id', 'pieces', 'wear', 'took'])->all(),
            'event_id' => Str::uuid()->toString(),
            'pieces' => $first->pieces,
            'wear' => $first->wear,
            'took' => $first->took,
        ]);
        // As an earlier version charged for it.
        app(\App\Floor\Projections\Projections::class)->append([$second]);

        return [$batch, $second->seq, $metres];
    }
}
