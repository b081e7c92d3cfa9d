<?php

declare(strict_types=1);

namespace App\Shop\Console;

use App\Shop\Models\Shop;
use App\Shop\Onboarding\Onboarding;
use Illuminate\Console\Command;

final class ShopOwn extends Command
{
    protected $signature = 'shop:own';
    protected $description = 'Makes an empty shop, where there is none';

    public function handle(): int
    {
        $shop = Shop::query()->find(Shop::ONLY);
        if ($shop === null) {
            Onboarding::own();
        } elseif ($shop->is_demo) {
            $this->components->error(
                'The demo is here; clear it into your own shop at /begin, or put an empty shop in its place: '.
                    'bin/start --own --fresh',
            );

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
