<?php

declare(strict_types=1);

namespace Hakama\Stitch;

/**
 * A pattern as a page plays it: every record, two bytes a stitch.
 *
 * A stitch is its move (dx, dy) as two signed bytes of 0.1 mm, which a tape's record never exceeds. Any
 * other record is the pair (-128, kind) and then its move; kind is 1 for a jump, 2 for a stop, 3 for the
 * first jump of a trim.
 */
final readonly class Track
{
    public const MARK = -128;
    public const JUMP = 1;
    public const STOP = 2;
    public const TRIM = 3;

    private function __construct(public string $bytes) {}

    /**
     * @param Pattern $pattern as read from a tape: no move over 12.1 mm
     * @param int     $trimJumps so many jumps in a row are a trim
     */
    public static function of(Pattern $pattern, int $trimJumps): self
    {
        $bytes = '';
        $trims = [];
        $x = $y = $jumps = $runAt = 0;
        $sewn = false;
        foreach ($pattern->chunks() as $chunk) {
            $out = [];
            $before = strlen($bytes);
            foreach ($chunk->kinds as $i => $kind) {
                if ($kind === RecordKind::Stitch->value) {
                    $jumps = 0;
                    $sewn = true;
                } else {
                    if ($kind === RecordKind::Stop->value) {
                        $jumps = 0;
                    } elseif (++$jumps === 1) {
                        $runAt = $before + count($out) + 1;
                    }
                    if ($jumps === $trimJumps && $kind === RecordKind::Jump->value && $sewn) {
                        $trims[] = $runAt;
                    }
                    $out[] = self::MARK;
                    $out[] = $kind;
                }
                $out[] = $chunk->xs[$i] - $x;
                $out[] = $chunk->ys[$i] - $y;
                [$x, $y] = [$chunk->xs[$i], $chunk->ys[$i]];
            }
            $bytes .= pack('c*', ...$out);
        }
        foreach ($trims as $at) {
            $bytes[$at] = chr(self::TRIM);
        }

        return new self($bytes);
    }
}
