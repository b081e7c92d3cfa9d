<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Size;
use Hakama\Stitch\Turn;

/** One size of a run. */
final readonly class SizeRow
{
    /**
     * @param float|null           $travelMm how wide a design may be neck first; null where no neck limits it
     * @param non-empty-list<Turn> $turns    the ways round that would do, best first
     */
    public function __construct(
        public Size $size,
        public int $pieces,
        public ?float $travelMm,
        public array $turns,
        public Place $place,
    ) {}
}
