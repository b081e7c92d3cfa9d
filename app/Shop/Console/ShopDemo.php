<?php

declare(strict_types=1);

namespace App\Shop\Console;

use App\Foundation\Database\Transaction;
use App\Shop\Models\Shop;
use App\Shop\Onboarding\Onboarding;
use Carbon\CarbonImmutable;
use Database\Demo\DemoCustomers;
use Database\Demo\DemoOrders;
use Database\Demo\DemoQuarter;
use Database\Demo\DemoShop;
use Illuminate\Console\Command;

final class ShopDemo extends Command
{
    protected $signature = 'shop:demo {--when-empty : do nothing when there is a shop already}
        {--short : only the days of this week, without the quarter before them}';
    protected $description = 'Loads the demo shop';

    public function handle(): int
    {
        if ((bool) $this->option('when-empty') && Shop::query()->exists()) {
            return self::SUCCESS;
        }
        $isLoaded = Transaction::run(function (): bool {
            if (! Onboarding::isNothingHere()) {
                return false;
            }
            $this->components->info('Loading the demo shop ...');
            $now = ['now' => CarbonImmutable::now()];
            DemoShop::build($now['now']);
            if (! (bool) $this->option('short')) {
                $this->laravel->make(DemoQuarter::class, $now)->build();
                DemoShop::fillUp($now['now']);
            }
            $this->laravel->make(DemoOrders::class, $now)->build();
            DemoCustomers::fill();

            return true;
        });

        return $isLoaded
            ? self::SUCCESS
            : $this->failWith('There is a shop already; start with bin/start --fresh to build the demo anew.');
    }

    private function failWith(string $message): int
    {
        $this->components->error($message);

        return self::FAILURE;
    }
}
