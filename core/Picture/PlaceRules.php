<?php

declare(strict_types=1);

namespace Hakama\Picture;

/** What is done about a piece that does not lie as it should. */
final readonly class PlaceRules
{
    /**
     * @param float $leaveDeg     turned by less than this it is left as it is
     * @param float $hoopAgainDeg turned by more than this it is hooped again
     * @param float $leaveMm      off by less than this it is left where it is
     */
    public function __construct(public float $leaveDeg, public float $hoopAgainDeg, public float $leaveMm) {}
}
