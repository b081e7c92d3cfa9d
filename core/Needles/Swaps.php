<?php

declare(strict_types=1);

namespace Hakama\Needles;

use Hakama\Machine\Rack;

/** An artwork with more threads than there are needles for it: how often a cone has to be exchanged at its stops. */
final class Swaps
{
    /**
     * The fewest swaps for each piece once the run is going: pieces follow one another, so what the last blocks left on
     * the needles is what the next piece begins with (furthest in the future first, Belady 1966).
     *
     * @return int|null null when some thread goes on no needle at all
     */
    public static function perPiece(Rack $rack, Demand $batch, ThreadNeeds $needs = new ThreadNeeds()): ?int
    {
        try {
            $pieces = Assignment::of($rack, array_fill(0, 3, $batch), $needs)->batches;
        } catch (NoNeedleFits) {
            return null;
        }

        return count($pieces[1]->load);
    }
}
