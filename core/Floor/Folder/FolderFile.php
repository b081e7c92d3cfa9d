<?php

declare(strict_types=1);

namespace Hakama\Floor\Folder;

use Hakama\Stitch\Bounds;

/** One tape of a machine's folder, and what has to be set at the panel for it. */
final readonly class FolderFile
{
    /**
     * @param string                                  $name     01106K7Q.DST
     * @param string                                  $part     which hooping of several it is, or the name it sews; ''
     *     where it sews all there is
     * @param int                                     $pieces   still to sew from it
     * @param string                                  $checksum SHA-256
     * @param int                                     $turnDeg  by which the panel turns it
     * @param Bounds                                  $bounds   of it, from where it starts
     * @param list<array{needle: int, thread: string}> $needles  by block
     * @param list<int>                               $halts    stitches after which it waits for a hand
     */
    public function __construct(
        public string $name,
        public string $batch,
        public string $design,
        public string $part,
        public string $garment,
        public string $position,
        public int $pieces,
        public string $checksum,
        public int $bytes,
        public int $stitches,
        public string $frame,
        public int $turnDeg,
        public int $speedSpm,
        public Bounds $bounds,
        public array $needles,
        public array $halts,
    ) {}

    /** @return array<string, mixed> as docs/machines.md describes it */
    public function facts(): array
    {
        $centre = $this->bounds->centre();

        return [
            'name' => $this->name,
            'batch' => $this->batch,
            'design' => $this->design,
            'part' => $this->part,
            'garment' => $this->garment,
            'position' => $this->position,
            'pieces' => $this->pieces,
            'sha256' => $this->checksum,
            'bytes' => $this->bytes,
            'stitches' => $this->stitches,
            'frame' => $this->frame,
            'turn_deg' => $this->turnDeg,
            'speed_spm' => $this->speedSpm,
            'width_mm' => round($this->bounds->width(), 1),
            'height_mm' => round($this->bounds->height(), 1),
            'centre_mm' => [round($centre->x, 1), round($centre->y, 1)],
            'needles' => array_map(
                static fn(int $i, array $one): array => ['block' => $i + 1, ...$one],
                array_keys($this->needles),
                $this->needles,
            ),
            'halts' => $this->halts,
        ];
    }

    /** Needle after needle, as a panel takes it: "10-9-11". */
    public function program(): string
    {
        return implode('-', array_column($this->needles, 'needle'));
    }
}
