<?php

declare(strict_types=1);

namespace App\Artwork;

use App\Models\Artwork;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;

/** A pattern as a picture: one path per block, so that sixty thousand stitches are a handful of elements. */
final class PatternDrawing
{
    /** Shown where no thread is chosen yet. */
    private const UNTHREADED = '#8a8577';

    /**
     * @param list<string|null> $colours thread colour per block, #rrggbb
     */
    public static function svg(Artwork $artwork, Pattern $pattern, array $colours): string
    {
        $b = $artwork->bounds();
        $pad = 2.0;
        $svg = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s %s %s %s" width="%smm" height="%smm"><g fill="none" stroke-linejoin="round" stroke-linecap="round" transform="scale(0.1 -0.1)">',
            ...array_map(static fn(float $n): string => (string) round($n, 2), [$b->left - $pad, -$b->top - $pad, $b->width() + 2 * $pad, $b->height() + 2 * $pad, $b->width() + 2 * $pad, $b->height() + 2 * $pad]),
        );
        foreach (self::paths($pattern) as $block => $path) {
            $svg .= sprintf('<path stroke="%s" stroke-width="3.8" d="%s"/>', $colours[$block] ?? self::UNTHREADED, $path);
        }

        return $svg.'</g></svg>';
    }

    /** @return list<string> path data per block that sews, tenths of a millimetre, y up */
    private static function paths(Pattern $pattern): array
    {
        $paths = [];
        $path = '';
        $x = $y = 0;
        $lifted = true;
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                $toX = $chunk->xs[$i];
                $toY = $chunk->ys[$i];
                if ($kind === RecordKind::Stitch->value) {
                    $path .= $lifted ? "M{$x} {$y}l" : ' ';
                    $path .= ($toX - $x).' '.($toY - $y);
                    $lifted = false;
                } else {
                    $lifted = true;
                    if ($kind === RecordKind::Stop->value && $path !== '') {
                        $paths[] = $path;
                        $path = '';
                    }
                }
                [$x, $y] = [$toX, $toY];
            }
        }
        if ($path !== '') {
            $paths[] = $path;
        }

        return $paths;
    }

    /**
     * The stitches for a canvas, compact: per stitch or lift four bytes, x and y as little-endian signed
     * 16-bit tenths of a millimetre from the middle of the design; a lift of the needle is (-32768, 0), a
     * change of block (-32768, 1).
     */
    public static function stitches(Artwork $artwork, Pattern $pattern): string
    {
        $centre = $artwork->bounds()->centre();
        $midX = (int) round($centre->x * 10);
        $midY = (int) round($centre->y * 10);
        $out = '';
        $lifted = false;
        $sewn = $stopped = false;
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                if ($kind === RecordKind::Stitch->value) {
                    $out .= $stopped && $sewn ? pack('v2', 0x8000, 1) : ($lifted ? pack('v2', 0x8000, 0) : '');
                    $out .= pack('v2', ($chunk->xs[$i] - $midX) & 0xFFFF, ($chunk->ys[$i] - $midY) & 0xFFFF);
                    $sewn = true;
                    $lifted = $stopped = false;
                } else {
                    $lifted = true;
                    $stopped = $stopped || $kind === RecordKind::Stop->value;
                }
            }
        }

        return $out;
    }
}
