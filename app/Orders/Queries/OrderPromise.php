<?php

declare(strict_types=1);

namespace App\Orders\Queries;

use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use App\Foundation\Words\Words;
use App\Machine\Models\Frame;
use App\Orders\Models\Decoration;
use App\Orders\TypedLine;
use App\Plan\Queries\BulkSewn;
use App\Plan\Queries\PromiseEstimate;
use App\Plan\SewingFactory;
use App\Setup\Queries\DecorationSetups;
use App\Setup\Queries\SetupTimes;
use App\Shop\House;
use Hakama\Artwork\Variant;
use Hakama\House\HouseRule;
use Hakama\Machine\CopiesPerFrame;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Equipment;
use Hakama\Plan\Fitness;
use Hakama\Plan\Odds\PromiseOdds;
use Illuminate\Database\Eloquent\Collection;

/** By when an order may be promised, as far as it is typed: set up as advised, behind all that is planned. */
final readonly class OrderPromise
{
    public function __construct(
        private DecorationSetups $setups,
        private SetupTimes $times,
        private PromiseEstimate $foretold,
        private House $house,
    ) {}

    /**
     * @param list<TypedLine|null> $lines
     * @param int|null             $dueAt seconds of local time
     *
     * @return array{PromiseOdds|null, int, list<string>} null where nothing counts or it has no place; places that
     *     count; and of each that does not, why
     */
    public function of(array $lines, ?int $dueAt): array
    {
        $wanted = [];
        foreach ($lines as $typed) {
            array_push($wanted, ...array_column($typed->decorations ?? [], 1));
        }
        $artworks = Artwork::query()
            ->with('blocks.thread')
            ->whereNotNull('read_at')
            ->findMany(array_filter($wanted, static fn(?int $artwork): bool => $artwork !== null))
            ->keyBy('id');
        $frames = Frame::query()->whereNull('retired_at')->get()->keyBy('code');
        $fitness = BulkSewn::fitness($this->house->rules(), $this->setups->machines());
        $works = $left = [];
        foreach ($lines as $i => $typed) {
            if ($typed === null || $typed->sizes === []) {
                continue;
            }
            foreach ($typed->decorations as [$position, $artworkId]) {
                $artwork = $artworks[$artworkId ?? 0] ?? null;
                $where = __('orders.order_promise.line', [
                    'line' => $i + 1,
                    'position' => Words::say($position->label()),
                ]);
                if ($artwork === null) {
                    $left[] = __('orders.order_promise.artwork_to_follow', ['where' => $where]);
                    continue;
                }
                $decoration = (new Decoration(['position' => $position, 'artwork_id' => $artwork->id]))
                    ->setRelation('line', $typed->line)
                    ->setRelation('artwork', $artwork);
                $work = $this->work($decoration, $artwork, $typed, $frames, $fitness);
                $work === null ? ($left[] = __('orders.order_promise.no_frame_fits_as_it_is', [
                    'where' => $where,
                ])) : ($works[] = $work);
            }
        }

        return [$works === [] ? null : $this->foretold->of($works, $dueAt), count($works), $left];
    }

    /**
     * @param Collection<array-key, Frame> $frames by code
     *
     * @return array{BatchSewing, Equipment, int, int}|null null where no frame takes it
     */
    private function work(
        Decoration $decoration,
        Artwork $artwork,
        TypedLine $typed,
        Collection $frames,
        Fitness $fitness,
    ): ?array {
        $advice = $this->setups->adviseTyped($decoration, $typed->sizes);
        $best = $advice->ranked[0] ?? null;
        $frame = $best === null ? null : $frames[$best->fit->frame->id] ?? null;
        if ($best === null || $frame === null || ! $best->fits()) {
            return null;
        }
        $seconds = $this->times->of($artwork, $advice->speedSpm, $frame, $typed->line->fabric);
        [$sewS, $heads] = SewingFactory::onEach(
            $seconds,
            $this->setups->machines()->keyBy('id'),
            $typed->line->garment,
            (int) $this->house->rules()->value(HouseRule::ClipTime),
        );
        $threads = array_values(
            $artwork->blocks
                ->map(
                    static fn(ArtworkBlock $block): string => $block->thread->code ??
                        __('orders.order_promise.its_colour', ['number' => $block->number]),
                )
                ->all(),
        );
        if ($threads === []) {
            return null;
        }
        $hoopings = $best->fit->times();

        return [
            SewingFactory::sewing(
                $sewS,
                $heads,
                $advice->hoopS(),
                (int) $this->house->rules()->value(HouseRule::SwapTime),
                $frame->count,
                $hoopings,
                SewingFactory::unfit(
                    $advice->item(),
                    $typed->garments(),
                    $this->setups->machines(),
                    $fitness,
                ),
            ),
            SewingFactory::equipment(
                $threads,
                $frame->code,
                $frame->driver,
                "{$advice->needle->size} {$advice->needle->point}",
                "{$artwork->checksum} {$best->fit->turn->value}",
                $typed->line->garment,
                $typed->line->style,
                $artwork->variant === Variant::Names,
            ),
            CopiesPerFrame::frames($typed->garments(), $artwork->copies) * $hoopings,
            $artwork->stitches,
        ];
    }
}
