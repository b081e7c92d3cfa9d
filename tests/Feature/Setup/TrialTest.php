<?php

declare(strict_types=1);

namespace Tests\Feature\Setup;

use App\Artwork\Models\SewOut;
use App\Setup\Models\Practice;
use App\Setup\PracticeBook;
use App\Shop\Models\Downtime;
use Hakama\Garment\Position;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Practice and sew-outs stand in the plan as work of their own, before the first garment. */
final class TrialTest extends FeatureTestCase
{
    #[Test]
    public function sixty_caps_are_no_practice_for_the_back_of_a_jacket(): void
    {
        Practice::query()->delete();
        $jacket = self::decoration(self::jackets());
        $jacket->update(['position' => 'full_back']);
        $fabric = $jacket->line->fabric;
        $says = function () use ($jacket): string {
            app()->forgetScopedInstances();

            return (string) $this->get("/setup/{$jacket->id}")->getContent();
        };
        PracticeBook::add($fabric, 'cap', Position::CapFront, 'Ilse', false, 60, 0);
        self::assertStringContainsString('Nobody here has sewn this material at such a position yet', $says());
        // The chest is sewn as the back is, but not in the same frame.
        PracticeBook::add($fabric, 'round', Position::LeftChest, 'Ilse', false, 3, 0);
        self::assertStringContainsString('Nobody here has sewn this material in a magnetic frame yet', $says());
        PracticeBook::add($fabric, 'magnetic', Position::FullFront, 'Ilse', true, 1, 0);
        self::assertStringNotContainsString('Nobody here has sewn this material', $says());
    }

    #[Test]
    public function cloth_that_is_new_here_is_practised_at_a_time_the_plan_keeps_for_it(): void
    {
        $batch = self::batchOf(self::polos());
        $this->practised(false);
        $page = (string) $this->get("/plan/batches/{$batch->code}")
            ->assertOk()
            ->assertSee('Scrap first')
            ->assertSee('Nobody here has sewn pique')
            ->assertSee('3 on scrap')
            ->getContent();
        $before = self::board()->timetable()->find($batch->code);
        self::assertNotNull($before);
        // 3 minutes to load, and three pieces with their hooping.
        $each = $before->batch->sewing->sewS['M2'] + $before->batch->sewing->hoopS;
        $minutes = (int) ceil((180 + 3 * $each) / 60);
        self::assertStringContainsString("about {$minutes} min at M2", preg_replace('/\s+/', ' ', $page) ?? '');
        self::assertSame(1, preg_match_all('/name="(from|to|what)" value="([^"]+)"/', $page, $form) === 3 ? 1 : 0);
        app()->forgetScopedInstances();
        $this->post('/plan/calendar/down', [
            'machine' => 'M2',
            ...array_combine($form[1], $form[2]),
        ])->assertSessionHasNoErrors();

        $kept = Downtime::query()->orderByDesc('id')->firstOrFail();
        self::assertSame("practice on scrap for {$batch->code}", $kept->why);
        self::assertEqualsWithDelta($minutes, $kept->from_at->diffInMinutes($kept->to_at), 0.01);
        $after = self::board()->timetable()->find($batch->code);
        self::assertGreaterThanOrEqual($before->changeoverStart + 60 * $minutes - 60, $after?->changeoverStart);
        app()->forgetScopedInstances();
        $this->get("/plan/batches/{$batch->code}")
            ->assertSee('Planned at M2')
            ->assertSee('practice book')
            ->assertDontSee('Plan it before the batch');
        // Whoever reads another language sees it planned too.
        $this->post('/language', ['language' => 'es'])->assertSessionHasNoErrors();
        $this->get("/plan/batches/{$batch->code}")
            ->assertSee('Planificado en M2')
            ->assertDontSee('Planificarlo antes del lote');
        $this->post('/language', ['language' => 'en'])->assertSessionHasNoErrors();
        // Once it came out on cloth like it, nothing more is to be practised.
        $this->practised(true);
        $this->sewnOut(true);
        $this->get("/plan/batches/{$batch->code}")->assertDontSee('Scrap first');
    }

    #[Test]
    public function a_version_that_was_not_sewn_out_on_this_cloth_is_sewn_out_once(): void
    {
        $batch = self::batchOf(self::polos());
        $this->practised(true);
        SewOut::query()->delete();
        $this->get("/plan/batches/{$batch->code}")
            ->assertSee('was not sewn out on pique')
            ->assertSee("sew-out for {$batch->code}");
        // One that did not pass is none; of an earlier version neither.
        $this->sewnOut(false);
        $this->get("/plan/batches/{$batch->code}")->assertSee('Scrap first');
        $this->sewnOut(true, revision: 0);
        $this->get("/plan/batches/{$batch->code}")->assertSee('Scrap first');
        $this->sewnOut(true);
        $this->get("/plan/batches/{$batch->code}")->assertDontSee('Scrap first');
        // What runs is past trying.
        SewOut::query()->delete();
        app()->forgetScopedInstances();
        $this->get('/plan/batches/'.self::batchOf(self::running('M1'))->code)->assertDontSee('Scrap first');
    }

    private function practised(bool $cameOut): void
    {
        Practice::query()->delete();
        self::outdate();
        if ($cameOut) {
            PracticeBook::add(self::decoration(self::polos())->line->fabric, '', null, 'Ilse', true, 3, 0);
            self::outdate();
        }
        app()->forgetScopedInstances();
    }

    private function sewnOut(bool $passed, ?int $revision = null): void
    {
        $artwork = self::decoration(self::polos())->artwork;
        self::assertNotNull($artwork);
        $artwork->sewOuts()->create([
            'revision' => $revision ?? $artwork->revision,
            'fabric' => 'pique',
            'backing' => 'cutaway',
            'layers' => 2,
            'needle' => '75/11 ballpoint',
            'speed_spm' => 700,
            'passed' => $passed,
            'remark' => '',
            'who' => 'Ilse',
            'sewn_at' => now(),
        ]);
        app()->forgetScopedInstances();
    }
}
