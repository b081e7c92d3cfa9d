<?php

declare(strict_types=1);

namespace App\Orders\Approvals;

use App\Setup\SetupDrawing;
use Hakama\Setup\Placement\MarkedPlacement;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\ConvexHull;

/** A design on its garment, at its place and to scale: one picture (SVG) that wants nothing from elsewhere. */
final class PlaceDrawing
{
    private const PAD = 0.06;
    private const INK = '#1d2433';
    /** What is round the design in the picture of it, mm. */
    private const DESIGN_PAD_MM = 2.0;

    /** @param string $design its own picture (SVG) */
    public static function svg(MarkedPlacement $marked, string $hex, string $design, Bounds $bounds): string
    {
        $n = SetupDrawing::n(...);
        $shape = $marked->shape;
        $around = ConvexHull::of([...$shape->outline, ...array_merge([], ...array_values($shape->parts))])->bounds();
        $span = max($around->width(), $around->height());
        $line = $span / 380;
        [$width, $height] = [$bounds->width() + 2 * self::DESIGN_PAD_MM, $bounds->height() + 2 * self::DESIGN_PAD_MM];
        $parts = '';
        foreach ($shape->parts as $part) {
            $parts .= '<path d="'.SetupDrawing::path($part, false).'" fill="none"/>';
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s"><g stroke="%s" stroke-width="%s" stroke-linejoin="round">'
                .'<path d="%s" fill="%s"/>%s</g><image x="%s" y="%s" width="%s" height="%s" href="data:image/svg+xml;base64,%s"/></svg>',
            SetupDrawing::view($around, self::PAD * $span),
            self::INK,
            $n(1.4 * $line),
            SetupDrawing::path($shape->outline),
            preg_match('/^#[0-9a-f]{6}$/i', $hex) === 1 ? $hex : '#ffffff',
            $parts,
            $n($marked->centre->x - $width / 2),
            $n(-$marked->centre->y - $height / 2),
            $n($width),
            $n($height),
            base64_encode($design),
        );
    }
}
