<?php

declare(strict_types=1);

namespace Hakama\Setup\Placement;

/** What was found once for one garment, size and position, and written down so that it is not lost. */
final readonly class FoundPlacement
{
    /**
     * @param float|null $downMm   null where the house's figure holds
     */
    public function __construct(
        public string $peg = '',
        public ?float $downMm = null,
        public ?float $acrossMm = null,
    ) {}
}
