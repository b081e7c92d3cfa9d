<?php

declare(strict_types=1);

namespace Hakama\Artwork\Applied;

use Hakama\Artwork\Applied\Internal\Grown;
use Hakama\Artwork\Applied\Internal\Runs;
use Hakama\Artwork\Applied\Internal\WayRound;
use Hakama\Artwork\BlockRole;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\Point;

/**
 * Which pieces of cloth a design wants, from its placement lines. Cut before it is laid, a piece is its line and tack-down
 * grown by what is left beyond them; trimmed in the frame, it is a rectangle with room for the hand.
 */
final readonly class AppliedPieces
{
    /** Two copies on one tape differ by a tenth where they begin. */
    private const ALIKE_MM = 0.25;

    /** @param list<AppliedPiece> $pieces in the order they are laid */
    private function __construct(public array $pieces) {}

    /** Of a design on which nothing is laid. */
    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param list<BlockRole> $roles    one per block
     * @param float      $beyondMm left round the tack-down
     * @param bool       $preCut   cut to its shape; else a rectangle that is trimmed in the frame
     * @param int        $copies   of a design: regrouped by colour, a line is drawn for each of them in one block
     */
    public static function of(Pattern $pattern, array $roles, float $beyondMm, bool $preCut, int $copies = 1): self
    {
        $spans = $pattern->blockSpans();
        $pieces = [];
        foreach ($spans as $i => $span) {
            if (($roles[$i] ?? BlockRole::Sew) !== BlockRole::Placement) {
                continue;
            }
            $tackDown = ($roles[$i + 1] ?? BlockRole::Sew) === BlockRole::TackDown ? $i + 1 : null;
            $lines = self::ofCopies(Runs::of($pattern, $span), $copies);
            $tacks = $tackDown === null ? [] : self::ofCopies(Runs::of($pattern, $spans[$tackDown]), count($lines));
            foreach ($lines as $line) {
                $tack = $line === [] ? [] : self::over($line, $tacks);
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
                        AppliedPiece::lengthOf($line),
                        $cut,
                    );
                }
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

    /**
     * The runs of a block shared out to the copies it is sewn for, copy by copy; all of it as one where they are not alike.
     *
     * @param list<non-empty-list<Point>> $runs
     *
     * @return list<list<Point>>
     */
    private static function ofCopies(array $runs, int $copies): array
    {
        $each = intdiv(count($runs), max(1, $copies));
        if ($copies > 1 && $each > 0 && count($runs) === $each * $copies) {
            $lines = array_map(WayRound::of(...), array_chunk($runs, $each));
            $boxes = array_map(Bounds::around(...), $lines);
            $alike = array_filter(
                $boxes,
                static fn(Bounds $box): bool => abs($box->width() - $boxes[0]->width()) < self::ALIKE_MM
                    && abs($box->height() - $boxes[0]->height()) < self::ALIKE_MM,
            );
            if (count($alike) === $copies) {
                return $lines;
            }
        }

        return [WayRound::of($runs)];
    }

    /**
     * What holds a cloth: of several, what lies over its line. Copies are sewn to and fro, so they come in another order.
     *
     * @param non-empty-list<Point> $line
     * @param list<list<Point>>     $tacks
     *
     * @return list<Point>
     */
    private static function over(array $line, array $tacks): array
    {
        $middle = Bounds::around($line)->centre();
        $nearest = [];
        $least = INF;
        foreach ($tacks as $tack) {
            $apart = $tack === [] ? INF : Bounds::around($tack)->centre()->distanceTo($middle);
            if ($apart < $least) {
                [$nearest, $least] = [$tack, $apart];
            }
        }

        return $nearest;
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
}
