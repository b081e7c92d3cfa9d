<?php

declare(strict_types=1);

namespace Hakama\Setup;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Hakama\Machine\Driver;

/** What is known about one decoration before it is set up. */
final readonly class Facts
{
    /**
     * @param float        $widthMm  of the design
     * @param list<Driver> $drivers  the shop's machines have between them
     */
    public function __construct(
        public Garment $garment,
        public Fabric $fabric,
        public Structure $structure,
        public Profile $profile,
        public Position $position,
        public float $widthMm,
        public float $heightMm,
        public int $stitches,
        public int $threadWeight,
        public array $drivers,
    ) {}

    public function stitchesPerCm2(): float
    {
        return $this->stitches / max(0.01, $this->widthMm * $this->heightMm / 100);
    }
}
