<?php

declare(strict_types=1);

namespace App\Plan;

use Hakama\Artwork\SheetBlock;

/** One block of the design of a batch, with the thread it is sewn in. */
final readonly class BatchBlock
{
    /** @param int|null $cloth that is laid on its line */
    public function __construct(
        public string $thread,
        public string $hex,
        public int $weight,
        public float $lengthMm,
        public SheetBlock $sheet,
        public ?int $cloth = null,
    ) {}

    /** So many of its stitches, where one of several hoopings sews it. */
    public function sewing(int $stitches): self
    {
        $lengthMm = ($this->lengthMm * $stitches) / max(1, $this->sheet->stitches);

        return new self(
            $this->thread,
            $this->hex,
            $this->weight,
            $lengthMm,
            new SheetBlock(
                $stitches,
                $this->sheet->proposed,
                $this->sheet->role,
                $this->sheet->action,
                $this->sheet->note,
                $lengthMm,
                $this->sheet->also,
            ),
            $this->cloth,
        );
    }

    /** The same block in another thread. */
    public function in(string $thread, string $hex, int $weight): self
    {
        return new self($thread, $hex, $weight, $this->lengthMm, $this->sheet, $this->cloth);
    }
}
