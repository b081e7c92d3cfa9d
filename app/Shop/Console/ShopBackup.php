<?php

declare(strict_types=1);

namespace App\Shop\Console;

use App\People\Attempts;
use App\Shop\Backup\Backup;
use App\Shop\Backup\BackupAges;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use RuntimeException;

final class ShopBackup extends Command
{
    protected $signature = 'shop:backup {--prove= : the about.json of a backup; the database this is asked of was '.
        'loaded from it}';
    protected $description = 'Makes a backup and prints its path; lets old ones go by age';

    public function handle(): int
    {
        $about = $this->option('prove');
        if (is_string($about)) {
            return $this->prove($about);
        }
        try {
            $backup = Backup::make();
        } catch (RuntimeException $e) {
            $this->components->error($e->getMessage());

            return self::FAILURE;
        }
        self::letGo();
        Attempts::tidy();
        $this->line($backup->path);

        return self::SUCCESS;
    }

    private function prove(string $about): int
    {
        $told = json_decode((string) file_get_contents($about), true, flags: JSON_THROW_ON_ERROR);
        $found = Backup::counts();
        $wrong = [
            ...Backup::wrong($told['tables'], $found),
            ...Backup::damaged($told['files'] ?? [], dirname($about).'/files'),
        ];
        foreach ($wrong as $sentence) {
            $this->components->error($sentence);
        }
        if ($wrong === []) {
            $this->line(
                sprintf(
                    '%d tables with %d rows and %s, as they were.',
                    count($told['tables']),
                    array_sum(array_intersect_key($found, $told['tables'])),
                    isset($told['files'])
                        ? count($told['files']).' files'
                        : 'files of which an earlier version kept no sums',
                ),
            );
        }

        return $wrong === [] ? self::SUCCESS : self::FAILURE;
    }

    private static function letGo(): void
    {
        $at = [];
        foreach (Backup::there() as $path) {
            if (preg_match('/shop-(\d{4}-\d\d-\d\d-\d{6})/', $path, $made) === 1) {
                $at[$path] = CarbonImmutable::parse(
                    preg_replace('/^(.{10})-(..)(..)(..)$/', '$1 $2:$3:$4', $made[1]) ?? $made[1],
                );
            }
        }
        $go = array_map(
            static fn(CarbonImmutable $one): int => $one->getTimestamp(),
            BackupAges::toGo(array_values($at), CarbonImmutable::now()),
        );
        foreach ($at as $path => $made) {
            if (in_array($made->getTimestamp(), $go, true)) {
                unlink($path);
            }
        }
    }
}
