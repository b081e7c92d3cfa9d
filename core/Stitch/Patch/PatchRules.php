<?php

declare(strict_types=1);

namespace Hakama\Stitch\Patch;

/** What a design for a patch has to be. */
final readonly class PatchRules
{
    /**
     * @param float $filled   share of its shape that is sewn, 0 to 1
     * @param float $borderMm how wide its border is at least, to cut along it
     */
    public function __construct(public float $filled, public float $borderMm) {}
}
