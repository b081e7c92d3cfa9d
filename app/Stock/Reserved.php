<?php

declare(strict_types=1);

namespace App\Stock;

/** What a batch will take of garments and of the shelf. */
final readonly class Reserved
{
    /**
     * @param int|null $at      when its changeover begins, seconds; null where that is not planned yet
     * @param int      $garments that are still to be sewn
     * @param int      $backing  pieces, layer by layer
     * @param float    $bobbins  full ones, and a part
     * @param float    $clothMm  of the length of bolts
     */
    public function __construct(
        public string $batch,
        public ?int $at,
        public int $garments,
        public int $backing,
        public float $threadM,
        public float $bobbins,
        public float $filmM2,
        public float $clothMm,
    ) {}

    public function of(StockKind $kind): float
    {
        return match ($kind) {
            StockKind::Bobbins => $this->bobbins,
            StockKind::Film => $this->filmM2,
        };
    }
}
