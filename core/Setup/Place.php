<?php

declare(strict_types=1);

namespace Hakama\Setup;

/** Where a design goes, as a person measures it. Starting values: the shop measures once and keeps its own. */
final readonly class Place
{
    /**
     * @param string $from     what is measured from, and to what of the design
     * @param float  $downMm   downwards; below zero is upwards
     * @param float  $acrossMm from the centre line
     */
    public function __construct(
        public string $from,
        public float $downMm,
        public float $acrossMm,
    ) {}
}
