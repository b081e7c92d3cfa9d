<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Arrival;
use App\Models\BackingStock;
use App\Models\Cone;
use App\Models\Thread;
use App\Shop\House;
use App\Stock\Shortages;
use Hakama\House\HouseRule;
use Hakama\House\RuleSpec;
use Hakama\Plan\Shortage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;

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
        $this->get('/shop/ordering')->assertOk()->assertSee($thread->code)->assertSee('too late for that');
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
        self::assertSame([], $this->of('Blanks'));
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
        self::assertSame([], $this->of('Blanks'), 'five and seven are twelve');
        self::assertSame(4.0, RuleSpec::of(HouseRule::LeadDays)->default);
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
