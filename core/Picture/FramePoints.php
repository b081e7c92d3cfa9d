<?php

declare(strict_types=1);

namespace Hakama\Picture;

use Hakama\Words\Decimal;
use Hakama\Words\Text;

/**
 * Points in a picture whose place on the frame is known, and with them where every other point of it lies: millimetres,
 * right and up from the frame's centre. What is measured so says by how much it may be off.
 */
final readonly class FramePoints
{
    /** 95 of 100 lie within so many standard deviations. */
    private const WITHIN = 1.96;
    private const LEAST_SCALE = 0.02;
    private const MOST_SCALE = 5.0;
    /** Three points are on a line when the third lies nearer to it than this share of the longest side. */
    private const ON_A_LINE = 0.01;
    /** Step of the derivatives, pixels. */
    private const STEP_PX = 0.25;

    private Homography $plane;

    /** @param list<array{array{float, float}, array{float, float}}> $points */
    private function __construct(private array $points)
    {
        $this->plane = Homography::of($points);
    }

    /**
     * @param list<array{array{float, float}, array{float, float}}> $points pixel (right, down) and mm (right, up from the
     *     frame's centre), four or more
     *
     * @throws UnfitPicture
     */
    public static function of(array $points): self
    {
        self::mustSpread($points);

        return new self($points);
    }

    /**
     * @param array{float, float} $px
     *
     * @return array{float, float} mm right and up from the frame's centre
     */
    public function map(array $px): array
    {
        return $this->plane->map($px);
    }

    /** @return list<float> from the frame to the picture, as nine figures row by row, up to a common factor */
    public function back(): array
    {
        return $this->plane->back();
    }

    /**
     * The plane is seen from the front, these points before the horizon, and the first of them at a scale that pictures
     * have.
     *
     * @param non-empty-list<array{float, float}> $touched
     *
     * @throws UnfitPicture
     */
    public function mustShow(array $touched): void
    {
        $side = $this->plane->depth($touched[0]) <=> 0.0;
        foreach ([...array_column($this->points, 0), ...$touched] as $px) {
            if (($this->plane->depth($px) <=> 0.0) !== $side || $side === 0) {
                throw new UnfitPicture(new Text('setup.picture_refused.mixed_up'));
            }
        }
        $area = $this->plane->area($touched[0]);
        if ($area > 0) {
            throw new UnfitPicture(new Text('setup.picture_refused.mirrored'));
        }
        if (sqrt(abs($area)) < self::LEAST_SCALE || sqrt(abs($area)) > self::MOST_SCALE) {
            throw new UnfitPicture(
                new Text('setup.picture_refused.pixel_size', [
                    'size' => new Decimal(sqrt(abs($area)), 3),
                    'least' => new Decimal(self::LEAST_SCALE, 2),
                    'most' => new Decimal(self::MOST_SCALE, 0),
                ]),
            );
        }
    }

    /**
     * What figures may be off by, at 95 %, when each point was touched a little off. By first order: each pixel figure is
     * moved a little, and the squares of what comes of it are added up.
     *
     * @param callable(self, list<array{float, float}>): list<float> $figures of the points that were touched
     * @param list<array{float, float}>                               $touched pixels
     * @param float                                                   $errorPx one standard deviation of each
     * @param array<int, float>                                       $periods which of the figures are degrees => after
     *     how many they are the same again
     *
     * @return list<float>
     */
    public function errors(callable $figures, array $touched, float $errorPx, array $periods = []): array
    {
        $n = count($this->points);
        $moved = function (int $which, float $right, float $down) use ($figures, $touched, $n): array {
            [$points, $seen] = [$this->points, $touched];
            if ($which < $n) {
                [[$x, $y], $mm] = $points[$which];
                $points[$which] = [[$x + $right, $y + $down], $mm];
            } else {
                [$x, $y] = $seen[$which - $n];
                $seen[$which - $n] = [$x + $right, $y + $down];
            }

            return $figures($which < $n ? new self($points) : $this, $seen);
        };
        $squares = [];
        for ($which = 0; $which < $n + count($touched); $which++) {
            foreach ([[self::STEP_PX, 0.0], [0.0, self::STEP_PX]] as [$right, $down]) {
                $less = $moved($which, -$right, -$down);
                foreach ($moved($which, $right, $down) as $of => $more) {
                    $by = $more - $less[$of];
                    // An angle has no end at half a turn, nor that of a seam at a quarter.
                    $period = $periods[$of] ?? null;
                    $by = $period === null ? $by : fmod($by + 1.5 * $period, $period) - $period / 2;
                    $squares[$of] = ($squares[$of] ?? 0.0) + (($errorPx * $by) / (2 * self::STEP_PX)) ** 2;
                }
            }
        }

        return array_map(static fn(float $square): float => self::WITHIN * sqrt($square), array_values($squares));
    }

    /** @param list<array{array{float, float}, array{float, float}}> $points */
    private static function mustSpread(array $points): void
    {
        if (count($points) < 4) {
            throw new UnfitPicture(new Text('setup.picture_refused.four_points'));
        }
        $n = count($points);
        for ($a = 0; $a < $n - 3; $a++) {
            for ($b = $a + 1; $b < $n - 2; $b++) {
                for ($c = $b + 1; $c < $n - 1; $c++) {
                    for ($d = $c + 1; $d < $n; $d++) {
                        $four = [$points[$a], $points[$b], $points[$c], $points[$d]];
                        if (self::spread(array_column($four, 0)) && self::spread(array_column($four, 1))) {
                            return;
                        }
                    }
                }
            }
        }

        throw new UnfitPicture(new Text('setup.picture_refused.on_a_line'));
    }

    /** @param list<array{float, float}> $four */
    private static function spread(array $four): bool
    {
        foreach ([[0, 1, 2], [0, 1, 3], [0, 2, 3], [1, 2, 3]] as $three) {
            [$a, $b, $c] = array_map(static fn(int $i): array => $four[$i], $three);
            $longest = max(
                hypot($b[0] - $a[0], $b[1] - $a[1]),
                hypot($c[0] - $a[0], $c[1] - $a[1]),
                hypot($c[0] - $b[0], $c[1] - $b[1]),
            );
            $twice = abs(($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]));
            if ($longest <= 0.0 || $twice < self::ON_A_LINE * $longest ** 2) {
                return false;
            }
        }

        return true;
    }
}
