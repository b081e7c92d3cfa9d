<?php

declare(strict_types=1);

namespace Hakama\Stitch\Copies;

use DomainException;

/** The copies cannot be laid as asked. */
final class DoesNotFit extends DomainException
{
    public static function grid(int $most): self
    {
        return new self(sprintf('copies are laid in 1 to %d columns and rows, with a gap of 0 mm or more', $most));
    }

    public static function one(float $width, float $height, float $fieldWidth, float $fieldHeight): self
    {
        return new self(
            sprintf(
                'the design is %.1f × %.1f mm and the field %.1f × %.1f: not even one copy goes in',
                $width,
                $height,
                $fieldWidth,
                $fieldHeight,
            ),
        );
    }

    public static function copies(
        int $columns,
        int $rows,
        float $width,
        float $height,
        float $fieldWidth,
        float $fieldHeight,
        int $mostColumns,
        int $mostRows,
    ): self {
        return new self(
            sprintf(
                '%d × %d copies take %.1f × %.1f mm and the field is %.1f × %.1f: at most %d × %d go in',
                $columns,
                $rows,
                $width,
                $height,
                $fieldWidth,
                $fieldHeight,
                $mostColumns,
                $mostRows,
            ),
        );
    }
}
