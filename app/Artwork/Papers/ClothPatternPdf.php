<?php

declare(strict_types=1);

namespace App\Artwork\Papers;

use App\Artwork\Models\Artwork;
use App\Artwork\Queries\ClothBill;
use App\Foundation\Formats\Pdf;
use App\Stock\Models\Cloth;
use Hakama\Artwork\Applied\AppliedPiece;
use Hakama\Artwork\Paper;
use Hakama\Artwork\Template;
use Hakama\Artwork\Tile;
use Hakama\Stitch\Point;

/**
 * The pieces of cloth at real size, to be cut out: what is cut along in full, the placement line in dots, which side is up,
 * which way the grain runs, how many.
 */
final class ClothPatternPdf
{
    public static function of(Artwork $artwork, ClothBill $bill, Paper $paper): string
    {
        $pdf = Pdf::sized($paper->widthMm(), $paper->heightMm(), "{$artwork->name}, cloth");
        foreach ($bill->pieces as $piece) {
            $template = Template::of($piece->bounds(), $paper);
            foreach ($template->tiles as $tile) {
                $pdf->page();
                self::words($pdf, $artwork, $bill, $piece, $template, $tile);
                $pdf->clip(Tile::MARGIN_MM, Tile::HEAD_MM, $template->areaWidthMm(), $template->areaHeightMm());
                $pdf->pen(0, 0.35);
                self::line($pdf, $tile, $piece->cut, 1);
                $pdf->pen(110, 0.2);
                self::line($pdf, $tile, $piece->line, 2);
                self::grain($pdf, $tile, $piece);
                $pdf->unclip();
                TemplatePdf::rule($pdf, $paper);
            }
        }
        if ($bill->pieces === []) {
            $pdf->page();
        }

        return $pdf->bytes();
    }

    /**
     * @param list<Point> $points closed
     * @param int         $every  every so manieth stretch is drawn: 2 for a broken line
     */
    private static function line(Pdf $pdf, Tile $tile, array $points, int $every): void
    {
        foreach ($points as $i => $from) {
            if ($i % $every === 0) {
                [$a, $b] = [$tile->onPaper($from), $tile->onPaper($points[($i + 1) % count($points)])];
                $pdf->line($a->x, $a->y, $b->x, $b->y);
            }
        }
    }

    /** An arrow along the grain, up as it is sewn. */
    private static function grain(Pdf $pdf, Tile $tile, AppliedPiece $piece): void
    {
        $box = $piece->bounds();
        $reach = min(20.0, $box->height() / 3);
        $middle = $box->centre();
        [$foot, $tip] = [$tile->onPaper($middle->moved(0, -$reach / 2)), $tile->onPaper($middle->moved(0, $reach / 2))];
        $pdf->pen(0, 0.3);
        $pdf->line($foot->x, $foot->y, $tip->x, $tip->y);
        $pdf->line($tip->x, $tip->y, $tip->x - 1.5, $tip->y + 3);
        $pdf->line($tip->x, $tip->y, $tip->x + 1.5, $tip->y + 3);
    }

    private static function words(
        Pdf $pdf,
        Artwork $artwork,
        ClothBill $bill,
        AppliedPiece $piece,
        Template $template,
        Tile $tile,
    ): void {
        $cloth = $bill->cloths[$piece->number];
        $pdf->font(14, true);
        $pdf->text(
            Tile::MARGIN_MM,
            16,
            (mb_strimwidth("{$artwork->name}, cloth {$piece->number}", 0, 60, '…')),
        );
        $pdf->font(10);
        $pdf->text(
            Tile::MARGIN_MM,
            22,
            sprintf(
                '%s. Cut %d. %.1f × %.1f mm, %.0f cm² each. Right side up, the arrow along the grain and up as it is sewn.',
                $cloth instanceof Cloth ? "{$cloth->code} {$cloth->name}" : 'No cloth is chosen yet',
                max(1, $bill->frames),
                $piece->bounds()->width(),
                $piece->bounds()->height(),
                $piece->areaCm2(),
            ),
        );
        $pdf->text(
            Tile::MARGIN_MM,
            27,
            ($bill->preCut
                    ? 'Cut along the full line; the broken one is the placement line.'
                    : 'A rectangle with room to trim in the frame; the broken line is the placement line.').
                    ($cloth?->fusible === true ? ' Web first: iron, cool, peel; then cut.' : '').
                    (count($template->tiles) > 1
                        ? sprintf(
                            ' Sheet %d of %d.',
                            ($tile->row - 1) * $template->columns + $tile->column,
                            count($template->tiles),
                        )
                        : ''),
        );
    }
}
