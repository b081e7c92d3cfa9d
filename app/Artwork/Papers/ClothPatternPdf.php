<?php

declare(strict_types=1);

namespace App\Artwork\Papers;

use App\Artwork\Models\Artwork;
use App\Artwork\Queries\ClothBill;
use App\Foundation\Formats\Pdf;
use App\Stock\Models\Cloth;
use Hakama\Artwork\Applied\AppliedPiece;
use Hakama\Artwork\Applied\Picked;
use Hakama\Artwork\Applied\PickingList;
use Hakama\Artwork\Paper;
use Hakama\Artwork\StopAction;
use Hakama\Artwork\Template;
use Hakama\Artwork\Tile;
use Hakama\Stitch\Point;

/**
 * The pieces of cloth at real size, to be cut out: what is cut along in full, the placement line in dots, which side is up,
 * which way the grain runs, how many.
 */
final class ClothPatternPdf
{
    public static function of(Artwork $artwork, ClothBill $bill, PickingList $picking, Paper $paper): string
    {
        $pdf = Pdf::sized($paper->widthMm(), $paper->heightMm(), "{$artwork->name}, cloth");
        foreach ($bill->pieces as $piece) {
            self::sheets($pdf, $paper, $piece, "{$artwork->name}, cloth {$piece->number}", ...self::cloth($bill, $piece));
        }
        foreach ($picking->taped() as [$picked, $shape]) {
            $title = "{$artwork->name}, {$picked->action->brings()} after block {$picked->block}";
            self::sheets($pdf, $paper, $shape, $title, ...self::taped($bill, $picked, $shape));
        }
        if ($bill->pieces === [] && $picking->taped() === []) {
            $pdf->page();
        }

        return $pdf->bytes();
    }

    private static function sheets(Pdf $pdf, Paper $paper, AppliedPiece $piece, string $title, string $what, string $how): void
    {
        $template = Template::of($piece->bounds(), $paper);
        foreach ($template->tiles as $tile) {
            $pdf->page();
            self::words($pdf, $title, $what, $how, $template, $tile);
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

    /** @return array{string, string} what it is, and how it is cut */
    private static function cloth(ClothBill $bill, AppliedPiece $piece): array
    {
        $cloth = $bill->cloths[$piece->number];

        return [
            ($cloth instanceof Cloth ? "{$cloth->code} {$cloth->name}" : 'No cloth is chosen yet').'. '.self::size($bill, $piece),
            ($bill->preCut
                ? 'Right side up. Cut along the full line; the broken one is the placement line.'
                : 'Right side up. A rectangle with room to trim in the frame; the broken line is the placement line.').
                ($cloth?->fusible === true ? ' Web first: iron, cool, peel; then cut.' : ''),
        ];
    }

    /** @return array{string, string} what it is, and how it is cut */
    private static function taped(ClothBill $bill, Picked $picked, AppliedPiece $piece): array
    {
        return [
            self::size($bill, $piece),
            'Cut along the full line; tape it to the broken one.'.
                // What is taped to the underside is seen from behind when it is cut.
                ($picked->action === StopAction::TurnOver ? ' Drawn from the front: lay it on the wrong side of the cloth.' : ''),
        ];
    }

    private static function size(ClothBill $bill, AppliedPiece $piece): string
    {
        return sprintf(
            'Cut %d. %.1f × %.1f mm, %.0f cm² each. The arrow: along the grain, and up as it is sewn.',
            max(1, $bill->frames),
            $piece->bounds()->width(),
            $piece->bounds()->height(),
            $piece->areaCm2(),
        );
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

    private static function words(Pdf $pdf, string $title, string $what, string $how, Template $template, Tile $tile): void
    {
        $pdf->font(14, true);
        $pdf->text(Tile::MARGIN_MM, 16, mb_strimwidth($title, 0, 60, '…'));
        $pdf->font(10);
        $pdf->text(Tile::MARGIN_MM, 22, $what);
        $sheet = sprintf(
            ' Sheet %d of %d.',
            ($tile->row - 1) * $template->columns + $tile->column,
            count($template->tiles),
        );
        $pdf->text(Tile::MARGIN_MM, 27, $how.(count($template->tiles) > 1 ? $sheet : ''));
    }
}
