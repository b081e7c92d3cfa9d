<?php

declare(strict_types=1);

namespace Hakama\Setup\Placement;

use Hakama\Garment\Datum;
use Hakama\House\Units;
use Hakama\Words\Joined;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/** Where a design goes, as a person measures it. Starting values: the shop measures once and keeps its own. */
final readonly class Placement
{
    /**
     * @param float  $downMm   from the datum downwards; below zero is upwards; at a corner along its bisector
     * @param float  $acrossMm from the line, towards the wearer's left; below zero towards the right
     * @param Line   $line     what the design is centred on, or measured across from
     * @param string $peg      of the hooping station, where one was found for this garment, size and place
     */
    public function __construct(
        public Datum $datum,
        public Edge $edge,
        public float $downMm,
        public float $acrossMm,
        public Line $line,
        public string $peg = '',
    ) {}

    public function equals(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    /** What is measured from, and to what of the design. */
    public function from(): Text
    {
        return new Text('setup.place.from', [
            'datum' => $this->datum->label(),
            'way' => $this->downMm < 0 && $this->datum !== Datum::CornerInside ? 'up' : 'down',
            'edge' => $this->edge->value,
            'across' => $this->isCentred()
                ? $this->line->on()
                : new Text('setup.place.across_from', ['side' => $this->side()]),
        ]);
    }

    private function side(): string
    {
        return $this->acrossMm > 0 ? 'left' : 'right';
    }

    /** Each measure as a person reads it off: how much, which way, from which seam. */
    public function words(Units $units = Units::Millimetres): Texts
    {
        if ($this->datum === Datum::CornerInside) {
            return new Texts(
                Joined::Semicolon,
                new Text('setup.place.along_bisector', [
                    'length' => $units->length($this->downMm),
                    'edge' => $this->edge->value,
                ]),
                new Text('setup.place.in_from_edging', [
                    'length' => $units->length(WorkedMark::inFromEdges($this->downMm, 90.0)),
                ]),
            );
        }

        return new Texts(
            Joined::Semicolon,
            abs($this->downMm) > 0.0 || $this->datum !== Datum::Middle
                ? new Text($this->downMm < 0 ? 'setup.place.up_from' : 'setup.place.down_from', [
                    'length' => $units->length(abs($this->downMm)),
                    'datum' => $this->datum->label(),
                    'edge' => $this->edge->value,
                ])
                : '',
            $this->isCentred()
                ? $this->line->on()
                : new Text('setup.place.across', [
                    'length' => $units->length(abs($this->acrossMm)),
                    'side' => $this->side(),
                ]),
            $this->peg === '' ? '' : new Text('setup.place.peg_of_station', ['peg' => $this->peg]),
        );
    }

    /** In few words, as it stands beside a piece: "198 mm down, 100 mm across, peg 12". */
    public function brief(Units $units = Units::Millimetres): Texts
    {
        $down = "{$units->field(abs($this->downMm))} {$units->label()}";
        $across = "{$units->field(abs($this->acrossMm))} {$units->label()}";

        return new Texts(
            Joined::Comma,
            match (true) {
                $this->datum === Datum::CornerInside => new Text('setup.place.brief_bisector', ['length' => $down]),
                abs($this->downMm) <= 0.0 => '',
                $this->downMm < 0 => new Text('setup.place.brief_up', ['length' => $down]),
                default => new Text('setup.place.brief_down', ['length' => $down]),
            },
            match (true) {
                $this->isCentred() => $this->datum === Datum::CornerInside ? '' : new Text('setup.place.brief_centred'),
                $this->acrossMm < 0 => new Text('setup.place.brief_across_right', ['length' => $across]),
                default => new Text('setup.place.brief_across', ['length' => $across]),
            },
            $this->peg === '' ? '' : new Text('setup.place.brief_peg', ['peg' => $this->peg]),
        );
    }

    public function isCentred(): bool
    {
        return abs($this->acrossMm) < 1e-9;
    }

    /** The same place with the figures that were found for one garment. */
    public function kept(FoundPlacement $kept): self
    {
        return new self(
            $this->datum,
            $this->edge,
            $kept->downMm ?? $this->downMm,
            $kept->acrossMm ?? $this->acrossMm,
            $this->line,
            $kept->peg,
        );
    }
}
