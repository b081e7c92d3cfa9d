<?php

declare(strict_types=1);

namespace App\Setup;

use App\Artwork\Models\Artwork;
use App\Artwork\Models\ArtworkBlock;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Point;

/**
 * What the drawings of a setup have in common: millimetres as they are, y turned over, since pictures grow downwards.
 */
final class SetupDrawing
{
    /** @param list<Point> $points */
    public static function path(array $points, bool $closed = true): string
    {
        return 'M'.
            implode('L', array_map(static fn(Point $p): string => self::n($p->x).' '.self::n(-$p->y), $points)).
            ($closed ? 'Z' : '');
    }

    public static function n(float $mm): string
    {
        return (string) round($mm, 2);
    }

    /**
     * The picture of an artwork in its thread colours, by an address that changes with either; wants `blocks.thread`
     * loaded.
     */
    public static function picture(Artwork $artwork): string
    {
        $colours = $artwork->blocks
            ->map(static fn(ArtworkBlock $block): string => $block->thread->hex ?? '-')
            ->implode(',');

        return route('artwork.drawing', [$artwork, 'v' => substr(md5($artwork->checksum.$colours), 0, 8)]);
    }

    /** `x y width height` of a view, with room round it. */
    public static function view(Bounds $around, float $pad): string
    {
        return implode(
            ' ',
            array_map(self::n(...), [
                $around->left - $pad,
                -$around->top - $pad,
                $around->width() + 2 * $pad,
                $around->height() + 2 * $pad,
            ]),
        );
    }

    public static function joined(Bounds $one, Bounds $other): Bounds
    {
        return new Bounds(
            min($one->left, $other->left),
            max($one->right, $other->right),
            min($one->bottom, $other->bottom),
            max($one->top, $other->top),
        );
    }
}
