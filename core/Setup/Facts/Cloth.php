<?php

declare(strict_types=1);

namespace Hakama\Setup\Facts;

use Hakama\Garment\Fabric;
use Hakama\Garment\Stretch;
use Hakama\Garment\Surface;
use Hakama\Garment\Thickness;

/** What it is sewn on. */
final readonly class Cloth
{
    /** @param Surface|null $own where it is another than the fabric has by nature */
    public function __construct(
        public Fabric $fabric,
        public ?Stretch $stretch = null,
        public ?Thickness $thickness = null,
        public bool $pale = false,
        private ?Surface $own = null,
    ) {}

    /** What the needle meets first: as the catalogue says, else as the fabric is. */
    public function surface(): Surface
    {
        return $this->own ?? Surface::of($this->fabric);
    }
}
