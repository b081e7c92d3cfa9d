<?php

declare(strict_types=1);

namespace Hakama\Stitch;

use InvalidArgumentException;

final class NoPlaceForAStop extends InvalidArgumentException
{
    public static function beyondTheEnd(int $stitch): self
    {
        return new self(
            sprintf('there is no stitch to come after stitch %d, so a stop there halts nothing', $stitch),
        );
    }

    public static function standsAlready(int $stitch): self
    {
        return new self(sprintf('a stop stands after stitch %d already', $stitch));
    }
}
