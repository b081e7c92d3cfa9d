<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Setup\Facts\Item;
use Hakama\Setup\Loading\Ends;
use Hakama\Setup\Loading\Loading;
use Hakama\Stitch\Turn;

/** Whether something can be mounted so at all. What is only unwise can be done, with a reason; this cannot. */
final class Mounting
{
    /** Why it cannot be mounted in this frame this way round; null where it can. */
    public static function obstacle(Item $item, Fit $fit): ?string
    {
        if (! WayIn::mayHold($item, $fit->frame)) {
            return $item->isOnCap()
                ? "{$fit->frame->id} cannot hold this cap. A stiff front only goes on a cap frame; no cap goes in a pocket frame."
                : "{$fit->frame->id} cannot hold a {$item->garment->label()}: it is made for something else.";
        }
        $can = Ends::mountable($item, $fit->frame->driver);
        $turns = array_map(static fn(Loading $one): Turn => $one->turn, $can);
        // Sideways or upside down are two names for what lies on the arms the same way.
        $asked = $fit->turn === Turn::ThreeQuarters ? Turn::Quarter : $fit->turn;

        return in_array($asked, $turns, true)
            ? null
            : "It cannot be mounted that way round. {$can[0]->words()}";
    }
}
