<?php

declare(strict_types=1);

namespace App\Artwork\Papers;

use App\Foundation\Formats\Pdf;
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
        $pdf = Pdf::sized($paper->widthMm(), $paper->heightMm(), __('artwork.sticker_pdf.stickers'));
        $pdf->page();
        $pdf->font(10);
        $pdf->text(
            Tile::MARGIN_MM,
            16,
            __('artwork.sticker_pdf.cut_along_the_lines_lay_the'),
        );
        $columns = (int) floor(($paper->widthMm() - 2 * Tile::MARGIN_MM) / self::WIDTH_MM);
        $rows = (int) floor(($paper->heightMm() - Tile::HEAD_MM - Tile::FOOT_MM) / self::HEIGHT_MM);
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                self::sticker($pdf, Tile::MARGIN_MM + $column * self::WIDTH_MM, Tile::HEAD_MM + $row * self::HEIGHT_MM);
            }
        }
        TemplatePdf::rule($pdf, $paper);

        return $pdf->bytes();
    }

    private static function sticker(Pdf $pdf, float $left, float $top): void
    {
        [$x, $y] = [$left + self::WIDTH_MM / 2, $top + self::CROSS_MM];
        $pdf->pen(150, 0.1);
        $pdf->rectangle($left, $top, self::WIDTH_MM, self::HEIGHT_MM);
        $pdf->pen(0, 0.2);
        $pdf->line($x - 7, $y, $x + 7, $y);
        $pdf->line($x, $y - 7, $x, $y + 7);
        $pdf->pen(0, 0.6);
        $pdf->line($left + 5, $top + 16, $left + 5, $top + 5);
        $pdf->line($left + 3.2, $top + 8, $left + 5, $top + 5);
        $pdf->line($left + 6.8, $top + 8, $left + 5, $top + 5);
        TemplatePdf::targets($pdf, Targets::sticker(), $x, $y);
    }
}
