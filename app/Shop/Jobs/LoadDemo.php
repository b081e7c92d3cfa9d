<?php

declare(strict_types=1);

namespace App\Shop\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use RuntimeException;
use Throwable;

/** Loads the demo into a shop in which nothing is yet: a quarter of its life takes some seconds. */
final class LoadDemo implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** What became of it is known so long, and under this name. */
    private const KEPT_S = 900;
    private const STATE = 'demo-loading';

    /** It is loaded whole or not at all: killed, it is begun again; what went wrong once goes wrong again. */
    public int $tries = 3;
    public int $maxExceptions = 1;
    public int $timeout = 300;

    public static function begin(): void
    {
        Cache::put(self::STATE, 'asked', self::KEPT_S);
        self::dispatch();
    }

    public function handle(): void
    {
        if (Artisan::call('shop:demo') !== 0) {
            throw new RuntimeException(trim(Artisan::output()));
        }
    }

    public function failed(Throwable $why): void
    {
        Cache::put(self::STATE, 'failed', self::KEPT_S);
    }

    /** Somebody asked for it, and it has neither come nor failed. */
    public static function isAsked(): bool
    {
        return Cache::get(self::STATE) === 'asked';
    }

    public static function hasFailed(): bool
    {
        return Cache::get(self::STATE) === 'failed';
    }
}
