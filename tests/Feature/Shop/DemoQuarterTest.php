<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Books\Charts\ChartKind;
use App\Books\Learning\Learning;
use App\Books\Learning\Suggestion;
use App\Books\Queries\ChartFigures;
use App\Floor\Actions\RecountFloor;
use App\Plan\Queries\PromiseRecord;
use Carbon\CarbonImmutable;
use Database\Demo\DemoQuarter;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** Thirteen weeks are lived in a database of their own, and what is true of them is found by the program. */
final class DemoQuarterTest extends FeatureTestCase
{
    protected function tearDown(): void
    {
        DB::setDefaultConnection('mariadb');
        DB::purge('quarter');
        parent::tearDown();
    }

    #[Test]
    public function a_quarter_is_lived_through_and_the_log_tells_what_was_true_of_it(): void
    {
        Storage::fake();
        config([
            'database.connections.quarter' => [
                ...config('database.connections.mariadb'),
                'database' => 'hakama_upgrade',
            ],
        ]);
        DB::setDefaultConnection('quarter');
        self::assertSame(0, Artisan::call('migrate:fresh', ['--force' => true]));
        self::assertSame(0, Artisan::call('shop:demo'), Artisan::output());
        app()->forgetScopedInstances();
        $now = CarbonImmutable::now();
        $lastDay = $now->startOfDay()->subWeekdays(4);
        $past = DB::table('orders')->where('received_at', '<', $lastDay->subWeekdays(4))->pluck('id');

        self::assertGreaterThan(60, $past->count());
        self::assertGreaterThan(5000, DB::table('floor_events')->where('recorded_at', '<', $lastDay)->count());
        self::assertSame(0, app(RecountFloor::class)->all()->wrong, 'what is kept is what the events come to');

        // Every order of the quarter is sewn, was given to its customer whole, and has its invoice.
        self::assertSame(0, DB::table('pieces')->whereIn('order_id', $past)->where('state', '!=', 'done')->count());
        self::assertSame(
            DB::table('pieces')->whereIn('order_id', $past)->count(),
            (int) DB::table('hand_overs')->whereIn('order_id', $past)->sum('piece_count'),
        );
        self::assertSame($past->count(), DB::table('invoices')->whereIn('order_id', $past)->count());

        // Not all was kept, and most of it was.
        $promises = PromiseRecord::between($now->subDays(130), $lastDay);
        self::assertGreaterThan(0.75, $promises->kept() / count($promises->orders));
        self::assertLessThan(0.98, $promises->kept() / count($promises->orders));

        $this->assertMachinesAreFoundOut();
        foreach (ChartKind::cases() as $kind) {
            $chart = app(ChartFigures::class)->of($kind, $now->subWeeks(13), $now);
            self::assertGreaterThan(2, count($chart->figures), $kind->value);
            self::assertGreaterThan(0.0, array_sum(array_merge(...array_map(
                static fn($row): array => $row->values,
                $chart->figures,
            ))), $kind->value);
        }
    }

    /** The last twenty loads, with three as planned put to them, and luck of a few percent. */
    private function assertMachinesAreFoundOut(): void
    {
        $learned = array_filter(
            app(Learning::class)->offers(),
            // What was sewn this week was not of the quarter.
            static fn(Suggestion $one): bool => $one->learned?->n === 20 && ! $one->shifted,
        );
        self::assertGreaterThan(4, count($learned));
        foreach ($learned as $one) {
            $of = "{$one->machine->code} {$one->fabric->value}";
            self::assertEqualsWithDelta(
                (20 * DemoQuarter::TAKES[$one->machine->code] + 3) / 23,
                $one->learned->factor ?? 0.0,
                0.02,
                $of,
            );
        }
    }
}
