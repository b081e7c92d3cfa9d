<?php

declare(strict_types=1);

namespace Hakama\Stitch\Copies;

use Hakama\Stitch\Point;

/** Copies of one design in columns and rows, with a gap between their boxes. */
final readonly class Grid
{
    public const MOST = 40;

    private function __construct(public int $columns, public int $rows, public float $gapMm) {}

    /** @throws DoesNotFit when a side is not 1 to 40, or the gap is below zero */
    public static function of(int $columns, int $rows, float $gapMm): self
    {
        if (min($columns, $rows) < 1 || max($columns, $rows) > self::MOST || $gapMm < 0) {
            throw DoesNotFit::grid(self::MOST);
        }

        return new self($columns, $rows, $gapMm);
    }

    /**
     * As many copies as go into a field.
     *
     * @throws DoesNotFit when not even one does
     */
    public static function mostIn(
        float $fieldWidthMm,
        float $fieldHeightMm,
        float $widthMm,
        float $heightMm,
        float $gapMm,
    ): self {
        $along = static fn(float $field, float $side): int => min(
            self::MOST,
            (int) floor(($field + $gapMm + 1e-9) / ($side + $gapMm)),
        );
        [$columns, $rows] = [$along($fieldWidthMm, $widthMm), $along($fieldHeightMm, $heightMm)];

        return min($columns, $rows) < 1
            ? throw DoesNotFit::one($widthMm, $heightMm, $fieldWidthMm, $fieldHeightMm)
            : self::of($columns, $rows, $gapMm);
    }

    /**
     * @throws DoesNotFit when the copies reach beyond the field
     */
    public function mustFit(float $fieldWidthMm, float $fieldHeightMm, float $widthMm, float $heightMm): void
    {
        [$allWidth, $allHeight] = [
            $this->columns * $widthMm + ($this->columns - 1) * $this->gapMm,
            $this->rows * $heightMm + ($this->rows - 1) * $this->gapMm,
        ];
        if ($allWidth > $fieldWidthMm + 1e-9 || $allHeight > $fieldHeightMm + 1e-9) {
            $most = self::mostIn($fieldWidthMm, $fieldHeightMm, $widthMm, $heightMm, $this->gapMm);
            throw DoesNotFit::copies(
                $this->columns,
                $this->rows,
                $allWidth,
                $allHeight,
                $fieldWidthMm,
                $fieldHeightMm,
                $most->columns,
                $most->rows,
            );
        }
    }

    public function copies(): int
    {
        return $this->columns * $this->rows;
    }

    /**
     * The middles of the copies about the middle of all of them, row by row from the bottom, to and fro,
     * so that the way from each to the next is short.
     *
     * @return list<Point>
     */
    public function middles(float $widthMm, float $heightMm): array
    {
        $middles = [];
        for ($row = 0; $row < $this->rows; $row++) {
            for ($step = 0; $step < $this->columns; $step++) {
                $column = $row % 2 === 0 ? $step : $this->columns - 1 - $step;
                $middles[] = new Point(
                    ($column - ($this->columns - 1) / 2) * ($widthMm + $this->gapMm),
                    ($row - ($this->rows - 1) / 2) * ($heightMm + $this->gapMm),
                );
            }
        }

        return $middles;
    }
}
