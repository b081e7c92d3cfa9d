<?php

declare(strict_types=1);

namespace App\Artwork\Jobs;

use App\Artwork\Events\ArtworkChanged;
use App\Artwork\Models\Artwork;
use App\Foundation\Database\Transaction;
use App\Foundation\Words\KeptText;
use App\Orders\Models\Lettering;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Artwork\ProposedRoles;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Inspection\Inspection;
use Hakama\Stitch\Tape\NotATape;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Counts, measures and looks over a tape that was taken in. Run twice, it comes to the same. */
final class ReadTape implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function __construct(public readonly int $artworkId) {}

    public function handle(House $house): void
    {
        $artwork = Artwork::query()->find($this->artworkId);
        if ($artwork === null) {
            return;
        }
        $rules = $house->rules()->measuring();
        try {
            $pattern = $artwork->pattern();
            $figures = PatternFigures::of($pattern, $rules);
            $inspection = Inspection::of($pattern, $figures, $rules);
            $roles = ProposedRoles::of($pattern);
            Transaction::run(static function () use ($artwork, $figures, $inspection, $roles, $rules): void {
                $artwork->keep($figures, $inspection, $roles, CarbonImmutable::now());
                Lettering::query()->where('artwork_id', $artwork->id)->first()?->average($rules);
                ArtworkChanged::dispatch($artwork->id, true);
            });
        } catch (NotATape $e) {
            $artwork->update(['refused' => json_encode(KeptText::write($e->text), JSON_THROW_ON_ERROR)]);
        }
    }
}
