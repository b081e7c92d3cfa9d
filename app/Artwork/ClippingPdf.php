<?php

declare(strict_types=1);

namespace App\Artwork;

use FPDF;
use Hakama\Picture\Targets;

/** The package's PDF with what it lacks: what is drawn shows within a rectangle only, and discs. */
final class ClippingPdf extends FPDF
{
    /**
     * Measured as everything else in the document, from the upper left; until `unclip`.
     */
    public function clip(float $x, float $y, float $width, float $height): void
    {
        // As the format has it: the state is kept (q), a rectangle is added to the path (re) and made the clip (W n).
        $this->_out(
            sprintf(
                'q %.3F %.3F %.3F %.3F re W n',
                $x * $this->k,
                ($this->h - $y - $height) * $this->k,
                $width * $this->k,
                $height * $this->k,
            ),
        );
    }

    /** A filled disc about a point, in a grey from 0 to 255. */
    public function disc(float $x, float $y, float $radius, int $grey): void
    {
        // A quarter of a circle as a curve: its handles are this share of the radius long.
        $handle = (4 / 3) * (M_SQRT2 - 1) * $radius;
        $at = fn(float $px, float $py): string => sprintf('%.3F %.3F', $px * $this->k, ($this->h - $py) * $this->k);
        $path = $at($x + $radius, $y).' m ';
        foreach ([[1, 0, 0, 1], [0, 1, -1, 0], [-1, 0, 0, -1], [0, -1, 1, 0]] as [$ax, $ay, $bx, $by]) {
            $path .= implode(' ', [
                $at($x + $ax * $radius + $bx * $handle, $y + $ay * $radius + $by * $handle),
                $at($x + $bx * $radius + $ax * $handle, $y + $by * $radius + $ay * $handle),
                $at($x + $bx * $radius, $y + $by * $radius),
                'c ',
            ]);
        }
        $this->_out(sprintf('q %.3F g %sf Q', $grey / 255, $path));
    }

    /** Targets round a cross, which a picture of them is measured by. */
    public function targets(Targets $targets, float $x, float $y): void
    {
        foreach ($targets->places as $place) {
            $this->disc($x + $place->x, $y - $place->y, Targets::RADIUS_MM, 0);
            $this->disc($x + $place->x, $y - $place->y, Targets::RING[1] * Targets::RADIUS_MM, 255);
            $this->disc($x + $place->x, $y - $place->y, Targets::RING[0] * Targets::RADIUS_MM, 0);
        }
    }

    public function unclip(): void
    {
        $this->_out('Q');
    }
}
