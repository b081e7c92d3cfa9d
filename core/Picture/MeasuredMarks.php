<?php

declare(strict_types=1);

namespace Hakama\Picture;

use Hakama\Words\Decimal;
use Hakama\Words\Text;

/**
 * What is asked of a picture beside the place of a design: whether two marks are level, how far a mark is from the seams
 * at both sides, which way a seam runs. Lengths and angles as seen with the frame's top up.
 */
final readonly class MeasuredMarks
{
    /** Two points nearer to each other than this say nothing of a direction. */
    private const LEAST_MM = 5.0;

    /**
     * @param list<float> $figures what was measured, as its question says
     * @param list<float> $errors  of each, at 95 %
     */
    private function __construct(public array $figures, public array $errors, public Text $words) {}

    /**
     * @param PictureQuestion           $question any but the place of a design
     * @param list<array{float, float}> $touched  pixels, as the question names them
     * @param float                     $errorPx  each pixel is uncertain by this, one standard deviation
     *
     * @throws UnfitPicture
     */
    public static function of(
        PictureQuestion $question,
        FramePoints $frame,
        array $touched,
        float $errorPx,
        PlaceRules $rules,
    ): self {
        if ($touched === [] || count($touched) !== count($question->points())) {
            throw new UnfitPicture(new Text('setup.picture_refused.touch', ['points' => $question->asked()]));
        }
        $frame->mustShow($touched);
        $measure = match ($question) {
            PictureQuestion::Level => self::level(...),
            PictureQuestion::Seams => self::seams(...),
            default => self::direction(...),
        };
        $figures = $measure($frame, $touched);
        $errors = $frame->errors($measure, $touched, $errorPx, $question === PictureQuestion::Angle ? [180.0] : []);

        return new self(
            $figures,
            $errors,
            match ($question) {
                PictureQuestion::Level => self::levelWords($figures, $errors, $rules),
                PictureQuestion::Seams => self::seamWords($figures, $errors, $rules),
                default => self::directionWords($figures[0], $errors[0], $rules),
            },
        );
    }

    /**
     * @param list<array{float, float}> $touched a mark, and the other one
     *
     * @return list<float> how much higher the other one lies, and how far across it is, mm
     */
    private static function level(FramePoints $frame, array $touched): array
    {
        [$here, $there] = [$frame->map($touched[0]), $frame->map($touched[1])];
        if (abs($there[0] - $here[0]) < self::LEAST_MM) {
            throw new UnfitPicture(new Text('setup.picture_refused.marks_above_each_other'));
        }

        return [$there[1] - $here[1], abs($there[0] - $here[0])];
    }

    /**
     * @param list<array{float, float}> $touched the left seam twice, the right seam twice, the mark
     *
     * @return list<float> from the mark to the left seam and to the right one, square to each, mm
     */
    private static function seams(FramePoints $frame, array $touched): array
    {
        [$a, $b, $c, $d, $mark] = array_map($frame->map(...), $touched);

        return [self::toLine($mark, $a, $b), self::toLine($mark, $c, $d)];
    }

    /**
     * @param array{float, float} $point
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private static function toLine(array $point, array $from, array $to): float
    {
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
        if ($length < self::LEAST_MM) {
            throw new UnfitPicture(new Text('setup.picture_refused.seam_too_short'));
        }

        return abs(
            ($to[0] - $from[0]) * ($point[1] - $from[1]) - ($to[1] - $from[1]) * ($point[0] - $from[0]),
        ) / $length;
    }

    /**
     * @param list<array{float, float}> $touched two points of a seam
     *
     * @return list<float> degrees counter-clockwise from straight up, above -90 to 90
     */
    private static function direction(FramePoints $frame, array $touched): array
    {
        [$a, $b] = array_map($frame->map(...), $touched);
        if (hypot($b[0] - $a[0], $b[1] - $a[1]) < self::LEAST_MM) {
            throw new UnfitPicture(new Text('setup.picture_refused.seam_too_short'));
        }
        // Of a seam it does not matter which end is which.
        $deg = fmod(rad2deg(atan2(-($b[0] - $a[0]), $b[1] - $a[1])) + 360.0, 180.0);

        return [$deg > 90.0 ? $deg - 180.0 : $deg];
    }

    /**
     * @param list<float> $figures
     * @param list<float> $errors
     */
    private static function levelWords(array $figures, array $errors, PlaceRules $rules): Text
    {
        [$higher, $across] = $figures;

        return new Text('setup.picture.'.(abs($higher) < $rules->leaveMm ? 'level' : 'not_level'), [
            'higher' => new Decimal(abs($higher)),
            'way' => $higher > 0 ? 'higher' : 'lower',
            'across' => new Decimal($across, 0),
            'angle' => new Decimal(rad2deg(atan2(abs($higher), $across))),
            'error' => new Decimal($errors[0]),
        ]);
    }

    /**
     * @param list<float> $figures
     * @param list<float> $errors
     */
    private static function seamWords(array $figures, array $errors, PlaceRules $rules): Text
    {
        [$left, $right] = $figures;
        $off = ($left - $right) / 2;

        return new Text('setup.picture.'.(abs($off) < $rules->leaveMm ? 'seams_middle' : 'seams_off'), [
            'left' => new Decimal($left),
            'right' => new Decimal($right),
            'off' => new Decimal(abs($off)),
            'way' => $off > 0 ? 'left' : 'right',
            'error' => new Decimal(max($errors[0], $errors[1])),
        ]);
    }

    private static function directionWords(float $deg, float $error, PlaceRules $rules): Text
    {
        $lies = abs($deg) > 45.0;
        $off = $lies ? $deg - 90.0 * ($deg <=> 0.0) : $deg;

        return new Text('setup.picture.'.(abs($off) < $rules->leaveDeg ? 'seam_straight' : 'seam_off'), [
            'off' => new Decimal(abs($off)),
            'way' => $off > 0 ? 'counter_clockwise' : 'clockwise',
            'lies' => $lies ? 'level' : 'straight_up',
            'error' => new Decimal($error),
        ]);
    }
}
