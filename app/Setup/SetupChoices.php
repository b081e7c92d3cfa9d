<?php

declare(strict_types=1);

namespace App\Setup;

use App\Database\Whole;
use App\Models\Batch;
use App\Models\Decoration;
use App\Models\Frame;
use App\Models\Setup;
use Hakama\Setup\Departure;
use Hakama\Setup\Rules\Choice;
use Hakama\Setup\SizeRow;

/** Keeps how a decoration is sewn, as a person chose it. */
final class SetupChoices
{
    public function __construct(private readonly DecorationSetups $setups, private readonly SetupTimes $times) {}

    /**
     * Keeps the choice and makes the batch of it; the batch keeps its place when it had one.
     *
     * @param array<string, string> $whys a reason for each departure from the advice: about => why
     *
     * @throws WantsReason when one is missing
     */
    public function keep(Decoration $decoration, Frame $frame, Choice $choice, array $whys): Batch
    {
        assert($decoration->artwork !== null);
        $sizes = $this->setups->sizes($decoration);
        $advice = $sizes->smallest()->advice ?? $this->setups->advise($decoration);
        $placements = array_column(
            array_map(static fn(SizeRow $row): array => [$row->size->value, $row->placement()->brief()], $sizes->rows),
            1,
            0,
        );
        $times = $this->times;
        $departures = array_map(
            static fn(Departure $one): array => [
                'about' => $one->about,
                'advised' => $one->advised,
                'chosen' => $one->chosen,
                'why' => trim($whys[$one->about] ?? ''),
            ],
            $advice->departures($choice),
        );
        foreach ($departures as $departure) {
            if ($departure['why'] === '') {
                throw WantsReason::for(
                    array_values(array_filter($departures, static fn(array $one): bool => $one['why'] === '')),
                );
            }
        }

        return Whole::write(static function () use (
            $decoration,
            $frame,
            $choice,
            $departures,
            $advice,
            $placements,
            $times,
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
                    'hoop_s' => $advice->hoopS(),
                    'hoopings' => $advice->withChoice($choice)->hoopings(),
                    'departures' => $departures,
                    'placements' => $placements,
                    'sew_s' => $times->of($decoration->artwork, $choice->speedSpm, $frame, $decoration->line->fabric),
                ],
            );

            return Batch::open($decoration);
        });
    }
}
