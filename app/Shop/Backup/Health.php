<?php

declare(strict_types=1);

namespace App\Shop\Backup;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Throwable;

/** What is not as it should be, in words. */
final class Health
{
    private const NOTHING_FREE = 1024 * 1024;
    private const LEAST_FREE = 300 * 1024 * 1024;
    /** A job that nobody has taken for so long: the workers are away. */
    private const WAITS_S = 120;

    public static function isDiskFull(): bool
    {
        $free = @disk_free_space(storage_path());

        return $free !== false && $free < self::NOTHING_FREE;
    }

    /** Why the last backup was not made; null where it was. bin/backup writes it down and takes it away. */
    public static function failedBackup(): ?string
    {
        $said = @file_get_contents((string) config('shop.backup_failed'));

        return $said === false || trim($said) === '' ? null : mb_substr(trim($said), 0, 300);
    }

    /** @return list<string> none: all is well */
    public static function reasons(): array
    {
        $reasons = [];
        try {
            $oldest = DB::table('jobs')->whereNull('reserved_at')->min('available_at');
            if ($oldest !== null && CarbonImmutable::now()->getTimestamp() - (int) $oldest > self::WAITS_S) {
                $reasons[] = __('shop.health.background_work_is_waiting_its_workers');
            }
        } catch (Throwable) {
            $reasons[] = __('shop.health.the_database_does_not_answer');
        }
        $failed = self::failedBackup();
        if ($failed !== null) {
            $reasons[] = __('shop.health.the_last_backup_failed', ['failed' => $failed]);
        }
        $free = @disk_free_space(storage_path());
        if ($free !== false && $free < self::LEAST_FREE) {
            $reasons[] = __('shop.health.the_disk_is_nearly_full_mb', ['free' => $free / 1024 / 1024]);
        }

        return $reasons;
    }
}
