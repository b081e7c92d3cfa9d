<?php

declare(strict_types=1);

namespace App\Floor\Log;

use App\Artwork\ClothUse;
use App\Artwork\HoopingTapes;
use App\Artwork\Models\ArtworkBlock;
use App\Floor\ConeShelf;
use App\Floor\ConeUse;
use App\Machine\Models\Machine;
use App\Orders\Models\Colourway;
use App\Plan\Models\Batch;
use Hakama\Floor\Care\NeedleWear;
use Hakama\Floor\Event;
use Hakama\Floor\EventKind;
use Hakama\Machine\CopiesPerFrame;
use Illuminate\Database\Eloquent\Collection;

/**
 * What an event says beside what was told: by the artwork, the rack and the shelf as they are at that moment, so that
 * nothing that changes later changes what it meant.
 */
final readonly class EventFacts
{
    public function __construct(private HoopingTapes $hoopings, private ConeUse $cones, private ClothUse $cloth) {}

    /** The cones that events of a batch take from; null where it has no artwork. */
    public static function shelf(Batch $batch): ?ConeShelf
    {
        $on = $batch->decoration;

        return $on->artwork === null ? null : ConeUse::shelf($on->artwork, $on);
    }

    /**
     * @return array{planned_s: float, needle: int|null, wear: array<int, int>|null,
     *     took: array{cones: array<int, float>, cloths: array<int, float>, bobbin_m: float}|null}
     */
    public function of(Machine $machine, Batch $batch, Event $event, ?ConeShelf $shelf): array
    {
        $facts = ['planned_s' => 0.0, 'needle' => null, 'wear' => null, 'took' => null];
        if ($event->kind === EventKind::ThreadBroke) {
            $facts['needle'] = $this->needleAt($machine, $batch, $event);
        }
        if ($event->kind !== EventKind::Sewn) {
            return $facts;
        }
        $artwork = $batch->decoration->artwork;
        $blocks = $this->hoopings->ofBatch($batch, $event->hooping)?->blocks;
        $facts['planned_s'] = $this->plannedS($machine, $batch, $event);
        $facts['wear'] = self::wear($machine, $batch, $blocks);
        if ($artwork !== null && $shelf !== null) {
            $frames = CopiesPerFrame::frames(count($event->pieces), $artwork->copies);
            $facts['took'] = self::rounded([
                ...$this->cones->by($shelf, $artwork, $frames, $batch->decoration, $blocks),
                'cloths' => $this->cloth->taken($artwork, $frames, $blocks),
            ]);
        }

        return $facts;
    }

    /**
     * To a tenth of a millimetre: it is kept for every load there will ever be.
     *
     * @param array{cones: array<int, float>, cloths: array<int, float>, bobbin_m: float} $took
     *
     * @return array{cones: array<int, float>, cloths: array<int, float>, bobbin_m: float}
     */
    private static function rounded(array $took): array
    {
        $round = static fn(float $metres): float => round($metres, 4);

        return [
            'cones' => array_map($round, $took['cones']),
            'cloths' => array_map($round, $took['cloths']),
            'bobbin_m' => $round($took['bobbin_m']),
        ];
    }

    /**
     * Of one load: every head runs once through the design, whatever it holds.
     *
     * @param array<int, int>|null $stitches block => how many of its stitches were sewn, where that is not the whole
     *     of it
     *
     * @return array<int, int> needle => stitches
     */
    private static function wear(Machine $machine, Batch $batch, ?array $stitches): array
    {
        $ways = Colourway::of($batch->decoration);
        $blocks = $batch->decoration->artwork?->loadMissing('blocks')->blocks ?? new Collection();

        return NeedleWear::of(
            $stitches ?? $blocks->pluck('stitches', 'number')->map(intval(...))->all(),
            $blocks
                ->mapWithKeys(
                    static fn(ArtworkBlock $one): array => [
                        $one->number => $ways[$one->number]->id ?? (int) $one->thread_id,
                    ],
                )
                ->all(),
            $machine->loadMissing('rack')->rack->pluck('thread_id', 'number')->all(),
        );
    }

    /** The needle that holds the thread of the block a stitch is in; null where none does. */
    private function needleAt(Machine $machine, Batch $batch, Event $event): ?int
    {
        $artwork = $batch->decoration->artwork?->loadMissing('blocks');
        $stitch = max(1, $event->stitch);
        $hooped = $this->hoopings->ofBatch($batch, $event->hooping);
        $block = $hooped === null ? $artwork?->stopSheet(false)->at($stitch)?->block : $hooped->blockAt($stitch);
        if ($artwork === null || $block === null) {
            return null;
        }
        $thread =
            Colourway::of($batch->decoration)[$block]->id ?? $artwork->blocks->firstWhere('number', $block)?->thread_id;

        return $machine->loadMissing('rack')->rack->firstWhere('thread_id', $thread)?->number;
    }

    /** Of one of several hoopings by its share of the stitches. */
    private function plannedS(Machine $machine, Batch $batch, Event $event): float
    {
        $whole = (float) ($batch->decoration->setup?->seconds()[$machine->id] ?? 0.0);
        $hooped = $this->hoopings->ofBatch($batch, $event->hooping);

        return $hooped === null
            ? $whole
            : ($whole * $hooped->stitches()) / max(1, $batch->decoration->artwork->stitches ?? 1);
    }
}
