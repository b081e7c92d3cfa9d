<?php

declare(strict_types=1);

namespace App\Plan;

use Hakama\Artwork\HoopingTape;
use Hakama\Artwork\SheetBlock;
use Hakama\Artwork\StopSheet;
use Hakama\Stitch\Bounds;

/** What is sewn. */
final readonly class BatchDesign
{
    /**
     * @param non-empty-list<BatchBlock> $blocks
     * @param bool                       $named  each piece has a text of its own: one head sews it
     * @param bool                       $preCut cloth is cut to its shape before it is laid
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $checksum,
        public int $stitches,
        public Bounds $bounds,
        public array $blocks,
        public bool $named = false,
        public bool $preCut = false,
    ) {}

    /** What one of several hoopings sews of it. */
    public function hooped(HoopingTape $tape): self
    {
        $blocks = array_map(
            fn(int $number, int $stitches): BatchBlock => $this->blocks[$number - 1]->sewing($stitches),
            array_keys($tape->blocks),
            $tape->blocks,
        );

        return new self(
            $this->id,
            $this->name,
            $tape->checksum,
            $tape->stitches(),
            $tape->bounds,
            $blocks === [] ? $this->blocks : array_values($blocks),
            $this->named,
            $this->preCut,
        );
    }

    public function stopSheet(): StopSheet
    {
        return StopSheet::of(
            array_map(static fn(BatchBlock $block): SheetBlock => $block->sheet, $this->blocks),
            $this->preCut,
        );
    }

    /** @return non-empty-list<string> thread code per block */
    public function threads(): array
    {
        return array_map(static fn(BatchBlock $block): string => $block->thread, $this->blocks);
    }

    /** @return non-empty-list<string> #rrggbb per block */
    public function colours(): array
    {
        return array_map(static fn(BatchBlock $block): string => $block->hex, $this->blocks);
    }
}
