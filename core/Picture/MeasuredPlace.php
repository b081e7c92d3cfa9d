<?php

declare(strict_types=1);

namespace Hakama\Picture;

use Hakama\Words\Decimal;
use Hakama\Words\Text;
use Hakama\Words\Texts;

/**
 * Where the mark on a hooped piece lies, measured from a photograph: how far from the frame's centre and turned by how
 * much, with what it may be off by, and what to do about it.
 */
final readonly class MeasuredPlace
{
    /** An angle that may be off by more than this says little. */
    private const UNSURE_DEG = 1.5;

    /**
     * @param float       $rightMm from the frame's centre, its top up
     * @param float       $deg     counter-clockwise
     * @param list<float> $error   of the three, at 95 %
     */
    private function __construct(
        public float $rightMm,
        public float $upMm,
        public float $deg,
        public array $error,
        public MarkAdvice $advice,
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
        $frame = FramePoints::of($points);
        if (hypot($up[0] - $mark[0], $up[1] - $mark[1]) < 1.0) {
            throw new UnfitPicture(new Text('setup.picture_refused.up_on_mark'));
        }
        $frame->mustShow([$mark]);
        [$right, $upMm, $deg] = self::measure($frame, [$mark, $up]);
        // Between half a turn to one side and half a turn to the other.
        $deg = 180.0 - fmod(540.0 - ($deg - $turnDeg), 360.0);

        return new self(
            $right,
            $upMm,
            $deg,
            $frame->errors(self::measure(...), [$mark, $up], $errorPx, [2 => 360.0]),
            match (true) {
                abs($deg) > $rules->hoopAgainDeg => MarkAdvice::HoopAgain,
                abs($deg) >= $rules->leaveDeg => MarkAdvice::Turn,
                hypot($right, $upMm) >= $rules->leaveMm => MarkAdvice::Move,
                default => MarkAdvice::Good,
            },
        );
    }

    public function words(): Text
    {
        $turn = [
            'turn' => new Decimal(abs($this->deg)),
            'way' => $this->deg >= 0 ? 'counter_clockwise' : 'clockwise',
        ];
        $moves = [
            ...self::move($this->rightMm, 'right', 'left'),
            ...self::move($this->upMm, 'up', 'down'),
        ];
        $move = ['move' => Texts::all(...$moves)];
        $does = match (true) {
            $this->advice === MarkAdvice::HoopAgain => new Text('setup.picture.hoop_again', $turn),
            $this->advice === MarkAdvice::Turn && $moves === [] => new Text('setup.picture.turn', $turn),
            $this->advice === MarkAdvice::Turn => new Text('setup.picture.turn_and_move', [...$turn, ...$move]),
            $this->advice === MarkAdvice::Move => new Text('setup.picture.move', $move),
            default => new Text('setup.picture.good'),
        };

        return new Text($this->error[2] > self::UNSURE_DEG ? 'setup.picture.measured_unsure' : 'setup.picture.measured', [
            'does' => $does,
            'mm' => new Decimal(max($this->error[0], $this->error[1])),
            'degrees' => new Decimal($this->error[2]),
        ]);
    }

    /** @return list<Text> */
    private static function move(float $mm, string $to, string $from): array
    {
        return abs($mm) < 0.05
            ? []
            : [new Text($mm > 0 ? "setup.picture.move_{$to}" : "setup.picture.move_{$from}", ['mm' => new Decimal(abs($mm))])];
    }

    /**
     * @param list<array{float, float}> $touched the mark, and the point up from it
     *
     * @return list<float>
     */
    private static function measure(FramePoints $frame, array $touched): array
    {
        [$x, $y] = $frame->map($touched[0]);
        [$ux, $uy] = $frame->map($touched[1]);

        return [$x, $y, rad2deg(atan2(-($ux - $x), $uy - $y))];
    }
}
