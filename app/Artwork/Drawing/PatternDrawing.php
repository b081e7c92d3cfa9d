<?php

declare(strict_types=1);

namespace App\Artwork\Drawing;

use App\Artwork\Models\Artwork;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;
use Hakama\Thread\Colour;

/** A pattern as a picture: one path per block, so that sixty thousand stitches are a handful of elements. */
final class PatternDrawing
{
    /** Shown where no thread is chosen yet. */
    private const UNTHREADED = '#8a8577';
    private const SEWN_BEFORE = '#d8d0c0';

    /** What was sewn before a step is only hinted at: points nearer than this are left out, 0.1 mm. */
    private const HINT = 8;

    /** Up to so many stitches every one of them is drawn; a picture on a page shows no more. */
    private const DRAWN_WHOLE = 80_000;
    /** CIE L* above which a thread hardly shows on paper. */
    private const PALE = 85.0;
    private const PAD_MM = 2.0;

    /**
     * @param list<string|null> $colours thread colour per block, #rrggbb
     * @param bool              $exact   every needle point, however many there are; else what an eye can see
     */
    public static function svg(Artwork $artwork, Pattern $pattern, array $colours, bool $exact): string
    {
        $drawn = '';
        foreach (self::paths($pattern, every: $exact ? 1 : self::every($artwork)) as $block => $path) {
            $drawn .= self::path($colours[$block] ?? self::UNTHREADED, $path);
        }

        return self::sheet($artwork->bounds(), $drawn);
    }

    /**
     * A pattern that is no artwork of its own.
     *
     * @param list<string|null> $colours thread colour per block, #rrggbb
     */
    public static function whole(Pattern $pattern, Bounds $bounds, array $colours): string
    {
        $drawn = '';
        foreach (self::paths($pattern) as $block => $path) {
            $drawn .= self::path($colours[$block] ?? self::UNTHREADED, $path);
        }

        return self::sheet($bounds, $drawn);
    }

    /**
     * One step of the stop sheet: the block in its colour on a hint of what is sewn before it.
     *
     * @param int $number block, from 1
     */
    public static function step(Artwork $artwork, Pattern $pattern, int $number, ?string $colour): string
    {
        $drawn = '';
        foreach (self::paths($pattern, $number - 1, self::every($artwork)) as $block => $path) {
            if ($block >= $number) {
                break;
            }
            $here = $block === $number - 1;
            if ($here && $colour !== null && Colour::ofHex($colour)->lab()->l > self::PALE) {
                // Pale thread on paper would not be seen without an edge.
                $drawn .= sprintf('<path stroke="%s" stroke-width="6" d="%s"/>', self::UNTHREADED, $path);
            }
            $drawn .= self::path($here ? $colour ?? self::UNTHREADED : self::SEWN_BEFORE, $path);
        }

        return self::sheet($artwork->bounds(), $drawn);
    }

    private static function path(string $colour, string $path): string
    {
        return sprintf('<path stroke="%s" stroke-width="3.8" d="%s"/>', $colour, $path);
    }

    private static function sheet(Bounds $b, string $drawn): string
    {
        [$width, $height] = [$b->width() + 2 * self::PAD_MM, $b->height() + 2 * self::PAD_MM];

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s %s %s %s" width="%smm" height="%smm"><g fill="none" '.
                'stroke-linejoin="round" stroke-linecap="round" transform="scale(0.1 -0.1)">%s</g></svg>',
            ...[
                ...array_map(static fn(float $n): string => (string) round($n, 2), [
                    $b->left - self::PAD_MM,
                    -$b->top - self::PAD_MM,
                    $width,
                    $height,
                    $width,
                    $height,
                ]),
                $drawn,
            ],
        );
    }

    /** Every how manieth stitch a picture needs: an odd number, so that a zigzag stays one. */
    private static function every(Artwork $artwork): int
    {
        return $artwork->stitches <= self::DRAWN_WHOLE
            ? 1
            : 2 * (int) floor($artwork->stitches / self::DRAWN_WHOLE) + 1;
    }

    /**
     * @param int $hinted so many blocks from the first are thinned out
     * @param int $every  only every so manieth stitch is drawn
     *
     * @return list<string> path data per block that sews, tenths of a millimetre, y up
     */
    private static function paths(Pattern $pattern, int $hinted = 0, int $every = 1): array
    {
        $paths = [];
        $path = '';
        $x = $y = $passed = 0;
        $lifted = true;
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                $toX = $chunk->xs[$i];
                $toY = $chunk->ys[$i];
                if ($kind === RecordKind::Stitch->value) {
                    if (
                        ! $lifted
                        && (++$passed % $every !== 0
                            || (count($paths) < $hinted && abs($toX - $x) + abs($toY - $y) < self::HINT))
                    ) {
                        continue;
                    }
                    $path .= $lifted ? "M{$x} {$y}l" : ' ';
                    $path .= $toX - $x.' '.($toY - $y);
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
}
