<?php

declare(strict_types=1);

namespace App\Artwork\Listeners;

use App\Artwork\Jobs\ReadTape;
use App\Artwork\Models\Artwork;
use App\Shop\Events\RuleChanged;

/** Other rules of measuring: every tape is looked over again. Long ones take their time, so the worker does it. */
final class ReadTapesAnew
{
    public function handle(RuleChanged $rules): void
    {
        if ($rules->before->measuring() !== $rules->now->measuring()) {
            Artwork::query()
                ->whereNotNull('read_at')
                ->pluck('id')
                ->each(static fn(int $id) => ReadTape::dispatch($id)->afterCommit());
        }
    }
}
