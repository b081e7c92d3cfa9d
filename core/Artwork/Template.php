<?php

declare(strict_types=1);

namespace Hakama\Artwork;

use Hakama\Picture\Targets;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Point;

/**
 * How a design lies on paper at its real size: on one sheet when it goes on one, else on several that
 * overlap and are glued edge to edge.
 */
final readonly class Template
{
    public const OVERLAP_MM = 10.0;
    public const RULE_MM = 50.0;

    /** The centre cross reaches so far beyond the design, and the arrow stands there. */
    public const AROUND_MM = 8.0;

    /** @param list<Tile> $tiles row by row from the top */
    private function __construct(
        public Paper $paper,
        public Bounds $bounds,
        public int $columns,
        public int $rows,
        public array $tiles,
    ) {}

    public static function of(Bounds $bounds, Paper $paper): self
    {
        [$areaWidth, $areaHeight] = [
            $paper->widthMm() - 2 * Tile::MARGIN_MM,
            $paper->heightMm() - Tile::HEAD_MM - Tile::FOOT_MM,
        ];
        [$width, $height] = [$bounds->width() + 2 * self::AROUND_MM, $bounds->height() + 2 * self::AROUND_MM];
        $columns = self::along($width, $areaWidth);
        $rows = self::along($height, $areaHeight);
        // What is left over is shared out evenly, so that the design stands in the middle of its sheets.
        $left = $bounds->centre()->x - ($columns * $areaWidth - ($columns - 1) * self::OVERLAP_MM) / 2;
        $top = $bounds->centre()->y + ($rows * $areaHeight - ($rows - 1) * self::OVERLAP_MM) / 2;
        $tiles = [];
        for ($row = 1; $row <= $rows; $row++) {
            for ($column = 1; $column <= $columns; $column++) {
                $tiles[] = new Tile(
                    $column,
                    $row,
                    $left + ($column - 1) * ($areaWidth - self::OVERLAP_MM),
                    $top - ($row - 1) * ($areaHeight - self::OVERLAP_MM),
                );
            }
        }

        return new self($paper, $bounds, $columns, $rows, $tiles);
    }

    public function centre(): Point
    {
        return $this->bounds->centre();
    }

    /** Targets by which a picture of it is measured; null where they do not go on one sheet with the design. */
    public function targets(): ?Targets
    {
        $targets = Targets::around($this->bounds);
        $tile = $this->tiles[0];
        $reach = Targets::RADIUS_MM + 1.0;
        foreach ($targets->places as $place) {
            $at = $tile->onPaper($this->centre()->moved($place->x, $place->y));
            if (
                count($this->tiles) > 1
                || $at->x < Tile::MARGIN_MM + $reach
                || $at->x > Tile::MARGIN_MM + $this->areaWidthMm() - $reach
                || $at->y < Tile::HEAD_MM + $reach
                || $at->y > Tile::HEAD_MM + $this->areaHeightMm() - $reach
            ) {
                return null;
            }
        }

        return $targets;
    }

    public function areaWidthMm(): float
    {
        return $this->paper->widthMm() - 2 * Tile::MARGIN_MM;
    }

    public function areaHeightMm(): float
    {
        return $this->paper->heightMm() - Tile::HEAD_MM - Tile::FOOT_MM;
    }

    /** @return positive-int */
    private static function along(float $length, float $area): int
    {
        return $length <= $area
            ? 1
            : max(1, (int) ceil(($length - self::OVERLAP_MM) / ($area - self::OVERLAP_MM) - 1e-9));
    }
}
