<?php

declare(strict_types=1);

namespace Hakama\Setup\Placement;

use Hakama\Garment\Datum;
use Hakama\House\Units;

/** Where a design goes, as a person measures it. Starting values: the shop measures once and keeps its own. */
final readonly class Placement
{
    /**
     * @param float  $downMm   from the datum downwards; below zero is upwards; at a corner along its bisector
     * @param float  $acrossMm from the line, towards the wearer's left; below zero towards the right
     * @param string $line     what the design is centred on, or measured across from
     * @param string $peg      of the hooping station, where one was found for this garment, size and place
     */
    public function __construct(
        public Datum $datum,
        public Edge $edge,
        public float $downMm,
        public float $acrossMm,
        public string $line,
        public string $peg = '',
    ) {}

    public function equals(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    /** What is measured from, and to what of the design. */
    public function from(): string
    {
        return sprintf(
            '%s, %sto the %s of the design; %s',
            $this->datum->value,
            $this->downMm < 0 && $this->datum !== Datum::CornerInside ? 'upwards ' : '',
            $this->edge->value,
            $this->isCentred()
                ? $this->line
                : "across from the {$this->line}, towards the wearer’s ".($this->acrossMm > 0 ? 'left' : 'right'),
        );
    }

    /** @return list<string> each measure as a person reads it off: how much, which way, from which seam */
    public function words(Units $units = Units::Millimetres): array
    {
        $words = [];
        if ($this->datum === Datum::CornerInside) {
            $words[] = sprintf(
                '%s along the bisector of the corner, from inside the edging to the %s of the design',
                $units->length($this->downMm),
                $this->edge->value,
            );
            $words[] = sprintf(
                'that is %s in from each edging',
                $units->length(WorkedMark::inFromEdges($this->downMm, 90.0)),
            );

            return $words;
        }
        if (abs($this->downMm) > 0.0 || $this->datum !== Datum::Middle) {
            $words[] = sprintf(
                '%s %s from the %s to the %s of the design',
                $units->length(abs($this->downMm)),
                $this->downMm < 0 ? 'up' : 'down',
                $this->datum->value,
                $this->edge->value,
            );
        }
        $words[] = $this->isCentred()
            ? $this->line
            : sprintf(
                '%s across from the %s, towards the wearer’s %s',
                $units->length(abs($this->acrossMm)),
                $this->line,
                $this->acrossMm > 0 ? 'left' : 'right',
            );
        if ($this->peg !== '') {
            $words[] = "peg {$this->peg} of the hooping station";
        }

        return $words;
    }

    /** In few words, as it stands beside a piece: "198 mm down, 100 mm across, peg 12". */
    public function brief(Units $units = Units::Millimetres): string
    {
        $measure = static fn(float $mm): string => "{$units->field(abs($mm))} {$units->label()}";

        return implode(
            ', ',
            array_filter(
                [
                    match (true) {
                        $this->datum === Datum::CornerInside => "{$measure($this->downMm)} along the bisector",
                        abs($this->downMm) > 0.0 => $measure($this->downMm).($this->downMm < 0 ? ' up' : ' down'),
                        default => '',
                    },
                    match (true) {
                        ! $this->isCentred() => $measure($this->acrossMm).
                            ($this->acrossMm < 0 ? ' across to the right' : ' across'),
                        $this->datum === Datum::CornerInside => '',
                        default => 'centred',
                    },
                    $this->peg === '' ? '' : "peg {$this->peg}",
                ],
                static fn(string $word): bool => $word !== '',
            ),
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
