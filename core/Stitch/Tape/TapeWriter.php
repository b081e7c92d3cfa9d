<?php

declare(strict_types=1);

namespace Hakama\Stitch\Tape;

use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;

/**
 * Writes a pattern as a stitch tape. A move longer than one record reaches is split: a long stitch
 * into stitches, since a jump in its place would cut the line; a long jump into jumps; a stop keeps
 * its flag on the last part only.
 */
final class TapeWriter
{
    private const END = "\x00\x00\xF3";

    public function toString(Pattern $pattern): string
    {
        $body = '';
        $records = $stops = 0;
        $x = $y = $minX = $maxX = $minY = $maxY = 0;
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                $dx = $chunk->xs[$i] - $x;
                $dy = $chunk->ys[$i] - $y;
                $parts = max(1, (int) ceil(max(abs($dx), abs($dy)) / RecordKind::REACH));
                for ($part = 1; $part <= $parts; $part++) {
                    $stepX = (int) round(($dx * $part) / $parts) - (int) round(($dx * ($part - 1)) / $parts);
                    $stepY = (int) round(($dy * $part) / $parts) - (int) round(($dy * ($part - 1)) / $parts);
                    $body .= Triplet::write($stepX, $stepY, self::flags($kind, $part === $parts));
                    $records++;
                }
                $stops += $kind === RecordKind::Stop->value ? 1 : 0;
                [$x, $y] = [$chunk->xs[$i], $chunk->ys[$i]];
                [$minX, $maxX, $minY, $maxY] = [min($minX, $x), max($maxX, $x), min($minY, $y), max($maxY, $y)];
            }
        }

        return Header::write($pattern->name, $records, $stops, $maxX, -$minX, $maxY, -$minY, $x, $y).
            $body.
            self::END;
    }

    private static function flags(int $kind, bool $last): int
    {
        return match (true) {
            $kind === RecordKind::Stitch->value => 0,
            $kind === RecordKind::Stop->value && $last => Triplet::STOP,
            default => Triplet::JUMP,
        };
    }
}
