<?php

declare(strict_types=1);

namespace App\Foundation\Console;

use App\Foundation\Clock\MinutePassed;
use App\Plan\Jobs\RecordOdds;
use Illuminate\Console\Command;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;

/**
 * Works through one queue. It is the only one that does, so what is marked as being worked on when it starts was left by
 * a worker that is gone, and is taken up at once.
 */
final class ShopWork extends Command
{
    private const SWEPT_S = 3600;

    protected $signature = 'shop:work {queue=default : tapes are read on default, plans looked for on plans} {--once '.
        ': one job only}';
    protected $description = 'Works through a queue, taking up first what a worker that was killed has left';

    public function handle(): int
    {
        $queue = (string) $this->argument('queue');
        $left = DB::table('jobs')
            ->where('queue', $queue)
            ->whereNotNull('reserved_at')
            ->update(['reserved_at' => null]);
        if ($left > 0) {
            $this->info("Taken up again: {$left}.");
        }

        if ($queue === 'default' && ! (bool) $this->option('once')) {
            $this->everyNowAndThen();
        }

        return $this->call('queue:work', [
            '--queue' => $queue,
            '--sleep' => 1,
            '--tries' => 3,
            '--quiet' => true,
            '--once' => (bool) $this->option('once'),
        ]);
    }

    /** What is done from time to time is queued by the worker itself: there is no other clock in a shop. */
    private function everyNowAndThen(): void
    {
        $last = 0.0;
        $swept = 0.0;
        $minute = 0.0;
        Event::listen(Looping::class, static function () use (&$last, &$swept, &$minute): void {
            if ($swept === 0.0 || hrtime(true) / 1e9 - $swept >= self::SWEPT_S) {
                $swept = hrtime(true) / 1e9;
                app(Sweep::class)->sweep();
            }
            if (hrtime(true) / 1e9 - $minute >= MinutePassed::EVERY_S) {
                $minute = hrtime(true) / 1e9;
                Event::dispatch(new MinutePassed());
            }
            if (hrtime(true) / 1e9 - $last >= RecordOdds::EVERY_S) {
                $last = hrtime(true) / 1e9;
                RecordOdds::dispatch();
            }
        });
    }
}
