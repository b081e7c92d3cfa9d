<?php

declare(strict_types=1);

namespace App\Orders\Actions;

use App\Artwork\Models\Artwork;
use App\Foundation\Database\Transaction;
use App\Orders\Models\Decoration;
use App\Orders\Models\Piece;
use App\Plan\Models\Plan;
use Hakama\Artwork\Variant;
use Hakama\Floor\PieceState;
use Illuminate\Support\Collection;

/** Which artwork a decoration is sewn from: any that is here, as long as no piece is begun. */
final class ArtworkChoice
{
    /** @return Collection<int, string> id => name of what can be sewn; a list of names belongs to the order it is of */
    public static function all(): Collection
    {
        return Artwork::query()
            ->whereNotNull('read_at')
            ->where('variant', '!=', Variant::Names)
            ->orderBy('name')
            ->pluck('name', 'id');
    }

    /**
     * With another one the setup no longer holds: the decoration leaves the plan and is set up anew.
     *
     * @return bool false where it cannot be: pieces of it are begun, or each has a name of its own
     */
    public static function choose(Decoration $decoration, Artwork $artwork): bool
    {
        return Transaction::run(static function () use ($decoration, $artwork): bool {
            $decoration->refresh()->load(['artwork', 'setup', 'batch']);
            $begun =
                $decoration->artwork?->variant === Variant::Names
                || $artwork->variant === Variant::Names
                || $decoration->batch?->events()->exists() === true
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
