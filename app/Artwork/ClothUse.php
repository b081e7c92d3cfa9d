<?php

declare(strict_types=1);

namespace App\Artwork;

use App\Artwork\Models\Artwork;
use App\Shop\House;
use App\Stock\Models\Cloth;
use Hakama\Artwork\Applied\AppliedPieces;
use Hakama\Artwork\BlockRole;
use Hakama\Artwork\StopSheet;
use Hakama\Artwork\StopStep;
use Hakama\House\HouseRule;
use Hakama\Stitch\Pattern;
use Illuminate\Support\Facades\Cache;

/** What is laid on one frame, and what it takes of each bolt. */
final readonly class ClothUse
{
    public function __construct(private House $house) {}

    /** @param callable(): Pattern $pattern read where it was not looked at before */
    public function applied(string $checksum, StopSheet $sheet, int $copies, callable $pattern): AppliedPieces
    {
        $rules = $this->house->rules();
        $preCut = $rules->isPreCut();
        $roles = array_map(static fn(StopStep $step): BlockRole => $step->role, $sheet->steps);
        if (! in_array(BlockRole::Placement, $roles, true)) {
            return AppliedPieces::none();
        }
        $beyond = $rules->value($preCut ? HouseRule::PreCutBeyond : HouseRule::TrimmedBeyond);

        return Cache::remember(
            'applied-outline-'.md5(serialize([$checksum, $roles, $beyond, $preCut, $copies])),
            86_400 * 30,
            static fn(): AppliedPieces => AppliedPieces::of($pattern(), $roles, $beyond, $preCut, $copies),
        );
    }

    /**
     * @param array<int, int> $cloths block => the cloth that is laid on its line
     *
     * @return array<int, float> cloth => mm² that one frame takes of it, the gaps between pieces among them
     */
    public function aFrame(AppliedPieces $applied, array $cloths): array
    {
        $gapMm = $this->house->rules()->value(HouseRule::ClothGap);
        $taken = [];
        foreach ($applied->pieces as $piece) {
            $cloth = $cloths[$piece->block] ?? null;
            if ($cloth !== null) {
                $taken[$cloth] = ($taken[$cloth] ?? 0.0) + $piece->takesMm2($gapMm);
            }
        }

        return $taken;
    }

    /**
     * @param array<int, int>|null $stitches block => how many of its stitches were sewn, where that is not the whole of it
     *
     * @return array<int, float> cloth => mm of the length of its bolt that these frames take
     */
    public function taken(Artwork $artwork, int $frames, ?array $stitches): array
    {
        $artwork->loadMissing('blocks');
        $cloths = $artwork->blocks->whereNotNull('cloth_id')->pluck('cloth_id', 'number')->all();
        if ($stitches !== null) {
            $cloths = array_intersect_key($cloths, array_filter($stitches, static fn(int $some): bool => $some > 0));
        }
        if ($cloths === []) {
            return [];
        }
        $sheet = $artwork->stopSheet($this->house->rules()->isPreCut());
        $applied = $this->applied($artwork->checksum, $sheet, $artwork->copies, $artwork->pattern(...));
        $taken = [];
        $widths = Cloth::query()->whereKey($cloths)->where('width_mm', '>', 0)->pluck('width_mm', 'id');
        foreach ($this->aFrame($applied, $cloths) as $cloth => $mm2) {
            if (isset($widths[$cloth])) {
                $taken[$cloth] = ($frames * $mm2) / (float) $widths[$cloth];
            }
        }

        return $taken;
    }
}
