<?php

declare(strict_types=1);

namespace Hakama\Setup\Placement;

use Hakama\House\Units;
use InvalidArgumentException;

/** A place found on the garment itself: what was measured, worked out, and said as it is marked. */
final readonly class WorkedMark
{
    private function __construct(public float $mm, public string $words) {}

    /**
     * The new design goes level with a mark on the other side.
     *
     * @param float $markMm of the mark's middle, down from a seam that is the same on both sides
     */
    public static function levelWith(float $markMm, string $seam, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($markMm);

        return new self(
            $markMm,
            sprintf(
                'Level with the mark: its middle lies %s below the %s on both sides.',
                $units->length($markMm),
                $seam,
            ),
        );
    }

    /** @param float $oneMm of two marks, both from the same seam; the other in $otherMm */
    public static function midway(float $oneMm, float $otherMm, string $seam, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($oneMm, $otherMm);
        $mm = ($oneMm + $otherMm) / 2;

        return new self(
            $mm,
            sprintf(
                'The middle of the two marks: %s from the %s, %s from each.',
                $units->length($mm),
                $seam,
                $units->length(abs($oneMm - $otherMm) / 2),
            ),
        );
    }

    /**
     * The same gap on both sides, as on a panel between two seams.
     *
     * @param float $betweenMm the measured width
     *
     * @throws InvalidArgumentException when the design is wider
     */
    public static function equalGaps(float $betweenMm, float $designMm, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($betweenMm, $designMm);
        if ($designMm > $betweenMm) {
            throw new InvalidArgumentException(
                sprintf(
                    'the design is %s wide and there are %s between the seams: a smaller version, or another place',
                    $units->said($designMm),
                    $units->said($betweenMm),
                ),
            );
        }
        $gap = ($betweenMm - $designMm) / 2;

        return new self(
            $gap,
            sprintf(
                '%s free on both sides; the middle is %s from either seam.',
                $units->length($gap),
                $units->length($betweenMm / 2),
            ),
        );
    }

    /** The centre is half of what is measured: people get this sum wrong. */
    public static function half(float $measuredMm, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($measuredMm);

        return new self($measuredMm / 2, sprintf('The centre: %s from either side.', $units->length($measuredMm / 2)));
    }

    /** @param float $angleDeg of the corner, 90 where its edges are square */
    public static function corner(float $alongMm, float $angleDeg = 90.0, Units $units = Units::Millimetres): self
    {
        self::mustBePositive($alongMm);
        if ($angleDeg < 10.0 || $angleDeg > 170.0) {
            throw new InvalidArgumentException('a corner has 10 to 170 degrees');
        }
        $in = self::inFromEdges($alongMm, $angleDeg);

        return new self(
            $in,
            sprintf(
                '%s along the bisector is %s in from each of the two edges.',
                $units->length($alongMm),
                $units->length($in),
            ),
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
                throw new InvalidArgumentException('what is measured is more than nothing');
            }
        }
    }
}
