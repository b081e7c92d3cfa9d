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
        [$shop, $floor] = Transaction::counts();
        if (Cache::get(self::SEEN) !== self::sign($shop, $floor)) {
            $this->news->gather();
            // With its own turn; whatever else was written meanwhile is looked at in the next minute.
            Cache::put(self::SEEN, self::sign($shop + 1, $floor));
        }
        $waits = Delivery::query()->waiting()->select('webhook_id');
        foreach (Webhook::query()->whereIn('id', $waits)->get() as $webhook) {
            if ($webhook->isDue()) {
                DeliverNews::dispatch($webhook->id);
            }
        }
    }

    private static function sign(int $shop, int $floor): string
    {
        return StateHash::of([$shop, $floor, intdiv(CarbonImmutable::now()->getTimestamp(), self::LOOKS_EVERY_S)]);
    }
}
