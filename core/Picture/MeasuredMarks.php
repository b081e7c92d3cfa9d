<?php

declare(strict_types=1);

namespace Hakama\Picture;

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
    private function __construct(public array $figures, public array $errors, public string $words) {}

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
            throw new UnfitPicture('touch '.implode(', ', $question->points()));
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
            throw new UnfitPicture('the two marks lie above each other: level is said of marks beside each other');
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
            throw new UnfitPicture('the two points of a seam lie too near to each other');
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
            throw new UnfitPicture('the two points of the seam lie too near to each other');
        }
        // Of a seam it does not matter which end is which.
        $deg = fmod(rad2deg(atan2(-($b[0] - $a[0]), $b[1] - $a[1])) + 360.0, 180.0);

        return [$deg > 90.0 ? $deg - 180.0 : $deg];
    }

    /**
     * @param list<float> $figures
     * @param list<float> $errors
     */
    private static function levelWords(array $figures, array $errors, PlaceRules $rules): string
    {
        [$higher, $across] = $figures;

        return (abs($higher) < $rules->leaveMm
            ? sprintf('They are level over %.0f mm.', $across)
            : sprintf(
                'The other mark lies %.1f mm %s over %.0f mm: move by as much, or turn by %.1f°.',
                abs($higher),
                $higher > 0 ? 'higher' : 'lower',
                $across,
                rad2deg(atan2(abs($higher), $across)),
            )).sprintf(' ± %.1f mm.', $errors[0]);
    }

    /**
     * @param list<float> $figures
     * @param list<float> $errors
     */
    private static function seamWords(array $figures, array $errors, PlaceRules $rules): string
    {
        [$left, $right] = $figures;
        $off = ($left - $right) / 2;

        return sprintf('%.1f mm to the left seam, %.1f mm to the right one: ', $left, $right).
            (abs($off) < $rules->leaveMm
                ? 'the mark is in the middle.'
                : sprintf('the middle is %.1f mm further %s.', abs($off), $off > 0 ? 'left' : 'right')).
            sprintf(' ± %.1f mm.', max($errors[0], $errors[1]));
    }

    private static function directionWords(float $deg, float $error, PlaceRules $rules): string
    {
        $lies = abs($deg) > 45.0;
        $off = $lies ? $deg - 90.0 * ($deg <=> 0.0) : $deg;

        return (abs($off) < $rules->leaveDeg
            ? sprintf('The seam runs %s.', $lies ? 'level' : 'straight up')
            : sprintf(
                'The seam runs %.1f° %s of %s.',
                abs($off),
                $off > 0 ? 'counter-clockwise' : 'clockwise',
                $lies ? 'level' : 'straight up',
            )).sprintf(' ± %.1f°.', $error);
    }
}
