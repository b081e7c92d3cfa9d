<?php

declare(strict_types=1);

namespace App\Api\Listeners;

use App\Api\Actions\NewsBook;
use App\Api\Jobs\DeliverNews;
use App\Api\Models\Delivery;
use App\Api\Models\Webhook;
use App\Foundation\Database\Transaction;
use App\Foundation\StateHash;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/** Once a minute: what is new is written down, and what waits and is due is told. */
final readonly class TellPrograms
{
    private const LOOKS_EVERY_S = 600;
    private const SEEN = 'news.seen';

    public function __construct(private NewsBook $news) {}

    public function handle(): void
    {
        if (! Webhook::query()->exists()) {
            return;
        }
        // A write throws away what pages keep: where nothing was written since, nothing is, but for what time alone does.
        if (Cache::get(self::SEEN) !== self::asItIs()) {
            $this->news->gather();
            Cache::put(self::SEEN, self::asItIs());
        }
        $waits = Delivery::query()->waiting()->select('webhook_id');
        foreach (Webhook::query()->whereIn('id', $waits)->get() as $webhook) {
            if ($webhook->isDue()) {
                DeliverNews::dispatch($webhook->id);
            }
        }
    }

    private static function asItIs(): string
    {
        return StateHash::of([
            Transaction::counts(),
            intdiv(CarbonImmutable::now()->getTimestamp(), self::LOOKS_EVERY_S),
        ]);
    }
}
