<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Equipment;
use Hakama\Plan\Newcomers;
use Hakama\Plan\Odds\PromiseOdds;
use Hakama\Plan\Promise;

/** When work may be promised that is not written down yet: put behind what stands, and replayed with chance. */
final readonly class PromiseEstimate
{
    /** What comes without a time is due so far off that it is never late. */
    private const NEVER = PHP_INT_MAX >> 8;

    public function __construct(private PlanBoard $board, private ShopOdds $odds) {}

    /**
     * All of it together; null where one of them has no place in the days that are planned.
     *
     * @param non-empty-list<array{BatchSewing, Equipment, int, int}> $works how it is sewn, with what, frames to hoop, and
     *     stitches
     * @param int|null $dueAt seconds of local time
     */
    public function of(array $works, ?int $dueAt): ?PromiseOdds
    {
        $workload = $this->board->workload();
        $batches = $stitches = [];
        foreach ($works as $i => [$sewing, $equipment, $frames, $stitchCount]) {
            $id = 'new '.($i + 1);
            $batches[] = new BatchJob(
                $id,
                $frames,
                $sewing,
                $equipment,
                new Promise($workload->now, $dueAt ?? self::NEVER),
            );
            $stitches[$id] = $stitchCount;
        }
        $new = Newcomers::in($workload, $this->board->sequence(), $batches);

        return $new->left === [] ? $this->odds->together($new->plan, $new->ids, $stitches) : null;
    }
}
