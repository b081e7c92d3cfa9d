<?php

declare(strict_types=1);

namespace App\Floor\Finish;

use App\Artwork\Patches;
use App\Orders\Models\Decoration;
use Hakama\Floor\FinishTime;
use Hakama\Garment\Garment;
use Hakama\House\HouseRules;

/** How long hands take over what is off the machine, from what is known of its artwork. */
final class FinishTimes
{
    /** @return float seconds a piece; wants `line` and `artwork` */
    public static function of(Decoration $decoration, HouseRules $rules): float
    {
        $artwork = $decoration->artwork;

        return (new FinishTime($rules))->aPieceS(
            $artwork === null ? 0.0 : $artwork->trims / $artwork->copies,
            $artwork !== null && $decoration->line->garment === Garment::Patch ? Patches::edgeMm($artwork) : 0.0,
            $decoration->line->patch_back,
        );
    }
}
