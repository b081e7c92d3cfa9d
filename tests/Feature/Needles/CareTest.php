<?php

declare(strict_types=1);

namespace Tests\Feature\Needles;

use App\Floor\Actions\RecountFloor;
use App\Floor\Models\FloorEvent;
use App\Needles\Models\Care;
use App\Needles\Models\Needle;
use App\Shop\Models\Downtime;
use Hakama\Floor\EventKind;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Needles wear with what is sewn; hook, tension and feet are looked after and noted. */
final class CareTest extends FeatureTestCase
{
    #[Test]
    public function a_load_wears_the_needles_that_sewed_it_and_a_fitted_one_begins_anew(): void
    {
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
        $batch = self::batchOf(self::polos());
        $blocks = $batch->decoration->artwork?->blocks()->orderBy('number')->get() ?? collect();
        // Each block's thread on a needle of its own, the first of them twice.
        $numbers = $blocks->pluck('thread_id')->unique()->values();
        foreach ($numbers as $i => $thread) {
            $this->needle($i + 1)->update(['thread_id' => $thread]);
        }
        $before = $this->worn();
        $this->sewLoad();
        $expected = $before;
        foreach ($blocks as $block) {
            $expected[1 + (int) $numbers->search($block->thread_id)] += $block->stitches;
        }
        self::assertSame($expected, $this->worn());
        self::assertSame(2288, (int) $blocks->sum('stitches'));
        $sewn = FloorEvent::query()->where('kind', 'sewn')->orderByDesc('seq')->firstOrFail();
        self::assertSame(2288, array_sum($sewn->wear ?? []));
        $whole = (int) self::machine('M2')->stitches;

        $this->post('/needles/M2/fittings', [
            'id' => Str::uuid()->toString(),
            'numbers' => [1],
            'size' => '75/11',
            'point' => 'sharp',
        ])->assertSessionHasNoErrors();
        self::assertSame(0, $this->worn()[1]);
        self::assertSame($whole, (int) self::machine('M2')->stitches, 'the hook has sewn them still');
        $this->sewLoad();
        self::assertSame($whole + 2288, (int) self::machine('M2')->stitches);

        // What is kept is what the events say, and is put right where it is not.
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
        $right = $this->worn();
        $this->needle(1)->update(['stitches' => 7]);
        self::machine('M2')->update(['stitches' => 7]);
        self::assertSame(2, app(RecountFloor::class)->all()->wrong);
        self::assertSame($right, $this->worn());
    }

    #[Test]
    public function what_is_due_is_said_on_its_page_and_before_the_batch_until_it_is_done(): void
    {
        $code = self::batchOf(self::polos())->code;
        self::machine('M2')->update(['stitches' => 150_000]);
        $this->needle(3)->update(['stitches' => 399_000]);
        $this->note(['task' => 'tension', 'note' => 'a third, all six'])->assertSessionHas('done');
        $this->get('/needles/M2/care')->assertOk()->assertSee('M2: oil the hook.')->assertSee('399');
        $this->get('/floor/M2')->assertSee('Before this batch: oil the hook');

        $id = Str::uuid()->toString();
        $this->note(['id' => $id, 'task' => 'oil'])->assertSessionHas('done');
        $this->note(['id' => $id, 'task' => 'oil']);
        self::assertSame(1, Care::query()->where('event_id', $id)->count(), 'twice the same is once');
        $this->get('/needles/M2/care')->assertSee('M2 needs no care now')->assertSee('Hook oiled');
        $this->get('/floor/M2')->assertDontSee('Before this batch:');
        $this->travel(8)->days();
        app()->forgetScopedInstances();
        $this->get('/needles/M2/care')->assertSee('M2: test the tension on scrap');
        $this->travelBack();

        // Needle 3 is put on what is sewn next: it becomes due during that batch, and the plan takes the minutes in.
        $thread = self::batchOf(self::polos())
            ->decoration->artwork?->blocks()
            ->orderByDesc('stitches')
            ->value('thread_id');
        Needle::query()
            ->where('machine_id', self::machine('M2')->id)
            ->where('number', '<', 3)
            ->where('thread_id', $thread)
            ->update(['thread_id' => null]);
        $this->needle(3)->update(['thread_id' => $thread]);
        app()->forgetScopedInstances();
        $page = (string) $this->get('/needles/M2/care')
            ->assertSee("during <a href=\"http://127.0.0.1:8080/plan/batches/{$code}\">{$code}</a>", false)
            ->getContent();
        self::assertSame(
            1,
            preg_match('/name="from" value="([^"]+)"> ?<input type="hidden" name="to" value="([^"]+)"/', $page, $at),
        );
        $this->post('/plan/calendar/down', [
            'machine' => 'M2',
            'from' => $at[1],
            'to' => $at[2],
            'what' => 'Change needle 3',
        ])->assertSessionHasNoErrors();
        self::assertSame('Change needle 3', Downtime::query()->orderByDesc('id')->firstOrFail()->why);
    }

    #[Test]
    public function the_height_of_a_foot_is_noted_at_its_needle_and_bad_notes_are_refused(): void
    {
        $this->note(['task' => 'foot_height', 'needle' => '4', 'note' => 'one card'])->assertSessionHas('done');
        $this->get('/needles/M2/care')->assertSee('4: one card');
        $this->note(['task' => 'foot_height', 'needle' => '7', 'note' => 'one card'])->assertSessionHasErrors('needle');
        $this->note(['task' => 'foot_height', 'needle' => '4', 'note' => ''])->assertSessionHasErrors('note');
        $this->note(['task' => 'needle'])->assertSessionHasErrors('task');
        $this->note(['task' => 'polish'])->assertSessionHasErrors('task');
        self::assertSame(1, Care::query()->where('task', 'foot_height')->count());
        $this->expectException(\LogicException::class);
        Care::query()
            ->firstOrFail()
            ->update(['note' => 'two cards']);
    }

    private function needle(int $number): Needle
    {
        return Needle::query()->where('machine_id', self::machine('M2')->id)->where('number', $number)->firstOrFail();
    }

    /** @return array<int, int> needle of M2 => stitches */
    private function worn(): array
    {
        return Needle::query()
            ->where('machine_id', self::machine('M2')->id)
            ->orderBy('number')
            ->pluck('stitches', 'number')
            ->map(intval(...))
            ->all();
    }

    /**
     * @param array<string, string> $with
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function note(array $with): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->post('/needles/M2/care', ['id' => Str::uuid()->toString(), ...$with]);
    }

    /** The next piece of the polos, from the frame to the finishing list. */
    private function sewLoad(): void
    {
        $batch = self::batchOf(self::polos());
        if (! FloorEvent::query()->where('batch_id', $batch->id)->exists()) {
            self::tell('M2', $batch, EventKind::PreflightDone);
        }
        $piece = (int) $batch->pieces()->where('state', 'waiting')->orderBy('pieces.id')->value('pieces.id');
        self::tell('M2', $batch, EventKind::LoadStarted, [$piece]);
        self::tell('M2', $batch, EventKind::Sewn, [$piece], 2288, 200.0);
        self::tell('M2', $batch, EventKind::PieceDone, [$piece], 2288, 200.0);
    }
}
