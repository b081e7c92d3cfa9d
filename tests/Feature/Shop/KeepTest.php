<?php

declare(strict_types=1);

namespace Tests\Feature\Shop;

use App\Shop\Backup\Backup;
use App\Shop\Backup\BackupAges;
use App\Shop\Backup\Export;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Test;
use RuntimeException;
use Tests\Feature\FeatureTestCase;

/** What is there is kept, can be put back, and can be taken elsewhere. */
final class KeepTest extends FeatureTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/keep-'.bin2hex(random_bytes(6));
        config(['shop.backups' => $this->folder.'/backups']);
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        DB::setDefaultConnection('mariadb');
        DB::purge('upgrade');
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    #[Test]
    public function a_backup_loaded_elsewhere_holds_the_same_rows_and_tapes(): void
    {
        $backup = Backup::make();
        self::assertSame('0600', substr(sprintf('%o', fileperms($backup->path)), -4));
        mkdir("{$this->folder}/out");
        exec(
            'tar -xzf '.escapeshellarg($backup->path).' -C '.escapeshellarg("{$this->folder}/out"),
            $out,
            $failed,
        );
        self::assertSame(0, $failed);
        $about = json_decode((string) file_get_contents("{$this->folder}/out/about.json"), true);
        self::assertSame($about['sum'], hash_file('sha256', "{$this->folder}/out/shop.sql"));
        self::assertCount(count(Storage::files('tapes')), glob("{$this->folder}/out/files/tapes/*.dst") ?: []);

        $before = Backup::counts();
        $event = DB::table('floor_events')->orderByDesc('seq')->first();
        $this->load("{$this->folder}/out/shop.sql");
        self::assertSame($before, Backup::counts());
        self::assertEquals($event, DB::table('floor_events')->orderByDesc('seq')->first());
        self::assertSame(1, DB::table('turns')->count(), 'and can be written to');
        self::assertSame(0, Artisan::call('shop:backup', ['--prove' => "{$this->folder}/out/about.json"]));

        DB::table('floor_events')->orderByDesc('seq')->limit(1)->delete();
        self::assertSame(1, Artisan::call('shop:backup', ['--prove' => "{$this->folder}/out/about.json"]));
        self::assertStringContainsString('floor_events', Artisan::output());
    }

    #[Test]
    public function what_cannot_be_dumped_leaves_nothing_half(): void
    {
        config(['database.connections.mariadb.password' => 'another']);
        try {
            Backup::make();
            self::fail('it said nothing');
        } catch (RuntimeException $e) {
            self::assertStringContainsString('mariadb-dump', $e->getMessage());
        }
        self::assertSame([], File::allFiles($this->folder.'/backups', true));
    }

    #[Test]
    public function backups_go_by_age(): void
    {
        $now = CarbonImmutable::parse('2026-06-30 12:00');
        $made = [];
        // One a night for a year and a half.
        for ($day = 0; $day < 550; $day++) {
            $made[] = $now->subDays($day);
        }
        $go = BackupAges::toGo($made, $now);
        $kept = array_values(array_filter($made, static fn(CarbonImmutable $one): bool => ! in_array($one, $go, false)));
        $days = array_map(static fn(CarbonImmutable $one): int => (int) $one->diffInDays($now), $kept);
        // All of a fortnight; the 15th of June, a Monday, alone of its week; then Sundays, the last nights of their weeks,
        // up to eight weeks; then the last of each month.
        self::assertSame(range(0, 14), array_slice($days, 0, 15));
        self::assertSame([15, 16, 23, 30, 37, 44, 51], array_slice($days, 15, 7));
        self::assertSame(
            [
                '2026-05-04',
                '2026-04-30',
                '2026-03-31',
                '2026-02-28',
                '2026-01-31',
                '2025-12-31',
                '2025-11-30',
                '2025-10-31',
                '2025-09-30',
                '2025-08-31',
                '2025-07-31',
                '2025-06-30',
            ],
            array_map(static fn(CarbonImmutable $one): string => $one->toDateString(), array_slice($kept, 22)),
        );
    }

    #[Test]
    public function everything_goes_out_as_open_files_and_no_secret_with_it(): void
    {
        $written = app(Export::class)->to("{$this->folder}/out");
        self::assertSame(DB::table('pieces')->count(), $written['tables/pieces.csv']);
        self::assertCount(DB::table('pieces')->count() + 1, file("{$this->folder}/out/tables/pieces.csv") ?: []);
        self::assertStringContainsString(
            'Tarn & Tiller',
            (string) file_get_contents("{$this->folder}/out/tables/shops.csv"),
        );
        self::assertCount(count(Storage::files('tapes')), glob("{$this->folder}/out/tapes/*.dst") ?: []);
        foreach (File::allFiles("{$this->folder}/out/tables") as $file) {
            self::assertDoesNotMatchRegularExpression(
                '/password|token_hash|calendar_secret|(^|,)pin(,|$)/m',
                (string) strtok($file->getContents(), "\n"),
                $file->getFilename(),
            );
        }
        self::assertFileDoesNotExist("{$this->folder}/out/tables/jobs.csv");
        self::assertSame(
            90.0,
            (float) json_decode((string) file_get_contents("{$this->folder}/out/house-rules.json"), true)[
                'promise_kept_percent'
            ],
        );
    }

    #[Test]
    public function a_backup_that_could_not_be_made_is_said_on_every_page_until_one_is(): void
    {
        config(['shop.backup_failed' => "{$this->folder}/failed"]);
        $this->get('/orders')->assertDontSee('The last backup failed');
        file_put_contents("{$this->folder}/failed", "Mon 30 Nov 02:10, no space left on the disk\n");
        $this->get('/orders')->assertSee('The last backup failed: Mon 30 Nov 02:10, no space left on the disk');
        $this->get('/up')->assertStatus(503)->assertSee('The last backup failed');
        unlink("{$this->folder}/failed");
        $this->get('/shop')->assertDontSee('The last backup failed');
        $this->get('/up')->assertOk();
    }

    #[Test]
    public function it_says_of_itself_what_is_away(): void
    {
        $this->get('/up')
            ->assertOk()
            ->assertExactJson(['up' => true, 'reasons' => []]);
        DB::table('jobs')->insert([
            'queue' => 'default',
            'payload' => '{}',
            'attempts' => 0,
            'available_at' => now()->getTimestamp() - 600,
            'created_at' => now()->getTimestamp() - 600,
        ]);
        $this->get('/up')
            ->assertStatus(503)
            ->assertJson([
                'up' => false,
                'reasons' => ['Background work is waiting: its workers are not running.'],
            ]);
    }

    private function load(string $dump): void
    {
        config([
            'database.connections.upgrade' => [
                ...config('database.connections.mariadb'),
                'database' => 'hakama_upgrade',
            ],
        ]);
        DB::setDefaultConnection('upgrade');
        DB::getSchemaBuilder()->dropAllTables();
        // What the client alone understands of a dump is its first line.
        $sql = (string) preg_replace('~^/\*M!999999.*$~m', '', (string) file_get_contents($dump));
        DB::unprepared($sql);
    }
}
