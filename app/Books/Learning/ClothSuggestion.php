<?php

declare(strict_types=1);

namespace App\Books\Learning;

use Hakama\Books\LearnedRate;
use Hakama\Garment\Fabric;

/** How much was spoiled of one cloth, and what quotes would reckon with by it. */
final readonly class ClothSuggestion
{
    /** Nearer than so many percent of all pieces to what is in force it is not worth a word. */
    private const WORTH = 0.2;
    /** Fewer pieces say nothing of a cloth yet. */
    private const LEAST = 20;

    /**
     * @param LearnedRate|null $learned null where nothing of it is logged of late
     * @param float      $house  percent that is reckoned where a cloth has none of its own
     * @param float|null $own    that was taken for this cloth
     * @param float|null $left   that was offered and left
     * @param int        $open   pieces on it that are still to be sewn
     */
    public function __construct(
        public Fabric $fabric,
        public ?LearnedRate $learned,
        public float $house,
        public ?float $own,
        public ?float $left,
        public int $open,
    ) {}

    public function inForce(): float
    {
        return $this->own ?? $this->house;
    }

    /** Percent that would be in force if it were taken. */
    public function offered(): float
    {
        return $this->learned === null ? $this->inForce() : round(100 * $this->learned->rate, 1);
    }

    public function isOffered(): bool
    {
        return $this->learned !== null
            && $this->learned->of >= self::LEAST
            && $this->isFar($this->inForce())
            && ($this->left === null || $this->isFar($this->left));
    }

    private function isFar(float $percent): bool
    {
        return abs($this->offered() - $percent) >= self::WORTH - 1e-9;
    }
}
