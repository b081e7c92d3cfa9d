<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector;

use Hakama\Stitch\Pattern;

/** A drawing as it is sewn: its lines as a pattern about their own middle, and the colour of each block. */
final readonly class Drawing
{
    /**
     * @param list<string> $colours #rrggbb, one per block
     * @param list<string> $leftOut names of elements that cannot be sewn, such as text
     */
    public function __construct(public Pattern $pattern, public array $colours, public array $leftOut) {}
}
