<?php

declare(strict_types=1);

namespace App\Artwork;

use FPDF;

/** The package's PDF with the one thing it lacks: what is drawn shows within a rectangle only. */
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

    public function unclip(): void
    {
        $this->_out('Q');
    }
}
