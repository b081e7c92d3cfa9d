<?php

declare(strict_types=1);

namespace App\Floor\Projections;

use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Orders\Models\Colourway;
use App\Orders\Models\Decoration;
use App\Shop\House;
use App\Stock\Models\Cone;
use Closure;
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
        return $this->change($artwork, $pieces, $on, $stitches, Cones::sewnFrom(...));
    }

    /**
     * What was charged for a load that was not sewn goes back onto the cones.
     *
     * @param array<int, int>|null $stitches as they were charged
     *
     * @return float metres of bobbin thread that each head had taken
     */
    public function giveBack(Artwork $artwork, int $pieces, Decoration $on, ?array $stitches): float
    {
        return $this->change($artwork, $pieces, $on, $stitches, Cones::putBack(...));
    }

    /**
     * @param array<int, int>|null                                    $stitches
     * @param Closure(array<int, float>, float): array<int, float> $left     cone => metres, once so many were sewn
     */
    private function change(
        Artwork $artwork,
        int $pieces,
        Decoration $on,
        ?array $stitches,
        Closure $left,
    ): float {
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
            ->get()
            ->groupBy('thread_id');
        foreach ($cones as $thread => $some) {
            $metresLeft = $left($some->pluck('metres_left', 'number')->map(floatval(...))->all(), $metres[$thread]);
            foreach ($some as $cone) {
                $rows[] = [
                    'id' => $cone->id,
                    'thread_id' => $thread,
                    'number' => $cone->number,
                    'metres_left' => $metresLeft[$cone->number],
                    'measured_at' => $cone->measured_at,
                ];
            }
        }
        Cone::query()->upsert($rows, ['id'], ['metres_left']);

        return $bobbinM;
    }
}
