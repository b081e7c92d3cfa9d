<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use App\Artwork\Models\Artwork;

/** A stitch file. */
final readonly class ArtworkShape extends ApiShape
{
    /**
     * @param bool   $isRead   a long file is read after it came; its figures are 0 till then
     * @param int    $changes  of colour
     * @param float  $widthMm  of what is sewn
     * @param float  $heightMm of what is sewn
     * @param string $checksum SHA-256 of the file
     */
    private function __construct(
        public int $id,
        public string $name,
        public bool $isRead,
        public int $stitches,
        public int $changes,
        public float $widthMm,
        public float $heightMm,
        public string $checksum,
    ) {}

    public static function of(Artwork $artwork): self
    {
        $isRead = $artwork->read_at !== null;

        return new self(
            $artwork->id,
            $artwork->name,
            $isRead,
            $isRead ? $artwork->stitches : 0,
            $isRead ? $artwork->changes : 0,
            $isRead ? round($artwork->right_mm - $artwork->left_mm, 1) : 0.0,
            $isRead ? round($artwork->top_mm - $artwork->bottom_mm, 1) : 0.0,
            $artwork->checksum,
        );
    }
}
