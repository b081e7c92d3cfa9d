<?php

declare(strict_types=1);

namespace Hakama\Artwork\Applied\Internal;

use Hakama\Stitch\BlockSpan;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;
use Hakama\Stitch\RecordKind;

/**
 * What a block sews without a jump, part by part.
 *
 * @internal
 */
final readonly class Runs
{
    /** @return list<non-empty-list<Point>> needle points of a block, from jump to jump */
    public static function of(Pattern $pattern, BlockSpan $span): array
    {
        $runs = $run = [];
        foreach ($pattern->slice($span->from, $span->to)->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                if ($kind === RecordKind::Stitch->value) {
                    $run[] = new Point($chunk->xs[$i] / 10, $chunk->ys[$i] / 10);
                } elseif ($run !== []) {
                    $runs[] = $run;
                    $run = [];
                }
            }
        }

        return $run === [] ? $runs : [...$runs, $run];
    }
}
