<?php

declare(strict_types=1);

namespace App\Artwork\Papers;

use App\Artwork\Models\Artwork;
use App\Artwork\Queries\ClothBill;
use App\Foundation\Formats\Pdf;
use App\Foundation\Words\Words;
use App\Shop\Figure;
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
            $title = __('artwork.cloth_pattern_pdf.after_block', [
                'name' => $artwork->name,
                'brings' => Words::say($picked->action->brings()),
                'block' => $picked->block,
            ]);
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
            ($cloth instanceof Cloth ? "{$cloth->code} {$cloth->name}" : __('artwork.cloth_pattern_pdf.no_cloth_chosen_yet')).'. '.self::size($bill, $piece),
            ($bill->preCut
                ? __('artwork.cloth_pattern_pdf.right_side_up_cut_along_the')
                : __('artwork.cloth_pattern_pdf.right_side_up_a_rectangle_with')).
                ($cloth?->fusible === true ? ' '.__('artwork.cloth_pattern_pdf.fuse_the_web_first_iron_cool') : ''),
        ];
    }

    /** @return array{string, string} what it is, and how it is cut */
    private static function taped(ClothBill $bill, Picked $picked, AppliedPiece $piece): array
    {
        return [
            self::size($bill, $piece),
            __('artwork.cloth_pattern_pdf.cut_along_the_solid_line_tape', [
                'value' => $picked->action === StopAction::TurnOver ? ' '.__('artwork.cloth_pattern_pdf.drawn_from_the_front_lay_it') : '',
            ]),
        ];
    }

    private static function size(ClothBill $bill, AppliedPiece $piece): string
    {
        return __('artwork.cloth_pattern_pdf.cut_x_mm_cm2_each_the', [
            'value' => max(1, $bill->frames),
            'width' => Figure::words($piece->bounds()->width(), 1),
            'height' => Figure::words($piece->bounds()->height(), 1),
            'area_cm2' => Figure::words($piece->areaCm2(), 0),
        ]);
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
        $sheet = ' '.__('artwork.cloth_pattern_pdf.sheet', [
            'sheet' => ($tile->row - 1) * $template->columns + $tile->column,
            'of' => count($template->tiles),
        ]);
        $pdf->text(Tile::MARGIN_MM, 27, $how.(count($template->tiles) > 1 ? $sheet : ''));
    }
}
