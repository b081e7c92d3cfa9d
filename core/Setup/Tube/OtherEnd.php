<?php

declare(strict_types=1);

namespace Hakama\Setup\Tube;

use Hakama\Setup\Placement\CannotBeMarked;
use Hakama\Setup\Placement\Edge;
use Hakama\Setup\Placement\Placement;
use Hakama\Words\Decimal;
use Hakama\Words\Text;

/** A place along a tube that was measured from its other end: a leg from its hem, a sleeve from the shoulder. */
final class OtherEnd
{
    /**
     * The same place, measured as the house does.
     *
     * @param Placement $placement as the house measures there
     * @param float     $lengthMm  of the tube, from end to end
     * @param float     $heightMm  of the design along it
     * @param float     $atMm      from the other end to the edge of the design that is nearer to it
     *
     * @return float how far down from what the house measures from; below zero is up
     *
     * @throws CannotBeMarked when it is beyond the tube
     */
    public static function downMm(Placement $placement, float $lengthMm, float $heightMm, float $atMm): float
    {
        $left = $lengthMm - $heightMm - $atMm;
        if ($atMm < 0.0 || $left < 0.0) {
            throw new CannotBeMarked(
                new Text('setup.mark.beyond_tube', [
                    'tube' => new Decimal($lengthMm, 0),
                    'design' => new Decimal($heightMm, 0),
                    'most' => new Decimal(max(0.0, $lengthMm - $heightMm), 0),
                ]),
            );
        }

        return $placement->edge === Edge::Upper ? $left : -$left;
    }
}
