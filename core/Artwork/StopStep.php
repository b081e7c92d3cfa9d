<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Machine\HaltRules;

/** One line of the stop sheet: a block, and what happens when it is sewn. */
final readonly class StopStep
{
    /**
     * @param int  $block    from 1
     * @param int  $from     the first stitch of the block, from 1
     * @param int  $to       its last
     * @param bool $decided  false while the role is only proposed
     * @param float $trimMm length of the outlines of cloth that are trimmed at the stop after it
     * @param StopAction|null $action at the stop after it; null after the last block, where no stop is
     */
    public function __construct(
        public int $block,
        public int $from,
        public int $to,
        public BlockRole $role,
        public bool $decided,
        public ?StopAction $action,
        public string $note,
        public string $because,
        public float $trimMm = 0.0,
    ) {}

    public function halts(): bool
    {
        return $this->action?->halts() ?? false;
    }

    /** How long the hands take at the stop after it; 0 where the machine goes on by itself. */
    public function handsS(HaltRules $rules): float
    {
        return match (true) {
            ! $this->halts() => 0.0,
            $this->action === StopAction::TrimCloth => $rules->trimS + $this->trimMm / $rules->trimMmPerS,
            default => $rules->ownS[$this->action?->value] ?? $rules->handS,
        };
    }
}
