<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Machine;
use App\Shop\Premises;
use Database\Demo\DemoShop;
use Illuminate\Console\Command;

final class ShopMachines extends Command
{
    protected $signature = 'shop:machines';
    protected $description = 'Prints code and token of every demo machine, for starting the simulated ones';

    public function handle(): int
    {
        if (! app(Premises::class)->shop()->is_demo) {
            return self::SUCCESS;
        }
        foreach (Machine::working()->pluck('code') as $code) {
            $this->line($code.' '.DemoShop::token((string) $code));
        }

        return self::SUCCESS;
    }
}
