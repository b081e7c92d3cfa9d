<?php

declare(strict_types=1);

namespace App\FloorLog;

use App\Models\Artwork;
use App\Models\ArtworkBlock;
use App\Models\Colourway;
use App\Models\Cone;
use App\Models\Decoration;
use App\Shop\House;
use Hakama\Thread\Cones;

/** Takes what a load has sewn off the cones, so that the shelf is true between one measuring and the next. */
final class ConeUsage
{
    public function __construct(private readonly House $house) {}

    /**
     * Wants a transaction round it.
     *
     * @param Decoration           $on       whose colours it is sewn in
     * @param array<int, int>|null $stitches block => how many of its stitches were sewn, where that is not the whole
     *     of it
     *
     * @return float metres of bobbin thread that each head has taken
     */
    public function by(Artwork $artwork, int $pieces, Decoration $on, ?array $stitches = null): float
    {
        $ways = Colourway::of($on);
        $factors = $this->house->rules()->threadUse();
        $metres = [];
        $bobbinM = 0.0;
        foreach (ArtworkBlock::query()->where('artwork_id', $artwork->id)->whereNotNull('thread_id')->get() as $block) {
            $use = $block->threadUse($factors);
            $share = $stitches === null ? 1.0 : ($stitches[$block->number] ?? 0) / max(1, $block->stitches);
            $bobbinM += $share * $use->bobbinM;
            $thread = $ways[$block->number]->id ?? (int) $block->thread_id;
            $metres[$thread] = ($metres[$thread] ?? 0.0) + $pieces * $share * $use->topM;
        }
        $rows = [];
        $cones = Cone::query()
            ->whereIn('thread_id', array_keys($metres))
            ->orderBy('thread_id')
            ->orderBy('number')
            ->lockForUpdate()
            ->get()
            ->groupBy('thread_id');
        foreach ($cones as $thread => $some) {
            $left = Cones::sewnFrom($some->pluck('metres_left', 'number')->map(floatval(...))->all(), $metres[$thread]);
            foreach ($some as $cone) {
                $rows[] = [
                    'id' => $cone->id,
                    'thread_id' => $thread,
                    'number' => $cone->number,
                    'metres_left' => $left[$cone->number],
                    'measured_at' => $cone->measured_at,
                ];
            }
        }
        Cone::query()->upsert($rows, ['id'], ['metres_left']);

        return $bobbinM;
    }
}
