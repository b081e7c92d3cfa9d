<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use App\Foundation\Formats\Csv;
use App\Orders\Models\LetteredText;
use App\Shop\House;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RuntimeException;

/** Everything of the shop as open files, read by any program: nobody is held by what they once wrote here. */
final readonly class Export
{
    /** Work for the moment, and how the tables are kept. */
    private const NOT = ['jobs', 'failed_jobs', 'migrations', 'pairings'];
    /** Kept as files beside the tables. */
    private const BYTES = ['tape'];
    /** What would let somebody in is nobody's to read. */
    private const SECRET = ['password', 'pin', 'remember_token', 'token_hash', 'calendar_secret'];

    public function __construct(private House $house) {}

    /**
     * @return array<string, int> file => rows or files in it
     *
     * @throws RuntimeException when it cannot be written
     */
    public function to(string $folder): array
    {
        File::ensureDirectoryExists("{$folder}/tables");
        $written = [];
        foreach (array_keys(Backup::counts()) as $table) {
            if (! in_array($table, self::NOT, true)) {
                $written["tables/{$table}.csv"] = self::table($table, "{$folder}/tables/{$table}.csv");
            }
        }
        $rules = $this->house->figures();
        File::put("{$folder}/house-rules.json", json_encode($rules, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)."\n");
        $written['house-rules.json'] = count($rules);
        foreach (['tapes', 'photos'] as $kind) {
            $from = config('filesystems.disks.local.root')."/{$kind}";
            if (is_dir($from)) {
                File::copyDirectory($from, "{$folder}/{$kind}");
                $written[$kind] = count(File::files($from));
            }
        }

        File::ensureDirectoryExists("{$folder}/names");
        $written['names'] = 0;
        foreach (LetteredText::query()->lazyById(50) as $text) {
            File::put("{$folder}/names/{$text->id}.dst", $text->tape);
            $written['names']++;
        }

        return $written;
    }

    private static function table(string $table, string $path): int
    {
        $file = fopen($path, 'wb') ?: throw new RuntimeException("{$path} cannot be written.");
        $columns = array_values(
            array_diff(array_map(strval(...), DB::getSchemaBuilder()->getColumnListing($table)), [
                ...self::SECRET,
                ...self::BYTES,
            ]),
        );
        Csv::begin($file, $columns);
        $rows = 0;
        foreach (DB::table($table)->select($columns)->orderBy($columns[0])->lazy(1000) as $row) {
            Csv::put($file, array_map(static fn(mixed $cell): string => (string) $cell, array_values((array) $row)));
            $rows++;
        }
        fclose($file);

        return $rows;
    }
}
