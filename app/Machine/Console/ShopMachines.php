<?php

declare(strict_types=1);

namespace App\Machine\Console;

use App\Foundation\ShopProfile;
use App\Machine\Models\Machine;
use Database\Demo\DemoShop;
use Illuminate\Console\Command;

final class ShopMachines extends Command
{
    protected $signature = 'shop:machines';
    protected $description = 'Prints code and token of every demo machine, for starting the simulated ones';

    public function handle(ShopProfile $shop): int
    {
        if (! $shop->shop()->is_demo) {
            return self::SUCCESS;
        }
        foreach (Machine::working()->pluck('code') as $code) {
            $this->line($code.' '.DemoShop::token((string) $code));
        }

        return self::SUCCESS;
    }
}
