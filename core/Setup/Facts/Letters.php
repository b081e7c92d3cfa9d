<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

/** The letters of a design, as far as somebody has measured them. */
final readonly class Letters
{
    /**
     * @param float|null $smallestMm height of the smallest; null where there are none or nobody has measured them
     * @param bool       $apart      it is known in which blocks they are: what is not in those is no letter
     */
    public function __construct(public ?float $smallestMm = null, public bool $apart = false) {}
}
