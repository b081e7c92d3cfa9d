<?php

declare(strict_types=1);

namespace App\Plan\Queries;

use App\Plan\OpenBatch;
use Hakama\Machine\CopiesPerFrame;
use Hakama\Plan\Option;
use Hakama\Plan\SplitImpact;

/** A part of a batch that would better be run on another machine at the same time, for its own promise or that of others. */
final class PayingSplit
{
    /** Shares of a batch that are tried. */
    private const SHARES = [0.25, 1 / 3, 0.5, 2 / 3, 0.75];

    /** @return array{int, Option}|null pieces, and where they would go */
    public static function of(PlanBoard $board, OpenBatch $batch): ?array
    {
        $pieces = [];
        foreach (self::SHARES as $share) {
            $of = (int) round($batch->left * $share);
            $frames = self::frames($batch, $of);
            if ($of > 0 && $of < $batch->left && $frames < $batch->batch->pieces) {
                $pieces[$frames] = $of;
            }
        }
        $best = SplitImpact::pays(
            $board->besidesHeld($batch->code),
            $board->sequence(),
            $batch->code,
            array_keys($pieces),
        );

        return $best === null ? null : [$pieces[$best[0]], $best[1]];
    }

    /** What the plan counts for so many pieces: frames, each of several hoopings for itself. */
    public static function frames(OpenBatch $batch, int $pieces): int
    {
        return CopiesPerFrame::frames($pieces, $batch->copies) * $batch->setup->hoopings;
    }
}
