<?php

declare(strict_types=1);

namespace App\Artwork\Queries;

use App\Artwork\ClothUse;
use App\Artwork\Models\Artwork;
use App\Shop\House;
use App\Stock\Models\Cloth;
use Hakama\Artwork\Applied\AppliedPiece;
use Hakama\Artwork\Applied\AppliedPieces;
use Hakama\Artwork\Applied\ClothLayout;
use Hakama\Artwork\Applied\PickingList;
use Hakama\Artwork\StopAction;
use Hakama\Artwork\StopStep;
use Hakama\House\HouseRule;
use Hakama\Machine\CopiesPerFrame;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** What cloth an artwork wants laid on: its pieces, the cloth of each, how much of it the open orders take. */
final readonly class ClothBill
{
    /**
     * @param list<AppliedPiece>                 $pieces
     * @param array<int, Cloth|null>             $cloths   by the number of the piece
     * @param int                                $frames   that are still to sew, by the open orders
     * @param array<int, array{Cloth, ClothLayout, float}> $layouts by cloth: how its pieces are laid out, and cm² cut
     * @param float|null                         $savedS   by one stop for all trimming; null where that may not be
     */
    private function __construct(
        public array $pieces,
        public array $cloths,
        public bool $preCut,
        public int $frames,
        public array $layouts,
        public ?float $savedS,
    ) {}

    /** Wants `blocks` loaded. */
    public static function of(Artwork $artwork, House $house): self
    {
        $rules = $house->rules();
        $preCut = $rules->isPreCut();
        $applied = self::applied($artwork, $house);
        $known = Cloth::query()
            ->findMany($artwork->blocks->pluck('cloth_id')->filter())
            ->keyBy('id');
        $cloths = [];
        foreach ($applied->pieces as $piece) {
            $cloths[$piece->number] = $known[$artwork->blocks[$piece->block - 1]->cloth_id ?? 0] ?? null;
        }
        $frames = self::framesToSew($artwork);
        // Copies regrouped by colour are trimmed at one stop as it is.
        $stops = count(array_unique(array_column($applied->pieces, 'tackDown')));

        return new self(
            $applied->pieces,
            $cloths,
            $preCut,
            $frames,
            self::layouts($applied->pieces, $cloths, $frames, $rules->value(HouseRule::ClothGap)),
            ! $preCut && $stops > 1 && $applied->mayWait($rules->value(HouseRule::ClothApart))
                ? ($stops - 1) * $rules->value(HouseRule::TrimClothTime)
                : null,
        );
    }

    /** Which pieces it wants, whatever cloth they are of; wants `blocks` loaded. */
    public static function applied(Artwork $artwork, House $house): AppliedPieces
    {
        return (new ClothUse($house))->applied(
            $artwork->checksum,
            $artwork->stopSheet($house->rules()->isPreCut()),
            $artwork->copies,
            $artwork->pattern(...),
        );
    }

    /** What is at hand at the stops of a frame, with its sizes; wants `blocks` loaded. */
    public static function picking(Artwork $artwork, House $house): PickingList
    {
        $rules = $house->rules();
        $steps = $artwork->stopSheet($rules->isPreCut())->steps;
        $brings = array_filter(
            array_merge(...array_map(static fn(StopStep $step): array => $step->acts, $steps)),
            static fn(StopAction $act): bool => $act->brings() !== null,
        );
        $beyond = $rules->value(HouseRule::TrimmedBeyond);
        if ($brings === []) {
            return PickingList::none();
        }

        return Cache::remember(
            'picking-by-outline-'.md5(serialize([$artwork->checksum, $steps, $beyond, $rules->value(HouseRule::PreCutBeyond)])),
            86_400 * 30,
            static fn(): PickingList => PickingList::of(
                $artwork->pattern(),
                $steps,
                self::applied($artwork, $house),
                $beyond,
            ),
        );
    }

    /**
     * The blocks with every cloth laid and held before any is trimmed, so that one stop is for all of the trimming.
     *
     * @param int $blocks that the artwork has
     *
     * @return list<int> from 1
     */
    public function trimmedTogether(int $blocks): array
    {
        $first = [];
        foreach ($this->pieces as $piece) {
            array_push($first, $piece->block, ...$piece->tackDown === null ? [] : [$piece->tackDown]);
        }
        $start = min($first ?: [1]);
        $before = range(1, max(1, $start));
        $order = [...array_diff($before, $first), ...$first];

        return array_values([...$order, ...array_diff(range(1, $blocks), $order)]);
    }

    private static function framesToSew(Artwork $artwork): int
    {
        return CopiesPerFrame::frames(self::piecesToSew($artwork), $artwork->copies);
    }

    /** How many the open orders still want of it. */
    public static function piecesToSew(Artwork $artwork): int
    {
        return DB::table('pieces')
            ->join('decorations', 'decorations.id', '=', 'pieces.decoration_id')
            ->where('decorations.artwork_id', $artwork->id)
            ->where('pieces.state', '!=', 'done')
            ->count();
    }

    /**
     * @param list<AppliedPiece>     $pieces
     * @param array<int, Cloth|null> $cloths
     *
     * @return array<int, array{Cloth, ClothLayout, float}>
     */
    private static function layouts(array $pieces, array $cloths, int $frames, float $gapMm): array
    {
        $of = $used = [];
        foreach ($pieces as $piece) {
            $cloth = $cloths[$piece->number];
            if ($cloth !== null) {
                $used[$cloth->id] = $cloth;
                $of[$cloth->id][] = $piece;
            }
        }
        $layouts = [];
        foreach ($used as $id => $cloth) {
            $layouts[$id] = [
                $cloth,
                ClothLayout::of(
                    array_map(
                        static fn(AppliedPiece $piece): array => [
                            $piece->bounds()->width(),
                            $piece->bounds()->height(),
                            max(1, $frames),
                        ],
                        $of[$id],
                    ),
                    $cloth->width_mm,
                    $gapMm,
                ),
                max(1, $frames) *
                array_sum(array_map(static fn(AppliedPiece $piece): float => $piece->areaCm2(), $of[$id])),
            ];
        }

        return $layouts;
    }

    /** @return Collection<int, Cloth> those that can be chosen */
    public static function shelf(): Collection
    {
        return Cloth::query()->whereNull('retired_at')->orderBy('code')->get();
    }
}
