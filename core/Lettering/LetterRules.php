<?php

declare(strict_types=1);

namespace Hakama\Lettering;

/** How letters are made to stitches; the shop's own figures come from its house rules. */
final readonly class LetterRules
{
    /**
     * @param float $pullMm      a column is sewn so much wider on each side, because its stitches pull it in
     * @param float $rowMm       from one needle point to the next on the same side of a column
     * @param float $trimOverMm  the thread is cut where the way to the next letter is longer
     * @param float $narrowest   share of their width to which letters are narrowed before they are made lower
     * @param float $blockMm     least height of capitals in block letters
     * @param float $scriptMm    the same in script
     * @param float $smallMm     the same in the small alphabet
     */
    public function __construct(
        public float $pullMm,
        public float $rowMm,
        public float $trimOverMm,
        public float $narrowest,
        public float $blockMm,
        public float $scriptMm,
        public float $smallMm,
    ) {}

    /** The least height of capitals, mm. */
    public function leastMm(Alphabet $alphabet): float
    {
        return match ($alphabet) {
            Alphabet::Block, Alphabet::Rounded => $this->blockMm,
            Alphabet::Script => $this->scriptMm,
            Alphabet::Small => $this->smallMm,
        };
    }
}
