<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector;

use Hakama\Stitch\Pattern;
use Hakama\Words\Text;

/** A drawing as it is sewn: its lines as a pattern about their own middle, and the colour of each block. */
final readonly class Drawing
{
    /**
     * @param list<string> $colours #rrggbb, one per block
     * @param list<string> $leftOut     names of elements that cannot be sewn, such as text
     * @param int          $areas       that are filled with a colour, of which the edge alone is sewn
     * @param bool         $saysItsSize whether it says how large it is; else 96 of its units are an inch
     */
    public function __construct(
        public Pattern $pattern,
        public array $colours,
        public array $leftOut,
        public int $areas = 0,
        public bool $saysItsSize = true,
    ) {}

    /**
     * What a person has to know of it before it is sewn.
     *
     * @return list<Text> sentences; none where all of it is sewn as drawn
     */
    public function findings(): array
    {
        return [
            ...$this->leftOut === []
                ? []
                : [new Text('artwork.drawing_note.left_out', [
                    'left_out' => implode(', ', array_slice($this->leftOut, 0, 8)),
                ])],
            ...($this->areas === 0 ? [] : [new Text('artwork.drawing_note.filled_areas', ['count' => $this->areas])]),
            ...$this->saysItsSize
                ? []
                : [
                    new Text('artwork.drawing_note.no_size'),
                ],
        ];
    }
}
