<?php

declare(strict_types=1);

namespace Tests\Feature\Books;

use App\Books\Learning\Learning;
use App\Books\Learning\Suggestion;
use App\Setup\Models\LearnedFactor;
use App\Setup\Models\Setup;
use App\Shop\Models\Change;
use Hakama\Garment\Fabric;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What the log says of the times that are reckoned: offered, taken or left, taken back. */
final class LearnTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // Every load of the demo took a fifth longer than was reckoned.
        DB::table('floor_events')
            ->where('kind', 'sewn')
            ->update(['clock_s' => DB::raw('planned_s * 1.2')]);
    }

    #[Test]
    public function a_factor_is_offered_taken_and_taken_back_with_one_touch(): void
    {
        $offer = $this->offer('M2', Fabric::Pique);
        $n = min(20, $offer->learned->n);
        self::assertEqualsWithDelta((1.2 * $n + 3) / ($n + 3), $offer->learned->factor, 0.02);
        $setup = Setup::query()->findOrFail(self::decoration(self::polos())->id);
        $before = $setup->seconds()[$offer->machine->id];
        $this->get('/books/learned')->assertOk()->assertSee('Use it')->assertSee('batch');

        $this->decide('take', $offer)->assertSessionHas('done');
        self::assertEqualsWithDelta($before * $offer->offered(), $setup->refresh()->seconds()[$offer->machine->id], 1.0);
        self::assertSame(1, Change::query()->where('thing', 'M2')->count());
        // What was logged before was reckoned otherwise and says no more.
        app()->forgetScopedInstances();
        $taken = $this->offer('M2', Fabric::Pique);
        self::assertSame([null, false, $offer->offered()], [$taken->learned, $taken->isOffered(), $taken->inForce]);
        $this->get('/books/learned')->assertSee('none since the last change')->assertSee('Use the old figure again');

        $this->put('/books/learned', ['machine' => 'M2', 'fabric' => 'pique', 'do' => 'back'])->assertSessionHas(
            'done',
        );
        self::assertSame($before, $setup->refresh()->seconds()[$offer->machine->id]);
        $this->get('/books/learned')->assertDontSee('none since the last change');
    }

    #[Test]
    public function what_was_left_is_not_offered_again_and_what_was_not_read_is_not_taken(): void
    {
        $offer = $this->offer('M2', Fabric::Pique);
        $this->decide('leave', $offer)->assertSessionHas('done');
        self::assertFalse($this->offer('M2', Fabric::Pique)->isOffered());
        self::assertSame(1.0, LearnedFactor::query()->firstOrFail()->factor);
        $this->put('/books/learned', [
            'machine' => 'M2',
            'fabric' => 'pique',
            'do' => 'take',
            'offered' => '1.5',
        ])->assertSessionHasErrors('offered');
        $this->put('/books/learned', [
            'machine' => 'none',
            'fabric' => 'pique',
            'do' => 'take',
        ])->assertSessionHasErrors('machine');
        $this->put('/books/learned', ['machine' => 'M2', 'fabric' => 'pique', 'do' => 'guess'])->assertSessionHasErrors(
            'do',
        );
    }

    private function offer(string $machine, Fabric $fabric): Suggestion
    {
        app()->forgetScopedInstances();
        foreach (app(Learning::class)->offers() as $offer) {
            if ($offer->machine->code === $machine && $offer->fabric === $fabric) {
                return $offer;
            }
        }
        self::fail("nothing is logged of {$fabric->value} on {$machine}");
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function decide(string $do, Suggestion $offer): \Illuminate\Testing\TestResponse
    {
        app()->forgetScopedInstances();

        return $this->from('/books/learned')->put('/books/learned', [
            'machine' => $offer->machine->code,
            'fabric' => $offer->fabric->value,
            'do' => $do,
            'offered' => (string) $offer->offered(),
        ]);
    }
}
