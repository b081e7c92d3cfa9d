<?php

declare(strict_types=1);

namespace Tests\Feature\Setup;

use App\Floor\Queries\Stations;
use App\Foundation\Words\Words;
use App\Machine\Models\Frame;
use App\Plan\OpenBatch;
use App\Setup\Actions\Clamps;
use App\Setup\Models\ClampCheck;
use App\Setup\Models\Setup;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRules;
use Hakama\Machine\FrameKind;
use Hakama\Setup\Notes\ClampSteps;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Tape\TapeReader;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** The true centre of a clamp's window: found, kept with name and date, due again. */
final class ClampsTest extends FeatureTestCase
{
    #[Test]
    public function it_is_due_until_it_is_found_and_again_after_a_fall(): void
    {
        $clamp = Frame::query()->where('kind', FrameKind::Clamp)->firstOrFail();
        $due = static fn(): string => Words::say(app(Clamps::class)->on(self::machine('M1'), $clamp->refresh())?->due);
        self::assertStringContainsString('never found', (string) $due());
        $this->get('/setup/clamps')->assertOk()->assertSee('never found on this machine');

        // A step that was not done is said, and nothing is kept.
        $this->keep($clamp, ['checked' => ['clamp_largest']])->assertSessionHasErrors('checked');
        $this->keep($clamp, ['x' => '900'])->assertSessionHasErrors('x');
        $this->keep($clamp, ['machine' => 'M2'])->assertSessionHasErrors('machine');
        self::assertSame(0, ClampCheck::query()->count());

        $this->keep($clamp, [
            'x' => '1.5',
            'y' => '-2',
            'nudges' => '3',
            'take_over' => '1',
        ])->assertSessionHasNoErrors();
        self::assertSame("", $due());
        self::assertSame([1.5, -2.0], [$clamp->refresh()->offset_x_mm, $clamp->offset_y_mm]);
        $this->get('/setup/clamps')->assertSee('Odo')->assertSee('Every clamp is centred');

        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinute());
        $this->post('/setup/clamps', [
            'frame' => $clamp->code,
            'machine' => 'M1',
            'dropped' => '1',
            'who' => 'Ilse',
        ])->assertSessionHasNoErrors();
        self::assertStringContainsString('dropped', (string) $due());
        self::assertSame(1.5, $clamp->refresh()->offset_x_mm, 'where it was is still written down');
    }

    #[Test]
    public function until_it_is_found_the_plan_counts_the_minutes_of_finding_it_on_each_machine(): void
    {
        $clamp = Frame::query()->where('kind', FrameKind::Clamp)->firstOrFail();
        $batch = array_values(array_filter(
            self::board()->batches(),
            static fn(OpenBatch $one): bool => ! $one->started && isset($one->batch->sewing->sewS['M1']),
        ))[0];
        Setup::query()->where('decoration_id', $batch->decorationId)->update(['frame_id' => $clamp->id]);
        $minutes = static fn(): array => array_map(
            static fn(string $machine): float => self::board()->batches()[$batch->code]->batch->sewing->unfitMin($machine),
            ['M1' => 'M1', 'M3' => 'M3'],
        );
        $both = $minutes();
        $this->get("/plan/batches/{$batch->code}")->assertSee('the true centre of the clamp was never found');
        $this->keep($clamp, ['x' => '0', 'y' => '0', 'nudges' => '0'])->assertSessionHasNoErrors();
        $found = $minutes();
        self::assertEqualsWithDelta(12.0, $both['M1'] - $found['M1'], 1e-9);
        self::assertEqualsWithDelta($both['M3'], $found['M3'], 1e-9, 'it was found on M1 only');
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinute());
        $this->post('/setup/clamps', ['frame' => $clamp->code, 'machine' => 'M1', 'dropped' => '1', 'who' => 'Ilse']);
        self::assertEqualsWithDelta($both, $minutes(), 1e-9, 'it fell');
    }

    #[Test]
    public function its_proving_design_comes_as_a_tape_as_wide_as_the_page_says(): void
    {
        $proving = app(Clamps::class)->proving();
        self::assertNotNull($proving);
        $this->get('/setup/clamps')->assertSee("{$proving->widthMm} mm wide");
        $figures = PatternFigures::of(
            (new TapeReader())->fromString((string) $this->get('/setup/clamps/proving-design.dst')->getContent()),
            HouseRules::of()->measuring(),
        );
        self::assertEqualsWithDelta($proving->widthMm, $figures->bounds->width(), 0.05);
    }

    #[Test]
    public function nothing_is_sewn_in_a_clamp_whose_centre_was_never_found_there(): void
    {
        $clamp = Frame::query()->where('kind', FrameKind::Clamp)->firstOrFail();
        self::machine('M2')->update(['drivers' => ['flat', 'clamp'], 'driver' => 'clamp', 'frame_id' => $clamp->id]);
        $batch = self::batchOf(self::polos());
        Setup::query()->whereKey($batch->decoration_id)->update(['frame_id' => $clamp->id]);
        self::outdate();
        $confirm = function () use ($batch): TestResponse {
            app()->forgetScopedInstances();
            $running = app(Stations::class)->at(
                self::machine('M2')->load(['rack.thread', 'frame']),
                self::board(),
            )->running;
            self::assertSame($batch->code, $running?->batch->code);
            self::assertContains('find_clamp_again', $running->work->wanted());

            return $this->from('/floor/M2')->post('/floor/M2/events', [
                'id' => Str::uuid()->toString(),
                'kind' => 'preflight_done',
                'batch' => $batch->code,
                'checked' => $running->work->wanted(),
                'who' => 'Odo',
            ]);
        };
        // Every line is ticked, and it does not start.
        $confirm()->assertSessionHasErrors('checked');
        self::assertStringContainsString(
            "The true centre of {$clamp->code} on M2 is missing",
            (string) session('errors')?->first('checked'),
        );
        // Found once, it may start; a fall is a line to tick.
        $check = ['frame_id' => $clamp->id, 'machine_id' => self::machine('M2')->id, 'who' => 'Odo'];
        ClampCheck::query()->create([...$check, 'x_mm' => 0, 'y_mm' => 0, 'checked_at' => now()->subHours(2)]);
        ClampCheck::query()->create([...$check, 'dropped' => true, 'checked_at' => now()->subHour()]);
        $confirm()->assertSessionHasNoErrors();
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function keep(Frame $clamp, array $with): \Illuminate\Testing\TestResponse
    {
        app()->forgetScopedInstances();

        return $this->post('/setup/clamps', [
            'frame' => $clamp->code,
            'machine' => 'M1',
            'x' => '0',
            'y' => '0',
            'who' => 'Odo',
            'checked' => array_column(ClampSteps::of(app(Clamps::class)->proving(), HouseRules::of()), 'code'),
            ...$with,
        ]);
    }
}
