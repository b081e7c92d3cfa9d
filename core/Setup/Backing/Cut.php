<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

use Hakama\House\Units;

/** Pieces for one batch cut from, or taken out of, one stock. */
final readonly class Cut
{
    /**
     * @param int                $across   pieces side by side on a roll, 0 for what is not a roll
     * @param float              $lengthMm taken off a roll
     * @param list<BackingSupply> $leaves   off-cuts that are worth keeping
     */
    public function __construct(
        public CutWant $want,
        public BackingSupply $from,
        public int $count,
        public int $across = 0,
        public float $lengthMm = 0.0,
        public array $leaves = [],
    ) {}

    /** "6 from the roll of 500: 2 side by side, 600 mm of it; keep 100 × 200". */
    public function words(Units $units = Units::Millimetres): string
    {
        $from = $this->from;
        $words =
            $from->form === StockForm::Roll
                ? sprintf(
                    '%d from the roll of %s%s: %d side by side, %s of it',
                    $this->count,
                    $units->figure($from->widthMm),
                    $from->gsm === null ? '' : ", {$from->gsm} g/m²",
                    $this->across,
                    $units->said($this->lengthMm),
                )
                : sprintf(
                    '%d from %s%ss of %s × %s',
                    $this->count,
                    // What is left of an earlier cut has no number yet, but the name of its batch.
                    ctype_digit($from->id) ? '' : "{$from->id}, ",
                    $from->form->label(),
                    $units->figure($from->widthMm),
                    $units->figure($from->lengthMm),
                );
        foreach ($this->leaves as $left) {
            $words .= sprintf(
                '; keep %s%s × %s',
                $left->count > 1 ? "{$left->count} × " : '',
                $units->figure($left->widthMm),
                $units->figure($left->lengthMm),
            );
        }

        return $words;
    }
}
