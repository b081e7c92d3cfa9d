<?php

declare(strict_types=1);

namespace App\Setup\Actions;

use App\Foundation\Database\Transaction;
use App\Foundation\Words\KeptText;
use App\Machine\Models\Frame;
use App\Orders\Models\Decoration;
use App\Plan\Models\Batch;
use App\Setup\Models\Setup;
use App\Setup\Queries\DecorationSetups;
use App\Setup\ReasonRequired;
use App\Shop\House;
use Hakama\Setup\Departure;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Rules\Choice;
use Hakama\Setup\SizeRow;
use Hakama\Setup\Tube\Hooping;
use Hakama\Stitch\Turn;
use Illuminate\Database\Eloquent\Builder;

/** Keeps how a decoration is sewn, as a person chose it. */
final readonly class SetupChoices
{
    public function __construct(
        private DecorationSetups $setups,
        private House $house,
    ) {}

    /**
     * Keeps the choice and makes the batch of it; the batch keeps its place when it had one.
     *
     * @param array<string, string> $whys a reason for each departure from the advice: about => why
     *
     * @throws ReasonRequired when one is missing
     */
    public function keep(Decoration $decoration, Frame $frame, Choice $choice, array $whys): Batch
    {
        assert($decoration->artwork !== null);
        $sizes = $this->setups->sizesInFrames($decoration);
        $advice = $sizes->smallest()->advice ?? $this->setups->advise($decoration);
        $units = $this->house->units();
        $placements = array_column(
            array_map(
                static fn(SizeRow $row): array => [$row->size->value, KeptText::keep($row->placement()->brief($units))],
                $sizes->rows,
            ),
            1,
            0,
        );
        $departures = array_map(
            static fn(Departure $one): array => [
                'about' => $one->about,
                'advised' => KeptText::keep($one->advised),
                'chosen' => KeptText::keep($one->chosen),
                'why' => trim($whys[$one->about] ?? ''),
            ],
            Departure::between($advice, $choice),
        );
        foreach ($departures as $departure) {
            if ($departure['why'] === '') {
                throw ReasonRequired::for(
                    array_values(array_filter($departures, static fn(array $one): bool => $one['why'] === '')),
                );
            }
        }

        return Transaction::run(static function () use (
            $decoration,
            $frame,
            $choice,
            $departures,
            $advice,
            $placements,
        ): Batch {
            Setup::query()->updateOrCreate(
                ['decoration_id' => $decoration->id],
                [
                    'frame_id' => $frame->id,
                    'turn_deg' => $choice->fit->turn->value,
                    'backing' => $choice->backing->backing->value,
                    'layers' => $choice->backing->count,
                    'adhesive' => $choice->backing->adhesive,
                    'topper' => $choice->topper,
                    'needle_size' => $choice->needle->size,
                    'needle_point' => $choice->needle->point,
                    'speed_spm' => $choice->speedSpm,
                    'backing_gsm' => $advice->withChoice($choice)->backingGsm(),
                    'hoop_s' => $advice->hoopS(),
                    'hoopings' => $choice->fit->times(),
                    'parts' => self::parts($choice->fit),
                    'departures' => $departures,
                    'placements' => $placements,
                ],
            );

            return Batch::open($decoration);
        });
    }

    /** As it is advised, in the frame that fits best. */
    public function keepAdvised(Decoration $decoration): Batch
    {
        $best = $this->setups->rank($decoration, Frame::query()->orderBy('id')->get())[0];

        return $this->keep(
            $decoration,
            Frame::query()->where('code', $best->fit->frame->id)->firstOrFail(),
            $this->setups->advise($decoration)->choice($best->fit),
            [],
        );
    }

    /** What each hooping sews of a design whose tape is another one now, in every setup that is still to be sewn. */
    public function divideAnew(int $artworkId): void
    {
        $open = Setup::query()
            ->with(['frame', 'decoration'])
            ->whereHas('decoration', static fn($on) => $on->where('artwork_id', $artworkId))
            ->whereHas('decoration.pieces', static fn(Builder $pieces) => $pieces->open())
            ->get();
        foreach ($open as $setup) {
            $decoration = $setup->decoration->loadForSetup();
            $fit = $this->setups->fit($decoration, $setup->frame, Turn::from($setup->turn_deg));
            $setup->update(['hoopings' => $fit->times(), 'parts' => self::parts($fit)]);
        }
    }

    /** @return list<array{float, float}>|null what of the design's height each hooping sews; null where there is one */
    private static function parts(Fit $fit): ?array
    {
        $hoopings = $fit->hoopings->hoopings ?? [];

        return count($hoopings) < 2
            ? null
            : array_map(static fn(Hooping $one): array => [$one->fromMm, $one->toMm], $hoopings);
    }
}
