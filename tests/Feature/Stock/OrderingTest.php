<?php

declare(strict_types=1);

namespace Tests\Feature\Stock;

use App\Orders\Models\Arrival;
use App\Setup\Models\Setup;
use App\Shop\House;
use App\Stock\Actions\StockBook;
use App\Stock\Models\BackingStock;
use App\Stock\Models\Cone;
use App\Stock\Models\Supplier;
use App\Stock\Models\Thread;
use App\Stock\Queries\Shortages;
use App\Stock\Reserved;
use App\Stock\StockKind;
use Hakama\Floor\EventKind;
use Hakama\House\HouseRule;
use Hakama\House\RuleSpec;
use Hakama\Plan\Shortage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** What has to be ordered so that what is planned can be sewn. */
final class OrderingTest extends FeatureTestCase
{
    #[Test]
    public function thread_backing_and_blanks_that_run_short_stand_with_the_day_to_order_them(): void
    {
        $code = self::batchOf(self::polos())->code;
        $thread = self::decoration(self::polos())->artwork?->blocks()->with('thread')->firstOrFail()->thread;
        self::assertInstanceOf(Thread::class, $thread);
        Cone::query()
            ->where('thread_id', $thread->id)
            ->update(['metres_left' => 0]);
        BackingStock::query()->delete();
        $line = self::polos()->lines()->firstOrFail();
        Arrival::query()->create([
            'form_id' => Str::uuid()->toString(),
            'order_line_id' => $line->id,
            'good' => 9,
            'wrong' => 0,
            'note' => '',
            'who' => '',
            'came_at' => now(),
        ]);
        app(House::class)->change(['lead_days' => 4.0]);
        $all = $this->all();
        $start = self::board()->timetable()->find($code)?->start();
        $of = static fn(string $of, string $what): ?Shortage => array_values(
            array_filter($all, static fn(Shortage $one): bool => $one->of === $of && str_contains($one->what, $what)),
        )[0] ?? null;
        $short = $of('Thread', $thread->code);
        self::assertNotNull($short);
        self::assertGreaterThan(0.0, $short->missing);
        self::assertSame($code, $short->for, 'it is next');
        $blanks = $of('Blanks', 'polo');
        self::assertSame(
            [3.0, 'no. '.self::polos()->number, $start],
            [$blanks?->missing, $blanks?->for, $blanks?->wanted],
        );
        self::assertSame((int) $start - 4 * 86_400, $blanks?->orderBy);
        self::assertNotNull($of('Backing', 'mm'));
        $this->get('/shop/ordering')->assertOk()->assertSee($thread->code)->assertSee('too late for the plan');
        $csv = (string) $this->get('/shop/ordering.csv')
            ->assertOk()
            ->assertHeader('Content-Type', 'text/csv; charset=utf-8')
            ->getContent();
        self::assertSame(1 + count($all), substr_count($csv, "\n"));
        self::assertStringContainsString('Landing polo', $csv);
    }

    #[Test]
    public function what_came_whole_or_was_not_counted_is_not_missing(): void
    {
        $line = self::polos()->lines()->firstOrFail();
        // A jacket was spoiled this morning and no spare was ordered: that is missing, whatever is counted.
        $missing = fn(): array => array_map(
            static fn(Shortage $one): string => "{$one->missing} {$one->what}",
            $this->of('Blanks'),
        );
        self::assertSame(['1 Storm jacket, slate'], $missing());
        foreach ([5, 7] as $good) {
            Arrival::query()->create([
                'form_id' => Str::uuid()->toString(),
                'order_line_id' => $line->id,
                'good' => $good,
                'wrong' => 1,
                'note' => '',
                'who' => '',
                'came_at' => now(),
            ]);
        }
        self::assertSame(['1 Storm jacket, slate'], $missing(), 'five and seven are twelve');
        self::assertSame(4.0, RuleSpec::of(HouseRule::LeadDays)->default);
    }

    #[Test]
    public function bobbins_that_were_counted_are_taken_by_use_and_run_short_of_what_is_planned(): void
    {
        self::assertSame([], $this->of('Bobbins'), 'never counted, so nothing is said');
        foreach (['many', '-1', ''] as $bad) {
            $this->post('/shop/ordering/counts', ['kind' => 'bobbins', 'amount' => $bad])->assertSessionHasErrors('amount');
        }
        $this->post('/shop/ordering/counts', ['kind' => 'buttons', 'amount' => '3'])->assertSessionHasErrors('kind');
        $this->post('/shop/ordering/counts', ['kind' => 'bobbins', 'amount' => '900'])->assertSessionHas('done');
        self::assertSame([], $this->of('Bobbins'), 'more than enough');

        $this->post('/shop/ordering/counts', ['kind' => 'bobbins', 'amount' => '2'])->assertSessionHas('done');
        $wanted = array_sum(array_column(app(StockBook::class)->reserved(), 'bobbins'));
        self::assertGreaterThan(2.0, $wanted);
        self::assertEqualsWithDelta($wanted - 2, $this->of('Bobbins')[0]->missing, 1e-6);

        // One is changed at a machine: there is one less, and one more is missing.
        $this->travel(1)->minutes();
        $batch = self::batchOf(self::polos());
        self::tell('M2', $batch, EventKind::PreflightDone);
        self::tell('M2', $batch, EventKind::BobbinChanged);
        app()->forgetScopedInstances();
        self::assertSame(1.0, app(StockBook::class)->left(StockKind::Bobbins));
        $wanted = array_sum(array_column(app(StockBook::class)->reserved(), 'bobbins'));
        self::assertEqualsWithDelta($wanted - 1, $this->of('Bobbins')[0]->missing, 1e-6);
        $this->get('/shop/ordering')->assertOk()->assertSee('Reserved for the plan')->assertSee($batch->code);
        $mine = array_values(
            array_filter(
                app(StockBook::class)->reserved(),
                static fn(Reserved $one): bool => $one->batch === $batch->code,
            ),
        )[0];
        $waiting = $batch->pieces()->where('state', 'waiting')->count();
        // Each garment is hooped once, on so many layers.
        self::assertSame(
            [$waiting, $waiting * $batch->decoration->setup?->layers],
            [$mine->garments, $mine->backing],
        );
    }

    #[Test]
    public function film_is_taken_by_the_piece_with_two_centimetres_round_the_design(): void
    {
        $batch = self::batchOf(self::polos());
        Setup::query()->whereKey($batch->decoration_id)->update(['topper' => true]);
        $this->post('/shop/ordering/counts', ['kind' => 'film', 'amount' => '0,5'])->assertSessionHas('done');
        app()->forgetScopedInstances();
        self::assertSame(0.5, app(StockBook::class)->left(StockKind::Film));
        $this->travel(1)->minutes();
        $pieces = $batch->pieces()->orderBy('pieces.id')->limit(2)->pluck('pieces.id')->all();
        foreach ([EventKind::PreflightDone, EventKind::LoadStarted, EventKind::Sewn, EventKind::PieceDone] as $kind) {
            self::tell('M2', $batch, $kind, $kind === EventKind::PreflightDone ? [] : $pieces, 100, 60.0);
        }
        $bounds = $batch->decoration->artwork?->bounds();
        self::assertNotNull($bounds);
        app()->forgetScopedInstances();
        self::assertEqualsWithDelta(
            0.5 - (2 * ($bounds->width() + 40) * ($bounds->height() + 40)) / 1e6,
            (float) app(StockBook::class)->left(StockKind::Film),
            1e-6,
        );
    }

    #[Test]
    public function what_is_ordered_is_listed_by_who_supplies_it_within_their_days(): void
    {
        $this->post('/shop/ordering/counts', ['kind' => 'bobbins', 'amount' => '0']);
        $this->put('/shop/ordering/suppliers', [
            'suppliers' => ['Bobbins' => ['name' => 'Weir & Spool', 'lead_days' => '9']],
        ])->assertSessionHas('done');
        $short = $this->of('Bobbins')[0];
        self::assertSame('Weir & Spool', $short->from);
        self::assertSame((int) $short->wanted - 9 * 86_400, $short->orderBy);
        $this->get('/shop/ordering')->assertOk()->assertSee('From Weir &amp; Spool', false);
        self::assertStringContainsString('"Weir & Spool",Bobbins', (string) $this->get('/shop/ordering.csv')->getContent());
        foreach ([['Bobbins' => ['lead_days' => 'soon']], ['Buttons' => ['name' => 'x']], 'none'] as $bad) {
            $this->put('/shop/ordering/suppliers', ['suppliers' => $bad])->assertSessionHasErrors();
        }
        self::assertSame('Weir & Spool', Supplier::query()->findOrFail('Bobbins')->name);
        // Two had the page open: the second is told, and what they typed is still there.
        $seen = app(StockBook::class)->suppliersSign();
        $keep = fn(string $name) => $this->put('/shop/ordering/suppliers', [
            'seen' => $seen,
            'suppliers' => ['Bobbins' => ['name' => $name, 'lead_days' => '9']],
        ]);
        $keep('Reed & Sons')->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $keep('Oakum Yarns')->assertSessionHasErrors('seen')->assertSessionHasInput('suppliers.Bobbins.name', 'Oakum Yarns');
        self::assertSame('Reed & Sons', Supplier::query()->findOrFail('Bobbins')->name);
    }

    /** @return list<Shortage> */
    private function all(): array
    {
        app()->forgetScopedInstances();

        return app(Shortages::class)->all();
    }

    /** @return list<Shortage> */
    private function of(string $of): array
    {
        return array_values(array_filter($this->all(), static fn(Shortage $one): bool => $one->of === $of));
    }
}
