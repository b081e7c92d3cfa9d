<?php

declare(strict_types=1);

namespace Hakama\Setup\Placement;

use Hakama\House\Units;
use Hakama\Words\Text;

/** A place found on the garment itself: what was measured, worked out, and said as it is marked. */
final readonly class WorkedMark
{
    private function __construct(public float $mm, public Text $words) {}

    /**
     * The new design goes level with a mark on the other side.
     *
     * @param float $markMm of the mark's middle, down from a seam that is the same on both sides
     */
    public static function levelWith(float $markMm, Text $seam, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($markMm);

        return new self(
            $markMm,
            new Text('setup.mark.level_with', ['length' => $units->length($markMm), 'seam' => $seam]),
        );
    }

    /** @param float $oneMm of two marks, both from the same seam; the other in $otherMm */
    public static function midway(float $oneMm, float $otherMm, Text $seam, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($oneMm, $otherMm);
        $mm = ($oneMm + $otherMm) / 2;

        return new self(
            $mm,
            new Text('setup.mark.midway', [
                'length' => $units->length($mm),
                'seam' => $seam,
                'each' => $units->length(abs($oneMm - $otherMm) / 2),
            ]),
        );
    }

    /**
     * The same gap on both sides, as on a panel between two seams.
     *
     * @param float $betweenMm the measured width
     *
     * @throws CannotBeMarked when the design is wider
     */
    public static function equalGaps(float $betweenMm, float $designMm, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($betweenMm, $designMm);
        if ($designMm > $betweenMm) {
            throw new CannotBeMarked(
                new Text('setup.mark.wider', [
                    'width' => $units->said($designMm),
                    'between' => $units->said($betweenMm),
                ]),
            );
        }
        $gap = ($betweenMm - $designMm) / 2;

        return new self(
            $gap,
            new Text('setup.mark.equal_gaps', [
                'gap' => $units->length($gap),
                'middle' => $units->length($betweenMm / 2),
            ]),
        );
    }

    /** The centre is half of what is measured: people get this sum wrong. */
    public static function half(float $measuredMm, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($measuredMm);

        return new self($measuredMm / 2, new Text('setup.mark.half', ['length' => $units->length($measuredMm / 2)]));
    }

    /** @param float $angleDeg of the corner, 90 where its edges are square */
    public static function corner(float $alongMm, float $angleDeg = 90.0, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($alongMm);
        if ($angleDeg < 10.0 || $angleDeg > 170.0) {
            throw new CannotBeMarked(new Text('setup.mark.corner_angle'));
        }
        $in = self::inFromEdges($alongMm, $angleDeg);

        return new self(
            $in,
            new Text('setup.mark.corner', ['along' => $units->length($alongMm), 'in' => $units->length($in)]),
        );
    }

    /** How far a point on a corner's bisector lies from both edges: d · sin(half the angle). */
    public static function inFromEdges(float $alongMm, float $angleDeg): float
    {
        return $alongMm * sin(deg2rad($angleDeg / 2));
    }

    private static function mustBePositive(float ...$mm): void
    {
        foreach ($mm as $one) {
            if ($one <= 0.0) {
                throw new CannotBeMarked(new Text('setup.mark.nothing'));
            }
        }
    }
}
