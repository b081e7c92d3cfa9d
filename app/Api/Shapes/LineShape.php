<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use App\Orders\Models\OrderLine;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use stdClass;

/** One kind of garment of an order. */
final readonly class LineShape extends ApiShape
{
    /**
     * @param string                      $style      as the catalogue calls it; empty where it is of no style
     * @param array<string, int>|stdClass $sizes      garments by size
     * @param list<PlaceShape>            $decorations
     */
    private function __construct(
        public Garment $garment,
        public Fabric $fabric,
        public string $style,
        public string $colourName,
        public string $colourHex,
        public array|stdClass $sizes,
        public array $decorations,
    ) {}

    public function garments(): int
    {
        return array_sum((array) $this->sizes);
    }

    /**
     * @param array<string, int> $sizes
     * @param list<PlaceShape>   $places
     */
    public static function of(OrderLine $line, array $sizes, array $places): self
    {
        return new self(
            $line->garment,
            $line->fabric,
            $line->style,
            $line->colour_name,
            $line->colour_hex,
            self::named($sizes),
            $places,
        );
    }
}
