<?php

declare(strict_types=1);

namespace App\Setup\Queries;

use App\Artwork\Models\SewOut;
use App\Foundation\Words\Languages;
use App\Foundation\Words\Words;
use App\Orders\Models\Decoration;
use App\Plan\OpenBatch;
use App\Setup\PracticeBook;
use App\Shop\Calendar\CalendarBook;
use App\Shop\House;
use App\Shop\Models\Downtime;
use Carbon\CarbonImmutable;
use Hakama\House\HouseRule;
use Hakama\Setup\Trial;

/** What is to be tried on scrap before a batch, and whether its time stands in the plan. */
final readonly class Trials
{
    public function __construct(private House $house, private PracticeBook $practice, private CalendarBook $calendar) {}

    /**
     * Of a batch that is not begun, wants `line` and `artwork.sewOuts`; null where nothing is to be tried, or where it
     * runs already.
     */
    public function of(OpenBatch $batch, Decoration $decoration, string $machine): ?Trial
    {
        $artwork = $decoration->artwork;
        $sewS = $batch->batch->sewing->sewS[$machine] ?? null;
        if ($batch->started || $artwork === null || $sewS === null) {
            return null;
        }
        $fabric = $decoration->line->fabric;
        $rules = $this->house->rules();

        return Trial::wanted(
            $this->practice->hasComeOut($fabric, $decoration->position),
            $artwork->sewOuts->contains(
                static fn(SewOut $one): bool => $one->passed
                    && $one->revision === $artwork->revision
                    && in_array($one->fabric, $fabric->alike(), true),
            ),
            (int) $rules->value(HouseRule::PracticePieces),
            60 * $rules->value(HouseRule::LoadTime),
            (float) $sewS,
            (float) $batch->batch->sewing->hoopS,
        );
    }

    /** When a machine is kept for it; null where it is not planned. */
    public function planned(Trial $trial, string $batch): ?Downtime
    {
        $said = Languages::inEach(static fn(): string => Words::say($trial->words($batch)));

        return $this->calendar
            ->downtimes()
            ->first(
                static fn(Downtime $one): bool => in_array($one->why, $said, true)
                    && $one->to_at > CarbonImmutable::now(),
            );
    }
}
