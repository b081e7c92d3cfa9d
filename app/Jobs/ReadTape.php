<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Artwork;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Stitch\PatternFigures;
use Hakama\Stitch\Tape\NotATape;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Counts and measures a tape that was taken in. Run twice, it comes to the same. */
final class ReadTape implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function __construct(private readonly int $artworkId) {}

    public function handle(House $house): void
    {
        $artwork = Artwork::query()->find($this->artworkId);
        if ($artwork === null) {
            return;
        }
        try {
            $figures = PatternFigures::of($artwork->pattern(), $house->rules()->measuring());
            DB::transaction(static fn() => $artwork->keep($figures, CarbonImmutable::now()));
        } catch (NotATape $e) {
            $artwork->update(['refused' => $e->getMessage()]);
        }
    }
}
