<?php

declare(strict_types=1);

namespace Hakama\Floor;

/**
 * What labels are printed on: a sheet that is divided evenly within its margin, or a roll with one label after the
 * other.
 */
enum LabelStock: string
{
    case Sheet = 'sheet';
    case SheetOfFourteen = 'sheet-2x7';
    case SheetOfForty = 'sheet-4x10';
    case Roll = 'roll';
    case NarrowRoll = 'roll-57x32';
    case WideRoll = 'roll-100x50';

    private const MARGIN_MM = 10.0;

    public function isRoll(): bool
    {
        return str_starts_with($this->value, 'roll');
    }

    /** @return array{int, int} labels beside and below each other on a page */
    public function grid(): array
    {
        return match ($this) {
            self::Sheet => [3, 8],
            self::SheetOfFourteen => [2, 7],
            self::SheetOfForty => [4, 10],
            default => [1, 1],
        };
    }

    public function marginMm(): float
    {
        return $this->isRoll() ? 0.0 : self::MARGIN_MM;
    }

    /** @return array{float, float}|null width and height of a page in mm; null for a sheet of paper as the shop has it */
    public function pageMm(): ?array
    {
        return match ($this) {
            self::Roll => [62.0, 32.0],
            self::NarrowRoll => [57.0, 32.0],
            self::WideRoll => [100.0, 50.0],
            default => null,
        };
    }
}
