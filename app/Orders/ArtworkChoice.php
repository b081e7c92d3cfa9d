<?php

declare(strict_types=1);

namespace App\Orders;

use App\Database\Whole;
use App\Models\Artwork;
use App\Models\Decoration;
use App\Models\Piece;
use App\Models\Plan;
use Hakama\Floor\PieceState;

/**
 * Which artwork a decoration is sewn from: the one that comes later than the order, or another version of the one it
 * has, as long as no piece is begun.
 */
final class ArtworkChoice
{
    /**
     * With another version the setup no longer holds: the decoration leaves the plan and is set up anew.
     *
     * @return bool false where it cannot be: another artwork than a version of the one it has, or pieces that are begun
     */
    public static function choose(Decoration $decoration, Artwork $artwork): bool
    {
        return Whole::write(static function () use ($decoration, $artwork): bool {
            Plan::lock();
            $decoration->refresh()->load(['artwork', 'setup', 'batch']);
            if ($decoration->artwork !== null && ! $decoration->artwork->isVersionOf($artwork)) {
                return false;
            }
            $begun =
                $decoration->batch?->events()->exists() === true
                || Piece::query()
                    ->where('decoration_id', $decoration->id)
                    ->where('state', '!=', PieceState::Waiting)
                    ->exists();
            if ($begun) {
                return false;
            }
            if ($decoration->artwork_id !== $artwork->id) {
                $decoration->batch?->delete();
                $decoration->setup?->delete();
                $decoration->update(['artwork_id' => $artwork->id]);
                Plan::query()->increment('version');
            }

            return true;
        });
    }
}
