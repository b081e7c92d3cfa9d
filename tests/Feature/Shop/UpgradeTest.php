<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Floor\Actions\RecountFloor;
use App\Floor\Log\FloorLog;
use App\Floor\Models\BatchProgress;
use App\Needles\Models\Needle;
use App\Plan\Models\Batch;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Feature\FeatureTestCase;

/** A shop as the version before this one left it, in a database of its own, is brought to this one. */
final class UpgradeTest extends FeatureTestCase
{
    private const SHOP = __DIR__.'/../../fixtures/shops/earlier.sql.gz';
    private const NAMELESS = __DIR__.'/../../fixtures/shops/2026-11-28.sql.gz';

    protected function tearDown(): void
    {
        DB::setDefaultConnection('mariadb');
        DB::purge('upgrade');
        parent::tearDown();
    }

    #[Test]
    public function a_shop_of_the_earlier_version_comes_to_what_a_new_one_begins_with_and_loses_nothing(): void
    {
        $new = self::tables('mariadb');
        $this->load();
        $ranks = DB::table('batches')->orderBy('id')->pluck('place', 'code')->all();
        $shelves = DB::table('cones')->orderBy('id')->pluck('place')->all();
        $events = DB::table('floor_events')->count();
        Artisan::call('migrate', ['--force' => true]);

        self::assertSame($new, self::tables('upgrade'));
        self::assertSame($ranks, DB::table('batches')->orderBy('id')->pluck('rank', 'code')->all());
        self::assertSame($shelves, DB::table('cones')->orderBy('id')->pluck('shelf')->all());
        self::assertSame(2.0, (float) DB::table('house_rules')->where('name', 'changeover_cost')->value('value'));
        self::assertSame($events, DB::table('floor_events')->count());
        self::assertSame(0, DB::table('migrations')->where('migration', '<', '2026_11_26')->count());
        // The whole of M1 had one needle; those for fine thread never had it.
        $of = static fn(string $comparison): array => Needle::query()
            ->join('machines as m', 'm.id', '=', 'needles.machine_id')
            ->join('threads as t', 't.id', '=', 'needles.thread_id')
            ->where('m.code', 'M1')
            ->where('t.weight', $comparison, 60)
            ->get(['needles.size', 'needles.point'])
            ->map(static fn(Needle $needle): string => $needle->type()->code())
            ->unique()
            ->values()
            ->all();
        self::assertSame(['80/12 sharp'], $of('<'));
        self::assertNotContains('80/12 sharp', $of('>='));

        // Nothing was kept of the runs; their events tell them, and from then on it is kept.
        $running = Batch::query()->whereHas('events')->orderByDesc('id')->firstOrFail();
        $run = FloorLog::run($running);
        self::assertSame(0, BatchProgress::query()->count());
        Artisan::call('shop:follow');
        self::assertTrue($run->equals(FloorLog::run($running)));
        self::assertSame(Batch::query()->whereHas('events')->count(), BatchProgress::query()->count());
        app(RecountFloor::class)->all();
        self::assertTrue($run->equals(FloorLog::run($running)));
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
    }

    #[Test]
    public function a_shop_that_is_older_still_is_told_to_come_by_way_of_that_version(): void
    {
        $this->load();
        DB::table('migrations')->where('migration', '2026_01_08_000000_people_come_and_go')->delete();
        $this->expectExceptionMessage('start it once with that version, then with this');
        Artisan::call('migrate', ['--force' => true]);
    }

    #[Test]
    public function a_shop_that_knew_nobody_by_role_has_an_owner_and_is_the_demo_it_was(): void
    {
        $new = self::tables('mariadb');
        $this->load(self::NAMELESS);
        $pieces = DB::table('pieces')->orderBy('id')->pluck('state', 'id')->all();
        $events = DB::table('floor_events')->orderBy('seq')->pluck('event_id')->all();
        Artisan::call('migrate', ['--force' => true]);

        self::assertSame($new, self::tables('upgrade'));
        self::assertSame($pieces, DB::table('pieces')->orderBy('id')->pluck('state', 'id')->all());
        self::assertSame($events, DB::table('floor_events')->orderBy('seq')->pluck('event_id')->all());
        self::assertSame(
            [['Tarn & Tiller', 1]],
            DB::table('shops')
                ->get(['name', 'is_demo'])
                ->map(static fn(object $row): array => [$row->name, (int) $row->is_demo])
                ->all(),
        );
        self::assertSame(['owner', 'operator', 'operator'], DB::table('people')->orderBy('id')->pluck('role')->all());
        self::assertSame(
            0,
            DB::table('machines')->whereNull('paired_at')->count(),
            'the machines of the demo have their controllers',
        );
        Artisan::call('shop:follow');
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
        // Once more changes nothing.
        Artisan::call('migrate', ['--force' => true]);
        self::assertSame(1, DB::table('shops')->count());
    }

    /** @return iterable<string, array{string}> the demo shop of every second version there was, and of the last two */
    public static function versions(): iterable
    {
        foreach (glob(dirname(self::SHOP).'/2*.sql.gz') ?: [] as $shop) {
            yield basename($shop, '.sql.gz') => [$shop];
        }
    }

    #[Test]
    #[DataProvider('versions')]
    public function a_shop_of_an_earlier_version_comes_here_with_all_it_has_and_opens(string $shop): void
    {
        $new = self::tables('mariadb');
        $this->load($shop);
        $kept = static fn(): array => [
            DB::table('floor_events')->orderBy('seq')->pluck('event_id')->all(),
            DB::table('pieces')->orderBy('id')->pluck('state', 'id')->all(),
            DB::table('orders')->orderBy('id')->pluck('due_at', 'number')->all(),
            DB::table('batches')
                ->orderBy('id')
                ->get(['code', 'machine_id', 'rank'])
                ->map(get_object_vars(...))
                ->all(),
            DB::table('artworks')->orderBy('id')->pluck('checksum', 'name')->all(),
            round((float) DB::table('cones')->sum('metres_left'), 6),
        ];
        $before = $kept();
        // What a later version adds comes after all that this one had, whatever day it was written on.
        $had = DB::table('migrations')->orderBy('migration')->pluck('migration')->all();
        $all = array_map(static fn(string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
        self::assertSame($had, array_slice($all, 0, count($had)));
        Artisan::call('migrate', ['--force' => true]);
        Artisan::call('shop:follow');

        self::assertSame($new, self::tables('upgrade'));
        self::assertSame($before, $kept());
        self::assertNotSame([], $before[0]);
        self::assertSame(0, Artisan::call('shop:fits'));
        // What was not kept by then is worked out from the events, once, and is right from then on.
        app(RecountFloor::class)->all();
        self::assertSame(0, app(RecountFloor::class)->all()->wrong);
        $this->withoutExceptionHandling();
        foreach (
            ['/orders', '/setup', '/needles/M1', '/plan', '/floor/M1', '/floor/finish', '/books', '/shop'] as $page
        ) {
            app()->forgetScopedInstances();
            $this->get($page)->assertOk();
        }
        self::assertSame($before, $kept(), 'looking changes nothing');
    }

    #[Test]
    public function a_shop_of_a_later_version_is_said_to_be_one_and_left_alone(): void
    {
        self::assertSame(0, Artisan::call('shop:fits'));
        DB::table('migrations')->insert(['migration' => '2031_01_01_000001_something_new', 'batch' => 9]);
        self::assertSame(1, Artisan::call('shop:fits'));
        self::assertStringContainsString('2031_01_01_000001_something_new', Artisan::output());
        self::assertSame(1, Artisan::call('shop:fits', ['--own' => true]), 'the demo is nobody’s own');
    }

    private function load(string $shop = self::SHOP): void
    {
        config([
            'database.connections.upgrade' => [
                ...config('database.connections.mariadb'),
                'database' => 'hakama_upgrade',
            ],
        ]);
        DB::setDefaultConnection('upgrade');
        Schema::dropAllTables();
        foreach (explode(";\n", (string) gzdecode((string) file_get_contents($shop))) as $statement) {
            if (trim($statement) !== '') {
                DB::unprepared($statement);
            }
        }
        DB::unprepared('SET FOREIGN_KEY_CHECKS=1');
    }

    /** @return array<string, list<string>> table => its columns and its indexes, in the order of their names */
    private static function tables(string $connection): array
    {
        $tables = [];
        foreach (
            Schema::connection($connection)->getTables(
                Schema::connection($connection)->getConnection()->getDatabaseName(),
            ) as $table
        ) {
            foreach (Schema::connection($connection)->getColumns($table['name']) as $column) {
                $tables[$table['name']][] =
                    "{$column['name']} {$column['type']} {$column['default']} ".($column['nullable'] ? 'null' : '');
            }
            foreach (Schema::connection($connection)->getIndexes($table['name']) as $index) {
                $tables[$table['name']][] = implode(',', $index['columns']).($index['unique'] ? ' unique' : '');
            }
            sort($tables[$table['name']]);
        }
        ksort($tables);

        return $tables;
    }
}
