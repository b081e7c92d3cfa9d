<?php

declare(strict_types=1);

namespace Hakama\Artwork\Applied;

use Hakama\Artwork\Applied\Internal\Grown;
use Hakama\Artwork\Role;
use Hakama\Stitch\BlockSpan;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;
use Hakama\Stitch\RecordKind;

/**
 * Which pieces of cloth a design wants, from its placement lines. Cut before it is laid, a piece is its line and tack-down
 * grown by what is left beyond them; trimmed in the frame, it is a rectangle with room for the hand.
 */
final readonly class AppliedPieces
{
    /** @param list<AppliedPiece> $pieces in the order they are laid */
    private function __construct(public array $pieces) {}

    /** Of a design on which nothing is laid. */
    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param list<Role> $roles    one per block
     * @param float      $beyondMm left round the tack-down
     * @param bool       $preCut   cut to its shape; else a rectangle that is trimmed in the frame
     */
    public static function of(Pattern $pattern, array $roles, float $beyondMm, bool $preCut): self
    {
        $spans = $pattern->blockSpans();
        $pieces = [];
        foreach ($spans as $i => $span) {
            if (($roles[$i] ?? Role::Sew) !== Role::Placement) {
                continue;
            }
            $line = self::points($pattern, $span);
            $tackDown = ($roles[$i + 1] ?? Role::Sew) === Role::TackDown ? $i + 1 : null;
            $tack = $tackDown === null ? [] : self::points($pattern, $spans[$tackDown]);
            $cut = match (true) {
                $line === [] => [],
                $preCut => Grown::of($line, $tack, $beyondMm),
                default => self::rectangle([...$line, ...$tack], $beyondMm),
            };
            if ($line !== [] && $cut !== []) {
                $pieces[] = new AppliedPiece(
                    count($pieces) + 1,
                    $i + 1,
                    $tackDown === null ? null : $tackDown + 1,
                    $line,
                    self::lengthMm($line),
                    $cut,
                );
            }
        }

        return new self($pieces);
    }

    /**
     * Whether all trimming may wait for one stop: no two cloths, nor the stitches that cover them, come near each other,
     * and there is more than one.
     *
     * @param float $clearMm kept between two of them
     */
    public function mayWait(float $clearMm): bool
    {
        foreach ($this->pieces as $i => $piece) {
            foreach (array_slice($this->pieces, $i + 1) as $other) {
                if ($piece->tackDown === null || $other->tackDown === null || $piece->apartFrom($other) < $clearMm) {
                    return false;
                }
            }
        }

        return count($this->pieces) > 1;
    }

    /** @return list<Point> needle points of a block */
    private static function points(Pattern $pattern, BlockSpan $span): array
    {
        $points = [];
        foreach ($pattern->slice($span->from, $span->to)->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                if ($kind === RecordKind::Stitch->value) {
                    $points[] = new Point($chunk->xs[$i] / 10, $chunk->ys[$i] / 10);
                }
            }
        }

        return $points;
    }

    /**
     * @param non-empty-list<Point> $points
     *
     * @return non-empty-list<Point>
     */
    private static function rectangle(array $points, float $beyondMm): array
    {
        $box = Bounds::around($points);

        return [
            new Point($box->left - $beyondMm, $box->bottom - $beyondMm),
            new Point($box->right + $beyondMm, $box->bottom - $beyondMm),
            new Point($box->right + $beyondMm, $box->top + $beyondMm),
            new Point($box->left - $beyondMm, $box->top + $beyondMm),
        ];
    }

    /** @param non-empty-list<Point> $line */
    private static function lengthMm(array $line): float
    {
        $length = 0.0;
        foreach ($line as $i => $p) {
            $length += $p->distanceTo($line[($i + 1) % count($line)]);
        }

        return $length;
    }
}
