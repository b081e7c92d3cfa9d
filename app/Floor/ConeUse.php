<?php

declare(strict_types=1);

namespace App\Floor;

use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Orders\Models\Colourway;
use App\Orders\Models\Decoration;
use App\Shop\House;
use App\Stock\Models\Cone;
use Hakama\Thread\Cones;

/** What a load takes of each cone and of the bobbins. */
final readonly class ConeUse
{
    public function __construct(private House $house) {}

    /**
     * @param Decoration           $on       whose colours it is sewn in
     * @param array<int, int>|null $stitches block => how many of its stitches were sewn, where that is not the whole
     *     of it
     *
     * @return array{cones: array<int, float>, bobbin_m: float} cone => metres; metres that each head takes of its bobbin
     */
    public function by(Artwork $artwork, int $frames, Decoration $on, ?array $stitches = null): array
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
            $metres[$thread] = ($metres[$thread] ?? 0.0) + $frames * $share * $use->topM;
        }
        $taken = [];
        $cones = Cone::query()
            ->whereIn('thread_id', array_keys($metres))
            ->orderBy('thread_id')
            ->orderBy('number')
            ->get()
            ->groupBy('thread_id');
        foreach ($cones as $thread => $some) {
            $left = Cones::sewnFrom(
                $some->pluck('metres_left', 'number')->map(floatval(...))->all(),
                $metres[$thread],
            );
            foreach ($some as $cone) {
                if ($cone->metres_left - $left[$cone->number] > 0.0) {
                    $taken[$cone->id] = $cone->metres_left - $left[$cone->number];
                }
            }
        }

        return ['cones' => $taken, 'bobbin_m' => $bobbinM];
    }
}
