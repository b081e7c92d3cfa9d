<?php

declare(strict_types=1);

namespace App\Artwork;

use Hakama\Artwork\Paper;
use Hakama\Artwork\Tile;
use Hakama\Picture\Targets;

/** A sheet of stickers: a cross with targets, an arrow that points up, to be cut out and laid on the mark. */
final class StickerPdf
{
    private const WIDTH_MM = 44.0;
    private const HEIGHT_MM = 54.0;
    /** The cross stands so far below the upper edge. */
    private const CROSS_MM = 30.0;

    public static function of(Paper $paper): string
    {
        $pdf = new ClippingPdf('P', 'mm', [$paper->widthMm(), $paper->heightMm()]);
        $pdf->SetAutoPageBreak(false);
        $pdf->SetTitle('Stickers', true);
        $pdf->AddPage();
        $pdf->SetFont('Helvetica', '', 10);
        $pdf->Text(
            Tile::MARGIN_MM,
            16,
            'Cut out along the lines, lay the cross on the mark with the arrow up, and take the picture.',
        );
        $columns = (int) floor(($paper->widthMm() - 2 * Tile::MARGIN_MM) / self::WIDTH_MM);
        $rows = (int) floor(($paper->heightMm() - Tile::HEAD_MM - Tile::FOOT_MM) / self::HEIGHT_MM);
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                self::sticker($pdf, Tile::MARGIN_MM + $column * self::WIDTH_MM, Tile::HEAD_MM + $row * self::HEIGHT_MM);
            }
        }
        TemplatePdf::rule($pdf, $paper);

        return $pdf->Output('S');
    }

    private static function sticker(ClippingPdf $pdf, float $left, float $top): void
    {
        [$x, $y] = [$left + self::WIDTH_MM / 2, $top + self::CROSS_MM];
        $pdf->SetDrawColor(150);
        $pdf->SetLineWidth(0.1);
        $pdf->Rect($left, $top, self::WIDTH_MM, self::HEIGHT_MM);
        $pdf->SetDrawColor(0);
        $pdf->SetLineWidth(0.2);
        $pdf->Line($x - 7, $y, $x + 7, $y);
        $pdf->Line($x, $y - 7, $x, $y + 7);
        $pdf->SetLineWidth(0.6);
        $pdf->Line($left + 5, $top + 16, $left + 5, $top + 5);
        $pdf->Line($left + 3.2, $top + 8, $left + 5, $top + 5);
        $pdf->Line($left + 6.8, $top + 8, $left + 5, $top + 5);
        $pdf->targets(Targets::sticker(), $x, $y);
    }
}
