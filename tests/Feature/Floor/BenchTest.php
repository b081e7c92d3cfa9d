<?php

declare(strict_types=1);

namespace Tests\Feature\Floor;

use App\Floor\Bench\BenchRow;
use App\Floor\Bench\HoopingBench;
use App\Floor\Log\FloorLog;
use App\Plan\Queries\PlanBoard;
use App\Setup\Models\KeptPlacement;
use App\Shop\House;
use Hakama\Floor\EventKind;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** The hooping bench: what goes into which frame next, size by size. */
final class BenchTest extends FeatureTestCase
{
    #[Test]
    public function sizes_wait_in_their_order_and_what_is_hooped_waits_no_more(): void
    {
        $code = self::batchOf(self::polos())->code;
        $mine = fn(): array => array_map(
            static fn(BenchRow $row): array => [$row->machine, $row->size, count($row->pieces)],
            array_values(
                array_filter($this->bench()->rows, static fn(BenchRow $row): bool => $row->batch->code === $code),
            ),
        );
        self::assertSame([['M2', 'M', 4], ['M2', 'L', 6], ['M2', 'XL', 2]], $mine());
        $page = $this->get("/floor/bench?batch={$code}&size=L")->assertOk();
        $page->assertSee('id="on-garment" data-turn="0"', false)->assertSee('data-size="L"', false);
        $page->assertSee('not cut yet');
        $row = $this->bench()->chosen($code, 'L');
        self::assertNotNull($row);
        self::assertSame([true, 90], [$row->isHoopable(), $row->frame->hoopS]);
        $page->assertSee(ucfirst($row->place))->assertSee('name="piece" value="'.$row->pieces[0].'"', false);

        app()->forgetScopedInstances();
        $this->post('/floor/M2/events', [
            'id' => ($id = Str::uuid()->toString()),
            'batch' => $code,
            'kind' => 'piece_hooped',
            'piece' => $row->pieces[0],
            'at_bench' => 1,
            'who' => 'Odo',
        ])
            ->assertSessionHasNoErrors()
            ->assertRedirect('/floor/bench');
        self::assertSame([$row->pieces[0]], FloorLog::run(self::batchOf(self::polos()))->hooped);
        self::assertSame([['M2', 'M', 4], ['M2', 'L', 5], ['M2', 'XL', 2]], $mine());
        // The same touch again is the same, and leads back to the bench too.
        $this->post('/floor/M2/events', [
            'id' => $id,
            'batch' => $code,
            'kind' => 'piece_hooped',
            'piece' => $row->pieces[0],
            'at_bench' => 1,
        ])->assertRedirect('/floor/bench');
        self::assertSame([['M2', 'M', 4], ['M2', 'L', 5], ['M2', 'XL', 2]], $mine());
    }

    #[Test]
    public function whatever_is_hooped_is_drawn_with_its_design_without_a_script(): void
    {
        $drawn = [];
        foreach ($this->bench()->rows as $row) {
            app()->forgetScopedInstances();
            $at = "/floor/bench?batch={$row->batch->code}&size={$row->size}";
            $page = (string) $this->get($at)->assertOk()->getContent();
            $isCap = $row->batch->setup->garment !== '' && str_contains($page, 'id="cap-flat"');
            self::assertStringContainsString($isCap ? 'id="cap-flat"' : 'id="on-garment"', $page, $row->batch->code);
            self::assertMatchesRegularExpression('~<image href="[^"]+/artwork/\d+/drawing~', $page, $row->batch->code);
            $drawn[$isCap ? 'cap' : 'flat'] = true;
        }
        self::assertCount(2, $drawn, 'a cap is among them, and what is no cap');
    }

    #[Test]
    public function the_machine_that_stands_comes_first_and_the_batch_after_is_only_made_ready(): void
    {
        $polos = self::batchOf(self::polos());
        // M1 and M3 sew; M2 stands with nothing hooped.
        self::tell('M2', $polos, EventKind::PreflightDone);
        $rows = $this->bench()->rows;
        self::assertSame([$polos->code, 'now'], [$rows[0]->batch->code, $rows[0]->when]);
        $this->get('/floor/bench')->assertSee('M2 is waiting for '.$polos->code);
        $after = array_values(array_filter($rows, static fn(BenchRow $row): bool => ! $row->isOn));
        self::assertNotSame([], $after);
        self::assertFalse($after[0]->isHoopable());
        $this->get("/floor/bench?batch={$after[0]->batch->code}&size={$after[0]->size}")
            ->assertSee('Prepare it here')
            ->assertDontSee('Hooped one');
        // A batch or a size that is not there leads to the first.
        $this->get('/floor/bench?batch=B-999&size=7XL')->assertOk()->assertSee($polos->code);
    }

    #[Test]
    public function a_place_that_was_found_once_is_asked_back(): void
    {
        $decoration = self::decoration(self::polos());
        $kept = KeptPlacement::query()->create([
            'garment' => $decoration->garmentKey(),
            'position' => $decoration->position->value,
            'size' => '4XL',
            'motif' => 0,
            'peg' => '12',
            'who' => 'Ilse',
            'kept_at' => now()->subMonth(),
        ]);
        KeptPlacement::query()->where('id', '!=', $kept->id)->where('garment', $kept->garment)->delete();
        $kept->update(['size' => 'XL']);
        $code = self::batchOf(self::polos())->code;
        $this->get("/floor/bench?batch={$code}&size=XL")
            ->assertSee('peg 12')
            ->assertSee('Was it right?');
        $this->get("/floor/bench?batch={$code}&size=M")->assertDontSee('Was it right?');
        $this->withSession(['who' => 'Odo'])
            ->post("/floor/bench/places/{$kept->id}")
            ->assertSessionHas('done');
        self::assertSame(['Odo', '12'], [$kept->refresh()->who, $kept->peg]);
        self::assertTrue($kept->kept_at->isToday());
        $this->post('/floor/bench/places/99999')->assertNotFound();
    }

    private function bench(): HoopingBench
    {
        app()->forgetScopedInstances();

        return HoopingBench::of(app(PlanBoard::class), app(House::class)->rules());
    }
}
