<?php

declare(strict_types=1);

namespace App\Orders\Names;

use Hakama\Lettering\Lettered;
use Hakama\Stitch\Figures\BlockFigures;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Pattern;

/** A text as it is sewn, alone and with the design it stands under. */
final readonly class SewnText
{
    public function __construct(public Lettered $lettered, public PatternFigures $alone, public Pattern $pattern) {}

    /** What is sewn of the text alone, mm. */
    public function aloneMm(): float
    {
        return array_sum(array_map(static fn(BlockFigures $block): float => $block->lengthMm, $this->alone->blocks));
    }

    /** How many stitches it has with the design. */
    public function stitches(): int
    {
        return array_sum(array_column($this->pattern->blockSpans(), 'stitches'));
    }
}
