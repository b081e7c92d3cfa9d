<?php

declare(strict_types=1);

namespace Hakama\Money;

use RuntimeException;

/** The shop has no price for that. */
final class NoPrice extends RuntimeException
{
    public static function forStitches(string $decoration, int $stitches, int $most): self
    {
        return new self("{$decoration} has {$stitches} stitches and the last band of prices ends at {$most}");
    }

    public static function forPieces(int $pieces, int $least): self
    {
        return new self("the first step of prices begins at {$least} pieces, and there are {$pieces}");
    }
}
