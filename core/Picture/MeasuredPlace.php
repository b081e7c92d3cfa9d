<?php

declare(strict_types=1);

namespace Hakama\Picture;

/**
 * Where the mark on a hooped piece lies, measured from a photograph: how far from the frame's centre and turned by how
 * much, with what it may be off by, and what to do about it.
 */
final readonly class MeasuredPlace
{
    /** 95 of 100 lie within so many standard deviations. */
    private const WITHIN = 1.96;
    private const LEAST_SCALE = 0.02;
    private const MOST_SCALE = 5.0;
    /** Three points are on a line when the third lies nearer to it than this share of the longest side. */
    private const ON_A_LINE = 0.01;
    /** An angle that may be off by more than this says little. */
    private const UNSURE_DEG = 1.5;
    /** Step of the derivatives, pixels. */
    private const STEP_PX = 0.25;

    /**
     * @param float                       $rightMm from the frame's centre, its top up
     * @param float                       $deg     counter-clockwise
     * @param array{float, float, float}  $error   of the three, at 95 %
     */
    private function __construct(
        public float $rightMm,
        public float $upMm,
        public float $deg,
        public array $error,
        public Advice $advice,
    ) {}

    /**
     * @param list<array{array{float, float}, array{float, float}}> $points pixel (right, down) and mm (right, up from the
     *     frame's centre), four or more
     * @param array{float, float} $mark pixel of the mark's centre
     * @param array{float, float} $up   pixel of any point straight up from it
     * @param float               $errorPx each pixel is uncertain by this, one standard deviation
     * @param float $turnDeg by which the design lies turned in the frame: the mark's up is wanted there
     *
     * @throws UnfitPicture
     */
    public static function of(
        array $points,
        array $mark,
        array $up,
        float $errorPx,
        PlaceRules $rules,
        float $turnDeg = 0.0,
    ): self {
        self::mustSpread($points);
        if (hypot($up[0] - $mark[0], $up[1] - $mark[1]) < 1.0) {
            throw new UnfitPicture('the point straight up from the mark lies on the mark');
        }
        self::mustBeSeenFromTheFront(Homography::of($points), $points, $mark);
        [$right, $upMm, $deg] = self::measure($points, $mark, $up);
        // Between half a turn to one side and half a turn to the other.
        $deg = 180.0 - fmod(540.0 - ($deg - $turnDeg), 360.0);

        return new self(
            $right,
            $upMm,
            $deg,
            self::errors($points, $mark, $up, $errorPx),
            match (true) {
                abs($deg) > $rules->hoopAgainDeg => Advice::HoopAgain,
                abs($deg) >= $rules->leaveDeg => Advice::Turn,
                hypot($right, $upMm) >= $rules->leaveMm => Advice::Move,
                default => Advice::Good,
            },
        );
    }

    public function words(): string
    {
        $turned = sprintf('%.1f° %s', abs($this->deg), $this->deg >= 0 ? 'counter-clockwise' : 'clockwise');
        $moves = array_values(
            array_diff([self::move($this->rightMm, 'right', 'left'), self::move($this->upMm, 'up', 'down')], ['']),
        );
        $move = $moves === [] ? '' : 'move '.implode(' and ', $moves);

        return match ($this->advice) {
            Advice::HoopAgain => "Hoop again: it is turned {$turned}.",
            Advice::Turn => "Turn the design {$turned}".($move === '' ? '.' : ", then {$move}."),
            Advice::Move => ucfirst($move).'.',
            Advice::Good => 'It lies as it should.',
        }.
            sprintf(' ± %.1f mm, ± %.1f°.', max($this->error[0], $this->error[1]), $this->error[2]).
            ($this->error[2] > self::UNSURE_DEG
                ? ' The direction is not sure: take a point further up from the mark.'
                : '');
    }

    private static function move(float $mm, string $to, string $from): string
    {
        return abs($mm) < 0.05 ? '' : sprintf('%.1f mm %s', abs($mm), $mm > 0 ? $to : $from);
    }

    /**
     * @param list<array{array{float, float}, array{float, float}}> $points
     * @param array{float, float} $mark
     * @param array{float, float} $up
     *
     * @return array{float, float, float}
     */
    private static function measure(array $points, array $mark, array $up): array
    {
        $plane = Homography::of($points);
        [$x, $y] = $plane->map($mark);
        [$ux, $uy] = $plane->map($up);

        return [$x, $y, rad2deg(atan2(-($ux - $x), $uy - $y))];
    }

    /**
     * By first order: each pixel figure moved a little, what comes of it, and the squares added up.
     *
     * @param list<array{array{float, float}, array{float, float}}> $points
     * @param array{float, float} $mark
     * @param array{float, float} $up
     *
     * @return array{float, float, float}
     */
    private static function errors(array $points, array $mark, array $up, float $errorPx): array
    {
        $squares = [0.0, 0.0, 0.0];
        $n = count($points);
        $moved = static function (int $which, float $right, float $down) use ($points, $mark, $up, $n): array {
            if ($which < $n) {
                [[$x, $y], $mm] = $points[$which];
                $points[$which] = [[$x + $right, $y + $down], $mm];
            } elseif ($which === $n) {
                $mark = [$mark[0] + $right, $mark[1] + $down];
            } else {
                $up = [$up[0] + $right, $up[1] + $down];
            }

            return self::measure($points, $mark, $up);
        };
        for ($which = 0; $which < $n + 2; $which++) {
            foreach ([[self::STEP_PX, 0.0], [0.0, self::STEP_PX]] as [$right, $down]) {
                $more = $moved($which, $right, $down);
                $less = $moved($which, -$right, -$down);
                foreach ([0, 1, 2] as $of) {
                    $by = $more[$of] - $less[$of];
                    // An angle has no end at half a turn.
                    $by = $of === 2 ? fmod($by + 540, 360) - 180 : $by;
                    $squares[$of] += (($errorPx * $by) / (2 * self::STEP_PX)) ** 2;
                }
            }
        }

        return [self::WITHIN * sqrt($squares[0]), self::WITHIN * sqrt($squares[1]), self::WITHIN * sqrt($squares[2])];
    }

    /** @param list<array{array{float, float}, array{float, float}}> $points */
    private static function mustSpread(array $points): void
    {
        if (count($points) < 4) {
            throw new UnfitPicture('four points of known place are wanted at least');
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

        throw new UnfitPicture('three of the points lie on a line; four are wanted of which no three do');
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

    /**
     * @param list<array{array{float, float}, array{float, float}}> $points
     * @param array{float, float} $mark
     */
    private static function mustBeSeenFromTheFront(Homography $plane, array $points, array $mark): void
    {
        $side = $plane->depth($mark) <=> 0.0;
        foreach ([...array_column($points, 0), $mark] as $px) {
            if (($plane->depth($px) <=> 0.0) !== $side || $side === 0) {
                throw new UnfitPicture('the points fold over: two of them are mixed up');
            }
        }
        if ($plane->area($mark) > 0) {
            throw new UnfitPicture('the picture is mirrored, or two of the points are mixed up');
        }
        $scale = sqrt(abs($plane->area($mark)));
        if ($scale < self::LEAST_SCALE || $scale > self::MOST_SCALE) {
            throw new UnfitPicture(
                sprintf(
                    'a pixel would be %.3f mm there; %.2f to %.0f is what a picture has',
                    $scale,
                    self::LEAST_SCALE,
                    self::MOST_SCALE,
                ),
            );
        }
    }
}
