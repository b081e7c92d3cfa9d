<?php

declare(strict_types=1);

namespace Hakama\Setup\Backing;

use Hakama\House\Units;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

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
    public function words(Units $units = Units::Millimetres): Text
    {
        return $this->leaves === []
            ? $this->taken($units)
            : new Text('setup.cut.keep', [
                'taken' => $this->taken($units),
                'left' => new Texts(Joined::Comma, ...array_map(
                    static fn(BackingSupply $left): Text => new Text('setup.cut.left', [
                        'count' => $left->count,
                        'size' => "{$units->figure($left->widthMm)} × {$units->figure($left->lengthMm)}",
                    ]),
                    $this->leaves,
                )),
            ]);
    }

    private function taken(Units $units): Text
    {
        $from = $this->from;

        return $from->form === StockForm::Roll
            ? new Text('setup.cut.from_roll', [
                'count' => $this->count,
                'width' => $units->figure($from->widthMm),
                'gsm' => $from->gsm === null ? 'none' : (string) $from->gsm,
                'across' => $this->across,
                'length' => $units->said($this->lengthMm),
            ])
            : new Text('setup.cut.from_pieces', [
                'count' => $this->count,
                // What is left of an earlier cut has no number yet, but the name of its batch.
                'batch' => ctype_digit($from->id) ? '' : $from->id,
                'form' => $from->form->value,
                'size' => "{$units->figure($from->widthMm)} × {$units->figure($from->lengthMm)}",
            ]);
    }
}
