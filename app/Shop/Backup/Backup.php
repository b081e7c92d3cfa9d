<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * A backup: one file with the database as a dump of one moment, the shop's files and keys, and how many rows there were,
 * by which the dump is proven when it is loaded elsewhere.
 */
final readonly class Backup
{
    public const ENDING = '.hakama.tar.gz';
    private const SECONDS = 1800;
    /** Work for the moment, not of the shop. */
    private const PASSING = ['jobs', 'failed_jobs', 'sent_forms', 'attempts'];
    private const FOLDERS = ['tapes', 'photos'];
    /** So many files are named. */
    private const TOLD = 20;

    private function __construct(public string $path, public string $name) {}

    public static function folder(): string
    {
        return (string) config('shop.backups');
    }

    /** @throws RuntimeException when something of it could not be written; nothing half is left then */
    public static function make(?CarbonImmutable $at = null): self
    {
        $at ??= CarbonImmutable::now();
        $name = 'shop-'.$at->format('Y-m-d-His');
        File::ensureDirectoryExists(self::folder(), 0700);
        $work = self::folder()."/.{$name}-".bin2hex(random_bytes(4));
        File::ensureDirectoryExists($work, 0700);
        try {
            $before = self::counts();
            self::dump("{$work}/shop.sql");
            $after = self::counts();
            if (is_file(base_path('.env'))) {
                File::copy(base_path('.env'), "{$work}/keys.env");
            }
            $files = (string) config('filesystems.disks.local.root');
            $listed = self::files($files);
            File::put("{$work}/files.list", implode("\0", $listed));
            File::put(
                "{$work}/about.json",
                json_encode(
                    [
                        'made_at' => $at->toIso8601String(),
                        'tables' => self::between($before, $after),
                        'sum' => hash_file('sha256', "{$work}/shop.sql"),
                        'files' => self::sums($files, $listed),
                    ],
                    JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
                ),
            );
            $path = self::folder()."/{$name}".self::ENDING;
            $keys = is_file("{$work}/keys.env") ? ['keys.env'] : [];
            self::run([
                'tar',
                '-czf',
                "{$path}.new",
                '--transform',
                's,^\(tapes\|photos\)/,files/\1/,',
                '-C',
                $work,
                'about.json',
                'shop.sql',
                ...$keys,
                ...$listed === [] ? [] : ['-C', $files, '--null', '--verbatim-files-from', '-T', "{$work}/files.list"],
            ]);
            chmod("{$path}.new", 0600);
            rename("{$path}.new", $path);

            return new self($path, basename($path));
        } finally {
            File::deleteDirectory($work);
            @unlink(self::folder()."/{$name}".self::ENDING.'.new');
        }
    }

    /** @return list<string> tapes and photographs of the shop, below its folder */
    private static function files(string $below): array
    {
        $files = [];
        foreach (self::FOLDERS as $folder) {
            foreach (is_dir("{$below}/{$folder}") ? File::files("{$below}/{$folder}") : [] as $file) {
                $files[] = "{$folder}/{$file->getFilename()}";
            }
        }

        return $files;
    }

    /**
     * @param list<string> $files
     *
     * @return array<string, string> file => its sum, as a shop that is put back is held against
     */
    private static function sums(string $below, array $files): array
    {
        $sums = [];
        foreach ($files as $file) {
            $sums[$file] =
                hash_file('sha256', "{$below}/{$file}") ?: throw new RuntimeException("{$file} could not be read.");
        }

        return $sums;
    }

    /**
     * What is missing or other among the files that were unpacked.
     *
     * @param array<string, string> $told  file => sum
     * @param string                $below the folder they were unpacked into
     *
     * @return list<string> a sentence each, the first of many; none: every file is as it was
     */
    public static function damaged(array $told, string $below): array
    {
        $wrong = [];
        foreach ($told as $file => $sum) {
            $there = is_file("{$below}/{$file}") && ! is_link("{$below}/{$file}");
            if (! $there || hash_file('sha256', "{$below}/{$file}") !== $sum) {
                $wrong[] = $there ? __('shop.backup.is_damaged_its_sum_is_another', [
                    'file' => $file,
                ]) : __('shop.backup.is_missing', ['file' => $file]);
            }
        }
        $more = count($wrong) - self::TOLD;

        return $more <= 0 ? $wrong : [...array_slice($wrong, 0, self::TOLD), __('shop.backup.and_files_more', [
            'more' => $more,
        ])];
    }

    /** @return list<string> paths of those there are, newest first */
    public static function there(): array
    {
        $there = glob(self::folder().'/shop-*'.self::ENDING) ?: [];
        rsort($there);

        return $there;
    }

    /** @return array<string, int> table => rows */
    public static function counts(): array
    {
        $counts = [];
        foreach (
            DB::select(
                "select table_name as name from information_schema.tables where table_schema = database() and ".
                "table_type = 'BASE TABLE' order by table_name",
            ) as $table
        ) {
            if (! in_array($table->name, self::PASSING, true)) {
                $counts[(string) $table->name] = DB::table((string) $table->name)->count();
            }
        }

        return $counts;
    }

    /**
     * What a shop that was loaded from a backup has otherwise than it should.
     *
     * @param array<string, array{int, int}> $told table => rows at least and at most
     * @param array<string, int>             $found table => rows
     *
     * @return list<string> one sentence a table; none: all is there
     */
    public static function wrong(array $told, array $found): array
    {
        $wrong = [];
        foreach ($told as $table => [$least, $most]) {
            $rows = $found[$table] ?? null;
            if ($rows === null || $rows < $least || $rows > $most) {
                $wrong[] = __('shop.backup.rows_there_should_be', [
                    'table' => $table,
                    'rows' => $rows === null ? __('shop.backup.no_table_and_no') : (string) $rows,
                    'least' => $least === $most ? (string) $least : (string) __('shop.backup.to', [
                        'least' => $least,
                        'most' => $most,
                    ]),
                ]);
            }
        }

        return $wrong;
    }

    /**
     * People go on working while it is dumped: what was there before and after are the bounds.
     *
     * @param array<string, int> $before
     * @param array<string, int> $after
     *
     * @return array<string, array{int, int}>
     */
    private static function between(array $before, array $after): array
    {
        $between = [];
        foreach ($before as $table => $rows) {
            $between[$table] = [min($rows, $after[$table] ?? $rows), max($rows, $after[$table] ?? $rows)];
        }

        return $between;
    }

    private static function dump(string $to): void
    {
        $of = config('database.connections.mariadb');
        $passing = array_map(
            static fn(string $table): string => "--ignore-table-data={$of['database']}.{$table}",
            self::PASSING,
        );
        self::run(
            [
                'mariadb-dump',
                '--no-defaults',
                '--single-transaction',
                '--quick',
                '--skip-lock-tables',
                '--hex-blob',
                '--no-tablespaces',
                '--default-character-set=utf8mb4',
                "--host={$of['host']}",
                "--port={$of['port']}",
                '--protocol=tcp',
                "--user={$of['username']}",
                ...$passing,
                "--result-file={$to}",
                (string) $of['database'],
            ],
            ['MYSQL_PWD' => (string) $of['password']],
        );
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $with
     */
    private static function run(array $command, array $with = []): void
    {
        $process = new Process($command, null, $with, null, self::SECONDS);
        $process->run();
        if (! $process->isSuccessful()) {
            throw new RuntimeException(
                sprintf('%s could not do it: %s', $command[0], trim(mb_strimwidth($process->getErrorOutput(), 0, 400))),
            );
        }
    }
}
