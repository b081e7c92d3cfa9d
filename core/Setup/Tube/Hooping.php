<?php

declare(strict_types=1);

namespace Hakama\Setup\Tube;

/** One hooping along a tube. */
final readonly class Hooping
{
    /**
     * @param non-empty-list<Motif> $motifs whole in it
     * @param float                 $markMm where the template's cross goes: the middle of what is sewn here
     */
    public function __construct(
        public array $motifs,
        public float $fromMm,
        public float $toMm,
        public float $markMm,
    ) {}
}
