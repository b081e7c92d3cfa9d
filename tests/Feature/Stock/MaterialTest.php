<?php

declare(strict_types=1);

namespace Tests\Feature\Stock;

use App\Foundation\Clock\ShopClock;
use App\Plan\Awaited;
use App\Stock\Models\BackingStock;
use App\Stock\Models\Cone;
use App\Stock\Models\ExpectedGoods;
use App\Stock\Models\Thread;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Thread and backing that run out hold their batches, where the house wants that. */
final class MaterialTest extends FeatureTestCase
{
    #[Test]
    public function a_batch_whose_thread_runs_out_waits_for_the_day_on_which_it_comes(): void
    {
        [$code, $thread] = $this->runOut();
        self::assertNull(self::awaited($code), 'the house plans as if it came in time');
        $start = self::board()->timetable()->find($code)?->start();

        $this->put('/shop/rules', ['schools' => ['missing_material' => 'hold']])->assertSessionHasNoErrors();
        // Ordered on Wednesday, 4 March, it takes four days: Sunday noon, and the week begins on Monday.
        $awaited = self::awaited($code);
        self::assertSame([false, 'Sun 12:00'], [$awaited?->isOrdered, $this->said($awaited->at ?? 0)]);
        self::assertStringStartsWith('Mon ', $this->said((int) self::board()->timetable()->find($code)?->start()));
        $this->get("/plan/batches/{$code}")->assertSee("{$thread->code} {$thread->name}: Sun 12:00, if it is ordered now", false);
        preg_match_all('~holds[^<]*~', (string) $this->get('/shop/ordering')->getContent(), $holds);

        self::assertStringContainsString($code, implode(' ', $holds[0]));

        $this->post('/shop/ordering/expected', ['of' => 'Thread', 'what' => $thread->code, 'comes_on' => '2026-03-05'])
            ->assertSessionHas('done', 'Comes on Thu 5 Mar.');
        $awaited = self::awaited($code);
        self::assertSame([true, 'Thu 12:00'], [$awaited?->isOrdered, $this->said($awaited->at ?? 0)]);
        self::assertStringStartsWith('Thu ', $this->said((int) self::board()->timetable()->find($code)?->start()));
        $this->get('/plan')->assertSee("{$thread->code} {$thread->name} comes Thu 12:00");
        // It is due before: what would help is the thread, not its blanks.
        $this->get("/plan/batches/{$code}")
            ->assertSee("{$thread->code} {$thread->name} here now")
            ->assertDontSee('Blanks here now');
        // Said again, the last day holds; it did not come: as if it were ordered now.
        $this->post('/shop/ordering/expected', ['of' => 'Thread', 'what' => $thread->code, 'comes_on' => '2026-03-06']);
        self::assertSame('Fri 12:00', $this->said((int) self::awaited($code)?->at));
        self::assertSame(1, ExpectedGoods::query()->count());
        $this->delete('/shop/ordering/expected/'.ExpectedGoods::query()->firstOrFail()->id)->assertSessionHas('done');
        self::assertFalse(self::awaited($code)?->isOrdered);

        // It is here.
        Cone::query()->where('thread_id', $thread->id)->update(['metres_left' => 5000]);
        DB::table('turns')->increment('number');
        self::assertNull(self::awaited($code));
        self::assertSame($start, self::board()->timetable()->find($code)?->start());
    }

    #[Test]
    public function backing_that_is_not_there_holds_all_that_is_not_begun_nor_cut(): void
    {
        $this->put('/shop/rules', ['schools' => ['missing_material' => 'hold']]);
        $before = array_filter(self::board()->batches(), static fn($one): bool => $one->awaited !== null);
        BackingStock::query()->delete();
        DB::table('turns')->increment('number');
        $cut = DB::table('backing_cuts')->pluck('batch_id')->all();
        foreach (self::board()->batches() as $code => $batch) {
            $isHeld = ! $batch->started && ! in_array($batch->id, $cut, true);
            self::assertSame($isHeld, $batch->awaited !== null, $code);
        }
        self::assertLessThan(count(self::board()->batches()) / 2, count($before));
    }

    #[Test]
    public function a_day_that_cannot_be_is_said_at_its_field(): void
    {
        $of = ['of' => 'Thread', 'what' => 'D-16', 'comes_on' => '2026-03-05'];
        foreach ([['comes_on' => '2026-03-01'], ['comes_on' => 'soon'], ['of' => 'Buttons'], ['what' => '']] as $wrong) {
            $this->post('/shop/ordering/expected', [...$of, ...$wrong])->assertSessionHasErrors(array_key_first($wrong));
        }
        self::assertSame(0, ExpectedGoods::query()->count());
        $this->delete('/shop/ordering/expected/99')->assertNotFound();
    }

    /** @return array{string, Thread} a batch that is not begun, and a thread of it of which there is none */
    private function runOut(): array
    {
        $code = self::batchOf(self::polos())->code;
        $thread = self::decoration(self::polos())->artwork?->blocks()->with('thread')->firstOrFail()->thread;
        self::assertInstanceOf(Thread::class, $thread);
        Cone::query()->where('thread_id', $thread->id)->update(['metres_left' => 0]);

        return [$code, $thread];
    }

    /** @phpstan-impure another one after each write */
    private static function awaited(string $code): ?Awaited
    {
        return self::board()->batches()[$code]->awaited;
    }

    private function said(int $at): string
    {
        return ShopClock::words(ShopClock::time($at));
    }
}
