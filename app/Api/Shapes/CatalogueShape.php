<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;

/** What an order may name. */
final readonly class CatalogueShape extends ApiShape
{
    /**
     * @param list<string>   $styles    garments as the shop's own catalogue calls them
     * @param list<Garment>  $garments
     * @param list<Fabric>   $fabrics
     * @param list<Profile>  $profiles  heights of caps
     * @param list<Size>     $sizes     small to large
     * @param list<Position> $positions where something can be sewn
     */
    private function __construct(
        public array $styles,
        public array $garments,
        public array $fabrics,
        public array $profiles,
        public array $sizes,
        public array $positions,
    ) {}

    /** @param list<string> $styles */
    public static function of(array $styles): self
    {
        return new self(
            $styles,
            Garment::cases(),
            Fabric::cases(),
            Profile::cases(),
            Size::cases(),
            Position::cases(),
        );
    }
}
