<?php

declare(strict_types=1);

namespace Tests\Feature\Books;

use App\Books\Charts\ChartKind;
use App\Books\Charts\ChartRow;
use App\Books\Queries\ChartFigures;
use App\Floor\Projections\DaySums;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Charts say what the tables of the books say. */
final class ChartsTest extends FeatureTestCase
{
    #[Test]
    public function hours_of_the_weeks_are_those_of_the_days_and_the_plan_comes_after_them(): void
    {
        $monday = CarbonImmutable::today()->startOfWeek()->subWeek();
        $chart = app(ChartFigures::class)->of(ChartKind::Load, $monday, $monday->addDays(6));
        $seconds = array_sum(
            array_map(static fn($entry): float => $entry->realS, DaySums::between($monday, $monday->addDays(6))),
        );
        self::assertCount(1, $chart->figures, 'a week that is over has no plan behind it');
        self::assertGreaterThan(0.0, $seconds);
        self::assertEqualsWithDelta($seconds / 3600, array_sum($chart->figures[0]->values), 0.001);

        $now = app(ChartFigures::class)->of(ChartKind::Load, $monday, CarbonImmutable::today());
        self::assertSame(['M1', 'M2', 'M3'], $now->series);
        self::assertNotSame([], array_filter($now->figures, static fn(ChartRow $row): bool => $row->ahead));
    }

    #[Test]
    public function more_machines_than_can_be_told_apart_are_one_part_of_the_bar(): void
    {
        $order = DB::table('orders')->value('id');
        $day = CarbonImmutable::today()->subDays(30);
        foreach (range(1, 7) as $i) {
            $id = DB::table('machines')->insertGetId([
                'code' => "X{$i}",
                'name' => "X{$i}",
                'heads' => 1,
                'needles' => 6,
                'top_spm' => 800,
                'drivers' => '["flat"]',
                'token_hash' => hash('sha256', "X{$i}"),
                'driver' => 'flat',
            ]);
            DB::table('day_sums')->insert([
                'day' => $day->toDateString(),
                'machine_id' => $id,
                'order_id' => $order,
                'stitches' => 1000,
                'done' => 1,
                'spoiled' => '{}',
                'planned_s' => 3600,
                'real_s' => 3600 * $i,
            ]);
        }
        $chart = app(ChartFigures::class)->of(ChartKind::Load, $day, $day);
        self::assertSame(['X3', 'X4', 'X5', 'X6', 'X7', 'others'], $chart->series);
        self::assertEqualsWithDelta([3.0, 4.0, 5.0, 6.0, 7.0, 3.0], $chart->figures[0]->values, 1e-9);
    }

    #[Test]
    public function pieces_spoiled_are_shared_out_by_their_cause(): void
    {
        $from = CarbonImmutable::today()->subDays(6);
        $chart = app(ChartFigures::class)->of(ChartKind::Spoilage, $from, CarbonImmutable::today());
        $said = [];
        foreach ($chart->figures as $row) {
            $said[$row->label] = $row->values[0];
        }
        // The finished orders of the week: two puckered; the backs: one of which the registration was lost.
        self::assertEquals(['Puckered' => 2.0, 'Lost registration' => 1.0], $said);
    }

    #[Test]
    public function each_has_its_address_says_what_is_seen_first_and_has_its_table(): void
    {
        foreach (ChartKind::cases() as $kind) {
            $page = $this->get("/books/charts/{$kind->value}")->assertOk()->assertSee('id="figures"', false);
            $page->assertSee('data-chart="figures"', false)->assertSee($kind->label());
        }
        $this->get('/books/charts/pie')->assertNotFound();
        $this->get('/books/charts/load?from=soon')->assertSessionHasErrors('from');
        $this->get('/books/charts/spoilage?from=1999-01-01&to=1999-01-31')
            ->assertOk()
            ->assertSee('Nothing was spoiled in these days.')
            ->assertDontSee('data-chart', false);
    }
}
