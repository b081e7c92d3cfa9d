<?php

declare(strict_types=1);

namespace App\Artwork\Listeners;

use App\Artwork\Jobs\ReadTape;
use App\Artwork\Models\Artwork;
use App\Orders\Models\Decoration;
use App\Shop\Events\RuleChanged;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** Other rules of measuring: every tape is looked over again. Long ones take their time, so the worker does it. */
final class ReadTapesAnew
{
    private const AT_ONCE = 500;

    public function handle(RuleChanged $rules): void
    {
        if (serialize($rules->before->measuring()) !== serialize($rules->now->measuring())) {
            // Those of which pieces wait come first; all in a few statements, however many there are.
            $waits = Decoration::query()
                ->selectRaw('count(*) > 0')
                ->whereColumn('artwork_id', 'artworks.id')
                ->whereHas('pieces', static fn(Builder $pieces): Builder => $pieces->open());
            $jobs = Artwork::query()
                ->whereNotNull('read_at')
                ->orderByDesc($waits)
                ->orderByDesc('id')
                ->pluck('id')
                ->map(static fn(int $id): ReadTape => new ReadTape($id));
            DB::afterCommit(static function () use ($jobs): void {
                foreach ($jobs->chunk(self::AT_ONCE) as $some) {
                    Queue::bulk($some->all());
                }
            });
        }
    }
}
