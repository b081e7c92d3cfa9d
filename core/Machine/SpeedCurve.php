<?php

declare(strict_types=1);

namespace Hakama\Machine;

use InvalidArgumentException;

/** How fast a machine can sew stitches of a given length, straight lines between known points. */
final readonly class SpeedCurve
{
    /** @param non-empty-list<array{float, float}> $points [length mm, stitches per minute], lengths rising */
    private function __construct(public array $points) {}

    /**
     * The usual fall: full speed to 3 mm, then as the shares say.
     *
     * @param float $topSpm stitches per minute on short stitches
     */
    public static function usual(float $topSpm): self
    {
        return self::of([[3.0, $topSpm], [5.0, 0.85 * $topSpm], [7.0, 0.7 * $topSpm], [12.7, 0.45 * $topSpm]]);
    }

    /** @param list<array{float, float}> $points [length mm, stitches per minute], lengths rising, speeds above zero */
    public static function of(array $points): self
    {
        $before = -INF;
        foreach ($points as [$length, $spm]) {
            if ($length <= $before || $spm <= 0) {
                throw new InvalidArgumentException('a speed curve wants rising lengths and speeds above zero');
            }
            $before = $length;
        }
        if ($points === []) {
            throw new InvalidArgumentException('a speed curve wants at least one point');
        }

        return new self($points);
    }

    /** Stitches per minute at this stitch length; level before the first point and after the last. */
    public function spmAt(float $lengthMm): float
    {
        [$fromLength, $fromSpm] = $this->points[0];
        if ($lengthMm <= $fromLength) {
            return $fromSpm;
        }
        foreach ($this->points as [$length, $spm]) {
            if ($lengthMm <= $length) {
                return $fromSpm + (($spm - $fromSpm) * ($lengthMm - $fromLength)) / ($length - $fromLength);
            }
            [$fromLength, $fromSpm] = [$length, $spm];
        }

        return $fromSpm;
    }
}
