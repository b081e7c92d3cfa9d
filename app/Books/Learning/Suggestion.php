<?php

declare(strict_types=1);

namespace App\Books\Learning;

use App\Machine\Models\Machine;
use Hakama\Books\TimeFactor;
use Hakama\Garment\Fabric;

/** What was logged of one machine and one cloth, and what would be reckoned by it. */
final readonly class Suggestion
{
    /** Nearer than this to what is in force it is not worth a word. */
    private const WORTH = 0.02;

    /** @param TimeFactor|null $learned null where nothing was sewn since what is in force was taken */
    public function __construct(
        public Machine $machine,
        public Fabric $fabric,
        public ?TimeFactor $learned,
        public float $inForce,
        public ?float $left,
        public bool $shifted,
    ) {}

    /** What would be in force if it were taken. */
    public function offered(): float
    {
        return $this->learned === null ? $this->inForce : round($this->inForce * $this->learned->factor, 3);
    }

    public function isOffered(): bool
    {
        return abs($this->offered() - $this->inForce) >= self::WORTH
            && ($this->left === null || abs($this->offered() - $this->left) >= self::WORTH);
    }
}
