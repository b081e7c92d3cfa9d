<?php

declare(strict_types=1);

namespace App\Floor;

use App\Artwork\Models\Artwork;
use App\Orders\Models\Colourway;
use App\Orders\Models\Decoration;
use App\Shop\House;

/** What a load takes of each cone and of the bobbins. */
final readonly class ConeUse
{
    public function __construct(private House $house) {}

    /** The cones of all threads a decoration is sewn in. */
    public static function shelf(Artwork $artwork, Decoration $on): ConeShelf
    {
        return ConeShelf::of(array_values(array_unique(array_map(intval(...), [
            ...$artwork->loadMissing('blocks')->blocks->whereNotNull('thread_id')->pluck('thread_id'),
            ...array_column(Colourway::of($on), 'id'),
        ]))));
    }

    /**
     * @param Decoration           $on       whose colours it is sewn in
     * @param array<int, int>|null $stitches block => how many of its stitches were sewn, where that is not the whole
     *     of it
     *
     * @return array{cones: array<int, float>, bobbin_m: float} cone => metres; metres that each head takes of its bobbin
     */
    public function by(
        ConeShelf $shelf,
        Artwork $artwork,
        int $frames,
        Decoration $on,
        ?array $stitches = null,
    ): array {
        $ways = Colourway::of($on);
        $factors = $this->house->rules()->threadUse();
        $metres = [];
        $bobbinM = 0.0;
        foreach ($artwork->loadMissing('blocks')->blocks->whereNotNull('thread_id') as $block) {
            $use = $block->threadUse($factors);
            $share = $stitches === null ? 1.0 : ($stitches[$block->number] ?? 0) / max(1, $block->stitches);
            $bobbinM += $share * $use->bobbinM;
            $thread = $ways[$block->number]->id ?? (int) $block->thread_id;
            $metres[$thread] = ($metres[$thread] ?? 0.0) + $frames * $share * $use->topM;
        }
        $taken = [];
        foreach ($metres as $thread => $of) {
            $taken += $shelf->take($thread, $of);
        }

        return ['cones' => $taken, 'bobbin_m' => $bobbinM];
    }
}
