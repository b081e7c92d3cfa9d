<?php

declare(strict_types=1);

namespace App\Stock;

/** Cloth that is laid on: what is left on the bolt, and what open batches will take of it. */
final readonly class Bolt
{
    /**
     * @param list<array{string, int|null, float}> $wanted in the order they are sewn: batch, when its changeover begins,
     *     and mm of length
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $hex,
        public float $widthMm,
        public float $leftMm,
        public array $wanted,
    ) {}

    public function reservedMm(): float
    {
        return array_sum(array_column($this->wanted, 2));
    }
}
