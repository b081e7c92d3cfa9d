<?php

declare(strict_types=1);

namespace Hakama\Floor;

use Hakama\Garment\PatchBack;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;

/** How long hands take over a piece when it is off the machine. */
final readonly class FinishTime
{
    public function __construct(private HouseRules $house) {}

    /**
     * @param float          $trims    places where thread was cut, of one piece
     * @param float          $cutOutMm along which a patch is cut out; 0 for anything else
     * @param PatchBack|null $back     of a patch: what is ironed on is pressed from both sides
     */
    public function aPieceS(float $trims, float $cutOutMm = 0.0, ?PatchBack $back = null): float
    {
        return $this->house->value(HouseRule::FinishTime) +
            $trims * $this->house->value(HouseRule::FinishTrim) +
            $cutOutMm / $this->house->value(HouseRule::CutOutSpeed) +
            ($back === PatchBack::IronedOn ? 2 * $this->house->value(HouseRule::PressSide) : 0.0);
    }
}
