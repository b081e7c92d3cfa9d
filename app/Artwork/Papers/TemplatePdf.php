<?php

declare(strict_types=1);

namespace App\Artwork\Papers;

use App\Artwork\Models\Artwork;
use App\Foundation\Formats\Pdf;
use App\Shop\Figure;
use Hakama\Artwork\Paper;
use Hakama\Artwork\Template;
use Hakama\Artwork\Tile;
use Hakama\Picture\Targets;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;
use Hakama\Stitch\RecordKind;

/**
 * The placement template at real size: the design's outline and a hint of its stitches, a cross in the
 * middle, an arrow that says which way is up, its size, and a rule to check the printer with.
 */
final class TemplatePdf
{
    /** Stitches are hinted at: points nearer than this to the last are left out, 0.1 mm. */
    private const HINT = 12;
    /** A tape of so many records is hinted at as finely as that; one of twice as many half as finely. */
    private const HINTED = 60_000;
    /** And where it lies one line on another, one line in a square of 1.6 mm is enough: two to the power, 0.1 mm. */
    private const CELL = 4;
    private const ARROW_MM = 14.0;

    public static function of(Template $template, Artwork $artwork): string
    {
        $hint = self::hint($artwork->pattern());
        $pdf = Pdf::sized($template->paper->widthMm(), $template->paper->heightMm(), $artwork->name);
        foreach ($template->tiles as $tile) {
            $pdf->page();
            // What reaches beyond the sheet's area belongs to the next sheet.
            $pdf->clip(Tile::MARGIN_MM, Tile::HEAD_MM, $template->areaWidthMm(), $template->areaHeightMm());
            self::stitches($pdf, $template, $tile, $hint);
            self::outline($pdf, $tile, $artwork);
            self::centre($pdf, $template, $tile);
            $pdf->unclip();
            $targets = $template->targets();
            if ($targets !== null) {
                $cross = $tile->onPaper($template->centre());
                self::targets($pdf, $targets, $cross->x, $cross->y);
            }
            self::words($pdf, $template, $tile, $artwork);
            self::rule($pdf, $template->paper);
        }

        return $pdf->bytes();
    }

    /** @param list<array{int, int, int, int}> $hint */
    private static function stitches(Pdf $pdf, Template $template, Tile $tile, array $hint): void
    {
        $pdf->pen(170, 0.12);
        [$left, $right] = [10 * $tile->left, 10 * ($tile->left + $template->areaWidthMm())];
        [$low, $high] = [10 * ($tile->top - $template->areaHeightMm()), 10 * $tile->top];
        foreach ($hint as [$x, $y, $toX, $toY]) {
            if (max($x, $toX) >= $left && min($x, $toX) <= $right && max($y, $toY) >= $low && min($y, $toY) <= $high) {
                self::line($pdf, $tile, new Point($x / 10, $y / 10), new Point($toX / 10, $toY / 10));
            }
        }
    }

    /**
     * The stitches as paper can show them, read once for all sheets: of a very long tape no more than of a long one.
     *
     * @return list<array{int, int, int, int}> from and to, 0.1 mm
     */
    private static function hint(Pattern $pattern): array
    {
        $lines = [];
        $x = $y = 0;
        $lifted = true;
        $nearest = self::HINT * max(1, intdiv($pattern->count(), self::HINTED));
        $isLong = $pattern->count() > self::HINTED;
        $there = [];
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                [$toX, $toY] = [$chunk->xs[$i], $chunk->ys[$i]];
                if ($kind !== RecordKind::Stitch->value) {
                    $lifted = true;
                } elseif (! $lifted && abs($toX - $x) + abs($toY - $y) < $nearest) {
                    continue;
                } else {
                    $cell = (($toX >> self::CELL) << 32) + ($toY >> self::CELL);
                    if (! $isLong || ! isset($there[$cell])) {
                        $lines[] = [$x, $y, $toX, $toY];
                        $there[$cell] = true;
                    }
                    $lifted = false;
                }
                [$x, $y] = [$toX, $toY];
            }
        }

        return $lines;
    }

    private static function outline(Pdf $pdf, Tile $tile, Artwork $artwork): void
    {
        $pdf->pen(0, 0.3);
        $hull = $artwork->coreHull()->points;
        foreach ($hull as $i => $from) {
            self::line($pdf, $tile, $from, $hull[($i + 1) % count($hull)]);
        }
    }

    private static function centre(Pdf $pdf, Template $template, Tile $tile): void
    {
        $pdf->pen(0, 0.2);
        [$centre, $b] = [$template->centre(), $template->bounds];
        self::line($pdf, $tile, new Point($b->left - 6, $centre->y), new Point($b->right + 6, $centre->y));
        self::line($pdf, $tile, new Point($centre->x, $b->bottom - 6), new Point($centre->x, $b->top + 6));
        // The arrow stands beside the upright line of the cross, where it hides nothing of it.
        $pdf->pen(0, 0.8);
        $tip = new Point($centre->x + 4, $b->top + 6);
        self::line($pdf, $tile, $tip->moved(0, -self::ARROW_MM), $tip);
        self::line($pdf, $tile, $tip->moved(-2.2, -4), $tip);
        self::line($pdf, $tile, $tip->moved(2.2, -4), $tip);
    }

    private static function words(Pdf $pdf, Template $template, Tile $tile, Artwork $artwork): void
    {
        $pdf->font(14, true);
        $pdf->text(Tile::MARGIN_MM, 16, mb_strimwidth($artwork->name, 0, 60, '…'));
        $pdf->font(10);
        $pdf->text(
            Tile::MARGIN_MM,
            22,
            __('artwork.template_pdf.x_mm_stitches_the_arrow_points', [
                'width' => Figure::words($artwork->bounds()->width(), 1),
                'height' => Figure::words($artwork->bounds()->height(), 1),
                'stitches' => $artwork->stitches,
                'variant_label' => $artwork->variantLabel(),
            ]),
        );
        if (count($template->tiles) > 1) {
            $pdf->text(
                Tile::MARGIN_MM,
                27,
                __('artwork.template_pdf.sheet_of_column_of_row_of', [
                    'row' => ($tile->row - 1) * $template->columns + $tile->column,
                    'tiles' => count($template->tiles),
                    'column' => $tile->column,
                    'columns' => $template->columns,
                    'row_2' => $tile->row,
                    'rows' => $template->rows,
                    'value' => (int) Template::OVERLAP_MM,
                ]),
            );
            $pdf->pen(120, 0.1);
            $pdf->rectangle(Tile::MARGIN_MM, Tile::HEAD_MM, $template->areaWidthMm(), $template->areaHeightMm());
        }
    }

    /** A line of known length, to check the printer with. */
    public static function rule(Pdf $pdf, Paper $paper): void
    {
        $y = $paper->heightMm() - 12;
        $left = Tile::MARGIN_MM;
        $pdf->pen(0, 0.25);
        $pdf->line($left, $y, $left + Template::RULE_MM, $y);
        for ($mm = 0; $mm <= Template::RULE_MM; $mm += 10) {
            $pdf->line($left + $mm, $y, $left + $mm, $y - ($mm % 50 === 0 ? 5 : 3));
        }
        $pdf->font(9);
        $pdf->text(
            $left + Template::RULE_MM + 4,
            $y,
            __('artwork.template_pdf.this_line_is_50_mm_if'),
        );
    }

    /** Targets round a cross, which a picture of them is measured by. */
    public static function targets(Pdf $pdf, Targets $targets, float $x, float $y): void
    {
        foreach ($targets->places as $place) {
            $pdf->disc($x + $place->x, $y - $place->y, Targets::RADIUS_MM, 0);
            $pdf->disc($x + $place->x, $y - $place->y, Targets::RING[1] * Targets::RADIUS_MM, 255);
            $pdf->disc($x + $place->x, $y - $place->y, Targets::RING[0] * Targets::RADIUS_MM, 0);
        }
    }

    private static function line(Pdf $pdf, Tile $tile, Point $from, Point $to): void
    {
        [$a, $b] = [$tile->onPaper($from), $tile->onPaper($to)];
        $pdf->line($a->x, $a->y, $b->x, $b->y);
    }
}
