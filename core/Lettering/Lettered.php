<?php

declare(strict_types=1);

namespace Hakama\Lettering;

use Hakama\Stitch\Pattern;

/** A text as it is sewn: its middle lies at the middle of what is sewn. */
final readonly class Lettered
{
    /**
     * @param float                         $heightMm  of the capitals
     * @param float                         $narrowed  share of their own width that the letters have
     * @param float                         $columnMm  how wide a column is drawn; 0 where lines are sewn
     * @param list<list<array{float, float}>> $lines   the middle lines of what is drawn, mm
     */
    public function __construct(
        public string $text,
        public Pattern $pattern,
        public float $widthMm,
        public float $heightMm,
        public float $narrowed,
        public float $columnMm,
        public array $lines,
    ) {}
}
