<?php

declare(strict_types=1);

namespace Tests\Feature\Orders;

use App\Floor\Actions\AppendEvent;
use App\Orders\Models\Colourway;
use App\Orders\Models\Decoration;
use App\Plan\Models\Plan;
use App\Stock\Models\Cone;
use App\Stock\Models\Thread;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** The same artwork in other threads, for the cloth of one line. */
final class ColourwayTest extends FeatureTestCase
{
    private Decoration $decoration;
    /** @var array<int, string> block => code */
    private array $own;

    protected function setUp(): void
    {
        parent::setUp();
        $this->decoration = self::decoration(self::polos());
        $this->own = $this->decoration
            ->artwork()
            ->firstOrFail()
            ->blocks()
            ->with('thread')
            ->get()
            ->mapWithKeys(static fn($block): array => [$block->number => (string) $block->thread?->code])
            ->all();
    }

    #[Test]
    public function plan_and_needles_and_cones_go_by_the_colours_of_the_line(): void
    {
        $other = 'D-31';
        self::assertNotContains($other, $this->own);
        $this->keep([1 => $other])->assertSessionHas('done');
        self::assertSame([1], array_keys(Colourway::of($this->decoration)), 'only what is other is kept');
        $batch = self::batchOf(self::polos());
        app()->forgetScopedInstances();
        $threads = self::board()->batches()[$batch->code]->design->threads();
        self::assertSame([...array_values([1 => $other] + $this->own)], array_values($threads));
        $this->get("/needles/cards/{$batch->code}")->assertSee($other);
        // The other orders of the same artwork stay as they were.
        $same = Decoration::query()
            ->where('artwork_id', $this->decoration->artwork_id)
            ->whereKeyNot($this->decoration->id)
            ->first();
        self::assertSame([], $same === null ? [] : Colourway::of($same));

        // Sewn, it is taken off the cone it was sewn from.
        $before = fn(string $code): float => (float) Cone::query()
            ->where('thread_id', Thread::query()->where('code', $code)->value('id'))
            ->sum('metres_left');
        [$was, $wasOwn] = [$before($other), $before($this->own[1])];
        $piece = (int) $batch->pieces()->value('pieces.id');
        foreach ([EventKind::PreflightDone, EventKind::LoadStarted, EventKind::Sewn] as $kind) {
            app(AppendEvent::class)->append(
                self::machine('M2'),
                $batch,
                new Event(
                    Str::uuid()->toString(),
                    $kind,
                    $batch->id,
                    1,
                    100,
                    60.0,
                    $kind === EventKind::PreflightDone ? [] : [$piece],
                ),
                'hand',
            );
        }
        self::assertLessThan($was, $before($other));
        self::assertSame($wasOwn, $before($this->own[1]));
        // Begun, it keeps its colours.
        $this->keep($this->own)->assertSessionHasErrors('seen');
    }

    #[Test]
    public function a_thread_like_the_cloth_is_said(): void
    {
        $this->decoration
            ->line()
            ->firstOrFail()
            ->update(['colour_hex' => (string) Thread::query()->where('code', 'D-31')->value('hex')]);
        $this->get("/orders/colours/{$this->decoration->id}")
            ->assertOk()
            ->assertDontSee('hardly shows</span>', false);
        $this->keep([1 => 'D-31']);
        $this->get("/orders/colours/{$this->decoration->id}")
            ->assertOk()
            ->assertSee('Block 1 hardly shows on this cloth');
        $drawn = (string) $this->get("/orders/colours/{$this->decoration->id}.svg")
            ->assertOk()
            ->getContent();
        self::assertStringContainsString((string) Thread::query()->where('code', 'D-31')->value('hex'), $drawn);
    }

    #[Test]
    public function what_cannot_be_is_refused_and_the_second_is_told(): void
    {
        $this->keep([1 => 'no-such'])->assertSessionHasErrors('blocks.1');
        $this->put("/orders/colours/{$this->decoration->id}", [
            'blocks' => $this->own,
            'seen' => 'old',
        ])->assertSessionHasErrors('seen');
        self::assertSame([], Colourway::of($this->decoration));
    }

    #[Test]
    public function a_batch_that_is_split_keeps_its_colours(): void
    {
        $this->keep([1 => 'D-31']);
        $code = self::batchOf(self::polos())->code;
        $this->post("/plan/batches/{$code}/split", [
            'pieces' => 4,
            'version' => Plan::query()->value('version'),
        ])->assertSessionDoesntHaveErrors();
        $apart = Decoration::query()->where('split_from_id', $this->decoration->id)->firstOrFail();
        self::assertSame('D-31', Colourway::of($apart)[1]->code);
    }

    /**
     * @param array<int, string> $blocks
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function keep(array $blocks): \Illuminate\Testing\TestResponse
    {
        app()->forgetScopedInstances();
        $all = [];
        foreach ($this->own as $number => $code) {
            $all[$number] = $code;
        }

        return $this->from('/orders')->put("/orders/colours/{$this->decoration->id}", [
            'blocks' => array_replace($all, $blocks),
        ]);
    }
}
