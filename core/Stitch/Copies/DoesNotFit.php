<?php

declare(strict_types=1);

namespace Hakama\Stitch\Copies;

use Hakama\Words\Decimal;
use Hakama\Words\Refusal;
use Hakama\Words\Text;

/** The copies cannot be laid as asked. */
final class DoesNotFit extends Refusal
{
    public static function grid(int $most): self
    {
        return new self(new Text('artwork.copies.grid', ['most' => $most]));
    }

    public static function one(float $width, float $height, float $fieldWidth, float $fieldHeight): self
    {
        return new self(
            new Text('artwork.copies.not_even_one', [
                'width' => new Decimal($width),
                'height' => new Decimal($height),
                'field_width' => new Decimal($fieldWidth),
                'field_height' => new Decimal($fieldHeight),
            ]),
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
            new Text('artwork.copies.too_many', [
                'columns' => $columns,
                'rows' => $rows,
                'width' => new Decimal($width),
                'height' => new Decimal($height),
                'field_width' => new Decimal($fieldWidth),
                'field_height' => new Decimal($fieldHeight),
                'most_columns' => $mostColumns,
                'most_rows' => $mostRows,
            ]),
        );
    }
}
