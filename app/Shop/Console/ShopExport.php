<?php

declare(strict_types=1);

namespace App\Shop\Console;

use App\Shop\Backup\Export;
use Illuminate\Console\Command;

final class ShopExport extends Command
{
    protected $signature = 'shop:export {folder : one that is not there yet}';
    protected $description = 'Writes everything of the shop as CSV, JSON and tapes';

    public function handle(Export $export): int
    {
        foreach ($export->to((string) $this->argument('folder')) as $file => $rows) {
            $this->line(sprintf('%-40s %d', $file, $rows));
        }

        return self::SUCCESS;
    }
}
