<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

/** Backing that a batch wants: how many pieces of which size. */
final readonly class CutWant
{
    private function __construct(
        public string $batch,
        public Backing $kind,
        public float $widthMm,
        public float $heightMm,
        public int $count,
        public float $shortMm,
        public ?float $leastGsm,
    ) {}

    /**
     * Pieces times layers, and a share more for what is spoiled, rounded up.
     *
     * @param int   $pieces   to sew
     * @param float $spoilage share, 0.05 for one in twenty
     * @param float|null $leastGsm what is lighter is not cut for it; null where any weight will do
     * @param float $shortMm  so much smaller each way a piece may be that is there, before a roll is cut
     */
    public static function of(
        string $batch,
        Layers $layers,
        BackingPiece $piece,
        int $pieces,
        float $spoilage,
        float $shortMm = 0.0,
        ?float $leastGsm = null,
    ): self {
        // Rounded first to a hair, so that 20 · 1.05 is 21 and not 22.
        return new self(
            $batch,
            $layers->backing,
            $piece->widthMm,
            $piece->heightMm,
            (int) ceil(round($pieces * $layers->count * (1 + $spoilage), 6)),
            max(0.0, $shortMm),
            $leastGsm,
        );
    }
}
