<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Plan\Models\Batch;
use App\Plan\Queries\PlanBoard;
use App\Setup\Models\Setup;
use App\Setup\Queries\MachineSetups;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** A batch of caps between the machine that turns them by itself and the one that does not. */
final class MovedBatchTest extends FeatureTestCase
{
    #[Test]
    public function its_steps_belong_to_the_machine_it_stands_on(): void
    {
        $batch = $this->capBatchOn('M1');
        $codes = static fn(): array => array_column(
            app(MachineSetups::class)->on($batch->decoration_id, self::machineOf($batch))->steps ?? [],
            'code',
        );
        self::assertContains('turned_by_machine', $codes());
        self::assertNotContains('turn_design', $codes());
        $this->get("/floor/cards/{$batch->code}")->assertSee('the bill towards the machine, no turn');

        $this->move($batch, 'M3');

        self::assertContains('turn_design', $codes());
        self::assertNotContains('turned_by_machine', $codes());
        $this->get("/floor/cards/{$batch->code}")->assertSee(
            'the bill towards the machine, turned 180°, never mirrored',
        );
        $this->get("/needles/cards/{$batch->code}")->assertSee('turned 180°, never mirrored');
        $this->get("/setup/{$batch->decoration_id}")
            ->assertSee('Turn the design 180° on the machine')
            ->assertSee('Steps on M3');
        // What was chosen is one and the same on both.
        self::assertSame(180, Setup::query()->findOrFail($batch->decoration_id)->turn_deg);
    }

    #[Test]
    public function the_plan_says_before_a_move_what_is_to_be_done_otherwise(): void
    {
        $batch = $this->capBatchOn('M1');
        $move = ['batch' => $batch->code, 'machine' => 'M3', 'rank' => 0];

        $this->get('/plan/consequence?'.http_build_query([...$move, 'rank' => 1]))
            ->assertOk()
            ->assertSee('M3 needs other steps than M1')
            ->assertSee('Turn the design 180°');
        $this->get('/plan/consequence?'.http_build_query([...$move, 'machine' => 'M1', 'rank' => 1]))
            ->assertOk()
            ->assertDontSee('it is done otherwise');
    }

    #[Test]
    public function a_sheet_printed_before_the_move_is_said_to_hold_no_longer(): void
    {
        $batch = $this->capBatchOn('M1');
        $this->get("/setup/{$batch->decoration_id}/paper")
            ->assertSee('M1 only')
            ->assertSee('no turn');
        $this->post("/setup/{$batch->decoration_id}/printed")->assertNoContent();
        $this->get("/setup/{$batch->decoration_id}")->assertDontSee('was printed for');

        $this->move($batch, 'M3');

        $this->get("/setup/{$batch->decoration_id}")->assertSee('was printed for M1');
        $this->get("/setup/{$batch->decoration_id}/paper")
            ->assertSee('M3 only')
            ->assertSee('turned 180°');
        $this->get("/setup/{$batch->decoration_id}")->assertSee('was printed for M1');
        $this->post("/setup/{$batch->decoration_id}/printed")->assertNoContent();
        $this->get("/setup/{$batch->decoration_id}")->assertDontSee('was printed for');
    }

    #[Test]
    public function a_setting_of_the_machine_that_changes_changes_the_steps_at_once(): void
    {
        $batch = $this->capBatchOn('M1');
        $turn = static fn(): ?Turn => app(MachineSetups::class)->on($batch->decoration_id, self::machineOf($batch))
            ?->turnToSet;
        self::assertSame(Turn::None, $turn());

        self::machine('M1')->update(['turns_caps' => false]);

        self::assertSame(Turn::Half, $turn());
    }

    private function capBatchOn(string $machine): Batch
    {
        $decoration = self::decoration(self::caps());
        $this->post("/setup/{$decoration->id}", ['frame' => 'K-1', 'turn' => 180])->assertRedirect('/setup');
        $batch = self::batchOf(self::caps());
        $this->move($batch, $machine);

        return $batch;
    }

    private function move(Batch $batch, string $machine): void
    {
        app()->forgetScopedInstances();
        if (app(PlanBoard::class)->sequence()->machineOf($batch->code) === $machine) {
            return;
        }
        $running = count(
            array_filter(
                app(PlanBoard::class)->sequence()->on($machine),
                static fn(string $code): bool => app(PlanBoard::class)->batches()[$code]->started,
            ),
        );
        $this->post('/plan/moves', [
            'batch' => $batch->code,
            'machine' => $machine,
            'rank' => $running,
            'version' => PlanBoard::version(),
        ])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        self::assertSame($machine, app(PlanBoard::class)->sequence()->machineOf($batch->code));
    }

    private static function machineOf(Batch $batch): \App\Machine\Models\Machine
    {
        return \App\Machine\Models\Machine::query()->findOrFail($batch->refresh()->machine_id);
    }
}
