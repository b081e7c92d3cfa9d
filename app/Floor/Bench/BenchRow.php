<?php

declare(strict_types=1);

namespace App\Floor\Bench;

use App\Plan\OpenBatch;
use App\Setup\Models\KeptPlacement;
use App\Stock\Models\BackingCut;
use Hakama\Garment\Size;

/** Pieces of one size of one batch that wait for a frame. */
final readonly class BenchRow
{
    /**
     * @param list<int>          $pieces that wait, in their order
     * @param string             $place  where the design goes on this size, in few words
     * @param BackingCut|null    $cut    when its backing was cut; null: it is not yet
     * @param KeptPlacement|null $kept   the place that was found once on this size
     * @param string             $when   by when its machine wants something, in words; '' where it wants nothing now
     * @param bool               $isOn   its machine sews this batch, or begins with it
     */
    public function __construct(
        public string $machine,
        public OpenBatch $batch,
        public string $size,
        public array $pieces,
        public string $place,
        public BenchFrame $frame,
        public ?BackingCut $cut,
        public ?KeptPlacement $kept,
        public string $when,
        public bool $isOn,
    ) {}

    public function sizeLabel(): string
    {
        return $this->size === Size::One->value ? __('floor.bench_row.one_size') : $this->size;
    }

    /** Only what its machine sews now is hooped ahead: a frame that waits for another batch is one too few. */
    public function isHoopable(): bool
    {
        return $this->isOn && $this->frame->free > 0;
    }
}
