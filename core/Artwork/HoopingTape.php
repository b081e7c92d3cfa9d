<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Stitch\Bounds;

/** What one hooping of a piece sews: a tape of its own, its mark at nought. */
final readonly class HoopingTape
{
    /** @param array<int, int> $blocks block of the artwork, from 1 => stitches of it in this hooping */
    public function __construct(
        public int $number,
        public string $bytes,
        public string $checksum,
        public Bounds $bounds,
        public array $blocks,
    ) {}

    /**
     * Stitches of this hooping after which the machine halts for a hand.
     *
     * @return list<int>
     */
    public function halts(StopSheet $whole): array
    {
        $halts = [];
        $sewn = 0;
        $last = array_key_last($this->blocks);
        foreach ($this->blocks as $number => $stitches) {
            $sewn += $stitches;
            if ($number !== $last && ($whole->steps[$number - 1] ?? null)?->halts() === true) {
                $halts[] = $sewn;
            }
        }

        return $halts;
    }

    /** The block in which a stitch of it is sewn. */
    public function blockAt(int $stitch): ?int
    {
        $sewn = 0;
        foreach ($this->blocks as $number => $stitches) {
            $sewn += $stitches;
            if ($stitch <= $sewn) {
                return $number;
            }
        }

        return null;
    }

    public function stitches(): int
    {
        return array_sum($this->blocks);
    }
}
