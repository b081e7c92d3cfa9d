<?php

declare(strict_types=1);

namespace App\Shop\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Throwable;

/** Loads the demo into a shop in which nothing is yet: a quarter of its life takes some seconds. */
final class LoadDemo implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const FAILED = 'demo-not-loaded';
    public int $tries = 1;
    public int $timeout = 300;

    public function handle(): void
    {
        Cache::forget(self::FAILED);
        Artisan::call('shop:demo');
    }

    public function failed(Throwable $why): void
    {
        Cache::put(self::FAILED, $why->getMessage(), 600);
    }

    public static function hasFailed(): bool
    {
        return Cache::has(self::FAILED);
    }
}
