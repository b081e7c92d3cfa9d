<?php

declare(strict_types=1);

namespace App\Stock;

/** What a batch will take of thread, bobbins and film. */
final readonly class Reserved
{
    /**
     * @param int|null $at      when its changeover begins, seconds; null where that is not planned yet
     * @param float    $bobbins full ones, and a part
     */
    public function __construct(
        public string $batch,
        public ?int $at,
        public float $threadM,
        public float $bobbins,
        public float $filmM2,
    ) {}

    public function of(StockKind $kind): float
    {
        return match ($kind) {
            StockKind::Bobbins => $this->bobbins,
            StockKind::Film => $this->filmM2,
        };
    }
}
