<?php

declare(strict_types=1);

namespace Tests\Feature\Needles;

use App\Machine\Events\MachineChanged;
use App\Machine\Models\Machine;
use App\Shop\Models\Change;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** A head that is out takes a piece off every load; the machine goes on. */
final class HeadsTest extends FeatureTestCase
{
    #[Test]
    public function plan_times_and_loads_go_by_the_heads_that_sew(): void
    {
        $machine = $this->several();
        $heads = $machine->heads;
        MachineChanged::dispatch();
        $stood = $this->times($machine);
        $batch = self::batchOf(self::polos());
        $batch->update(['machine_id' => $machine->id]);
        self::assertSame($heads, $this->lane($machine));
        $whole = $this->runS($batch->code);

        $this->out($machine, 1, 'trimmer stays open')->assertSessionHasNoErrors();
        self::assertSame($heads - 1, $this->lane($machine));
        self::assertSame($heads - 1, $machine->refresh()->workingHeads());
        self::assertGreaterThan($whole, $this->runS($batch->code), 'more loads for the same pieces');
        $this->get("/needles/{$machine->code}/care")
            ->assertSee('Head 1 is out of use')
            ->assertSee('trimmer stays open');
        $this->get("/floor/{$machine->code}")->assertSee('Head 1 is out of use: leave the frame off');
        $this->get('/plan')->assertSee('head 1 out');

        // The same once more is the same, and is noted once.
        $this->out($machine, 1, 'trimmer stays open')->assertSessionHasNoErrors();
        self::assertSame(1, Change::query()->where('kind', Change::MACHINE)->where('thing', $machine->code)->count());

        $this->putBack($machine, 1)->assertSessionHasNoErrors();
        self::assertNull($machine->refresh()->heads_out);
        self::assertSame($heads, $this->lane($machine));
        self::assertSame($whole, $this->runS($batch->code));
        self::assertSame($stood, array_intersect_key($this->times($machine), $stood), 'times are what they were');
    }

    #[Test]
    public function one_head_always_sews_and_only_heads_it_has_are_taken_out(): void
    {
        $machine = $this->several();
        $this->out($machine, $machine->heads + 1)->assertSessionHasErrors('head');
        $this->out($machine, 0)->assertSessionHasErrors('head');
        $this->out($machine, 1, str_repeat('x', 81))->assertSessionHasErrors('wrong');
        for ($head = 1; $head < $machine->heads; $head++) {
            $this->out($machine, $head)->assertSessionHasNoErrors();
        }
        $this->out($machine, $machine->heads)->assertSessionHasErrors([
            'head' => 'One head has to go on sewing. If none can, close the machine on the plan.',
        ]);
        // One that is out already may be said again, with other words.
        $this->out($machine, 1, 'parts ordered')->assertSessionHasNoErrors();
        self::assertSame('parts ordered', $machine->refresh()->heads_out[1] ?? null);
        self::assertSame(1, $machine->refresh()->workingHeads());
    }

    private function several(): Machine
    {
        return Machine::working()->where('heads', '>', 1)->firstOrFail();
    }

    /**
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function out(Machine $machine, int $head, string $wrong = ''): TestResponse
    {
        return $this->from("/needles/{$machine->code}/care")
            ->post("/needles/{$machine->code}/heads", ['head' => $head, 'out' => 1, 'wrong' => $wrong]);
    }

    /**
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function putBack(Machine $machine, int $head): TestResponse
    {
        return $this->post("/needles/{$machine->code}/heads", ['head' => $head, 'out' => 0]);
    }

    private function lane(Machine $machine): int
    {

        return self::board()->workload()->lanes[$machine->code]->heads;
    }

    /** Seconds of sewing and hooping from the first load to the last, breaks of the day left out. */
    private function runS(string $batch): int
    {
        $placed = self::board()->timetable()->find($batch);
        self::assertNotNull($placed);

        return array_sum(array_map(static fn(array $load): int => $load[1] - $load[0], $placed->loads));
    }

    /** @return array<int, int> setup => seconds of a load */
    private function times(Machine $machine): array
    {
        return DB::table('setup_times')->where('machine_id', $machine->id)->pluck('seconds', 'setup_id')->all();
    }
}
