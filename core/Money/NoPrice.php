<?php

declare(strict_types=1);

namespace Hakama\Money;

use Hakama\Words\Refusal;
use Hakama\Words\Text;

/** The shop has no price for that. */
final class NoPrice extends Refusal
{
    public static function forStitches(string $decoration, int $stitches, int $most): self
    {
        return new self(new Text('money.no_price.for_stitches', [
            'decoration' => $decoration,
            'stitches' => $stitches,
            'most' => $most,
        ]));
    }

    public static function forPieces(int $pieces, int $least): self
    {
        return new self(new Text('money.no_price.for_pieces', ['least' => $least, 'pieces' => $pieces]));
    }
}
