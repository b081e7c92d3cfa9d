<?php

declare(strict_types=1);

namespace Hakama\Thread;

/** How much thread a stretch of sewing takes, metres. */
final readonly class ThreadUse
{
    private function __construct(public float $topM, public float $bobbinM) {}

    /** @param float $sewnMm sewn length, jumps left out */
    public static function of(float $sewnMm, int $stitches, ThreadUseRules $rules): self
    {
        return new self(
            (($rules->topPerLength * $sewnMm + $rules->topPerStitchMm * $stitches) * (1 + $rules->waste)) / 1000,
            (($rules->bobbinPerLength * $sewnMm + $rules->bobbinPerStitchMm * $stitches) * (1 + $rules->waste)) / 1000,
        );
    }

    public function share(float $of): self
    {
        return new self($of * $this->topM, $of * $this->bobbinM);
    }
}
