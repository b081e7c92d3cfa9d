<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use App\Orders\Models\Decoration;
use Hakama\Garment\Position;

/** One place of a line that is sewn. */
final readonly class PlaceShape extends ApiShape
{
    /**
     * @param int|null $artworkId null as long as no artwork was chosen for it
     * @param int      $pieces    that are sewn there in all
     * @param int      $done      of these
     */
    private function __construct(
        public Position $position,
        public ?int $artworkId,
        public int $pieces,
        public int $done,
    ) {}

    public static function of(Decoration $decoration, int $pieces, int $done): self
    {
        return new self($decoration->position, $decoration->artwork_id, $pieces, $done);
    }
}
