<?php

declare(strict_types=1);

namespace App\Artwork\Drawing;

use App\Artwork\Queries\ClothBill;
use App\Foundation\Words\Words;
use App\Stock\Models\Cloth;
use Hakama\Artwork\Applied\AppliedPiece;
use Hakama\Artwork\Applied\PickingList;
use Hakama\Stitch\Point;

/** Pieces of cloth as pictures: one small on a page, all of them at real size in a file. */
final class ClothDrawing
{
    /** One piece, as it is on the page: what is cut in the cloth's colour, the placement line broken. */
    public static function small(AppliedPiece $piece, ?Cloth $cloth): string
    {
        $box = $piece->bounds();
        $paths = sprintf(
            '<path d="%s" fill="%s" stroke="#1d2433" stroke-width="%s"/>',
            self::path($piece->cut),
            $cloth->hex ?? '#fffdf8',
            round($box->height() / 90, 2),
        );
        $paths .= sprintf(
            '<path d="%s" fill="none" stroke="#1d2433" stroke-width="%s" stroke-dasharray="%s"/>',
            self::path($piece->line),
            round($box->height() / 120, 2),
            round($box->height() / 30, 1),
        );

        return sprintf(
            '<svg viewBox="%s %s %s %s" class="h-24 max-w-40" aria-hidden="true"><g transform="scale(1 -1)">%s</g></svg>',
            round($box->left - 2, 1),
            round(-$box->top - 2, 1),
            round($box->width() + 4, 1),
            round($box->height() + 4, 1),
            $paths,
        );
    }

    /** All pieces beside each other at real size, mm. */
    public static function realSize(ClothBill $bill, PickingList $picking): string
    {
        $drawn = '';
        $x = 0.0;
        $high = 0.0;
        $taped = array_map(static fn(array $one): array => [$one[1], Words::say($one[0]->action->brings())], $picking->taped());
        $cloth = array_map(
            static fn(AppliedPiece $one): array => [
                $one,
                "{$one->number}: ".($bill->cloths[$one->number]->code ?? __('artwork.cloth_drawing.no_cloth_yet')),
            ],
            $bill->pieces,
        );
        foreach ([...$cloth, ...$taped] as [$piece, $what]) {
            $box = $piece->bounds();
            $drawn .= sprintf(
                '<g transform="translate(%s %s) scale(1 -1)">%s%s</g>',
                round($x - $box->left, 2),
                round($box->top + 6, 2),
                sprintf('<path d="%s" fill="none" stroke="#000" stroke-width="0.3"/>', self::path($piece->cut)),
                sprintf(
                    '<path d="%s" fill="none" stroke="#777" stroke-width="0.2" stroke-dasharray="1 1"/>',
                    self::path($piece->line),
                ),
            );
            $drawn .= sprintf(
                '<text x="%s" y="4" font-size="4">%s</text>',
                round($x, 2),
                e(__('artwork.cloth_drawing.cut', ['what' => $what, 'frames' => max(1, $bill->frames)])),
            );
            $x += $box->width() + 10;
            $high = max($high, $box->height());
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$s %2$s" width="%1$smm" height="%2$smm">%3$s</svg>',
            round(max(1.0, $x), 2),
            round($high + 8, 2),
            $drawn,
        );
    }

    /** @param list<Point> $points */
    private static function path(array $points): string
    {
        return 'M'.
            implode('L', array_map(static fn(Point $p): string => round($p->x, 2).' '.round($p->y, 2), $points)).
            'Z';
    }
}
