<?php

declare(strict_types=1);

namespace App\Shop\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether the tables are of this version or one before it. */
final class ShopFits extends Command
{
    protected $signature = 'shop:fits {--own : succeeds only when it is somebody’s own shop, no demo}';
    protected $description = 'Says when the shop was used with a version that this program does not know';

    public function handle(): int
    {
        if ((bool) $this->option('own')) {
            return Schema::hasTable('shops') && DB::table('shops')->where('is_demo', false)->exists()
                ? self::SUCCESS
                : self::FAILURE;
        }
        if (! Schema::hasTable('migrations')) {
            return self::SUCCESS;
        }
        $known = array_map(
            static fn(string $path): string => basename($path, '.php'),
            glob(database_path('migrations/*.php')) ?: [],
        );
        // Shops of before the first of these are brought along by it, and it says itself which it cannot bring.
        $foreign = DB::table('migrations')
            ->whereNotIn('migration', $known)
            ->where('migration', '>', (string) reset($known))
            ->orderBy('migration')
            ->pluck('migration');
        if ($foreign->isEmpty()) {
            return self::SUCCESS;
        }
        $this->components->error(
            "This shop was opened by another version of the program, one that knows “{$foreign->last()}”. Put that ".
            "version here again, or bring back a backup of before with bin/restore. Nothing was changed.",
        );

        return self::FAILURE;
    }
}
