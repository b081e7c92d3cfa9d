<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Setup\Facts\Item;
use Hakama\Setup\Loading\Ends;
use Hakama\Setup\Loading\Loading;
use Hakama\Stitch\Turn;
use Hakama\Words\Text;

/** Whether something can be mounted so at all. What is only unwise can be done, with a reason; this cannot. */
final class Mounting
{
    /** Why it cannot be mounted in this frame this way round; null where it can. */
    public static function obstacle(Item $item, Fit $fit): ?Text
    {
        if (! WayIn::mayHold($item, $fit->frame)) {
            return $item->isOnCap()
                ? new Text('setup.mounting.no_cap', ['frame' => $fit->frame->id])
                : new Text('setup.mounting.not_made_for', [
                    'frame' => $fit->frame->id,
                    'garment' => $item->garment->label(),
                ]);
        }
        $can = Ends::mountable($item, $fit->frame->driver);
        $turns = array_map(static fn(Loading $one): Turn => $one->turn, $can);
        // Sideways or upside down are two names for what lies on the arms the same way.
        $asked = $fit->turn === Turn::ThreeQuarters ? Turn::Quarter : $fit->turn;

        return in_array($asked, $turns, true)
            ? null
            : new Text('setup.mounting.other_way_round', ['loading' => $can[0]->words()]);
    }
}
