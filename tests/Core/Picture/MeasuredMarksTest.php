<?php

declare(strict_types=1);

namespace Tests\Core\Picture;

use Hakama\House\HouseRules;
use Hakama\Picture\FramePoints;
use Hakama\Picture\MeasuredMarks;
use Hakama\Picture\PictureQuestion;
use Hakama\Picture\UnfitPicture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** Asked of a picture beside the place of a design: level, both seams, a seam's direction. */
final class MeasuredMarksTest extends TestCase
{
    private const CORNERS = [[-65.0, 65.0], [65.0, 65.0], [65.0, -65.0], [-65.0, -65.0]];

    /** @return iterable<string, array{PictureQuestion, list<array{float, float}>, list<float>, string}> places in mm */
    public static function asked(): iterable
    {
        yield 'level' => [
            PictureQuestion::Level,
            [[-40.0, 10.0], [40.0, 10.2]],
            [0.2, 80.0],
            'They are level over 80 mm.',
        ];
        // 3 over 60: atan(0.05) is 2.9 degrees.
        yield 'the other higher' => [
            PictureQuestion::Level,
            [[-30.0, 5.0], [30.0, 8.0]],
            [3.0, 60.0],
            'The other mark is 3.0 mm higher over 60 mm: move it by as much, or turn it by 2.9°.',
        ];
        yield 'the other lower, to the left of it' => [
            PictureQuestion::Level,
            [[30.0, 5.0], [-30.0, 2.0]],
            [-3.0, 60.0],
            'The other mark is 3.0 mm lower over 60 mm: move it by as much, or turn it by 2.9°.',
        ];
        yield 'both seams upright' => [
            PictureQuestion::Seams,
            [[-50.0, -30.0], [-50.0, 30.0], [46.0, -30.0], [46.0, 30.0], [0.0, 0.0]],
            [50.0, 46.0],
            '50.0 mm to the left seam, 46.0 mm to the right one: the middle is 2.0 mm further left.',
        ];
        // The left seam leans by three over four: five along it are four across.
        yield 'a seam that leans' => [
            PictureQuestion::Seams,
            [[-50.0, 0.0], [-20.0, 40.0], [40.0, -30.0], [40.0, 30.0], [0.0, 0.0]],
            [40.0, 40.0],
            '40.0 mm to the left seam, 40.0 mm to the right one: the mark is in the middle.',
        ];
        yield 'straight up' => [
            PictureQuestion::Angle,
            [[10.0, -40.0], [10.1, 40.0]],
            [-0.0716],
            'The seam runs straight up.',
        ];
        // One to the left over twenty up: 2.9 degrees, whichever end is touched first.
        yield 'leaning left' => [
            PictureQuestion::Angle,
            [[-1.0, 40.0], [1.0, 0.0]],
            [2.8624],
            'The seam runs 2.9° counter-clockwise of straight up.',
        ];
        yield 'nearly level' => [
            PictureQuestion::Angle,
            [[-40.0, 0.0], [40.0, 4.0]],
            [-87.1376],
            'The seam runs 2.9° counter-clockwise of level.',
        ];
    }

    /**
     * @param list<array{float, float}> $places
     * @param list<float>               $figures
     */
    #[Test]
    #[DataProvider('asked')]
    public function it_is_measured_from_straight_above_and_from_the_side(
        PictureQuestion $question,
        array $places,
        array $figures,
        string $words,
    ): void {
        $above = static fn(array $mm): array => [500 + 4 * $mm[0], 400 - 4 * $mm[1]];
        // Seen from the left and below: what is further right or up looks smaller.
        $aslant = static function (array $mm): array {
            $w = 1 + 0.0012 * $mm[0] + 0.0016 * $mm[1];

            return [
                500 + (4 * $mm[0] + 0.6 * $mm[1]) / $w,
                400 + (0.5 * $mm[0] - 3.6 * $mm[1]) / $w,
            ];
        };
        foreach ([$above, $aslant] as $camera) {
            $frame = FramePoints::of(array_map(static fn(array $mm): array => [$camera($mm), $mm], self::CORNERS));
            $found = MeasuredMarks::of($question, $frame, array_map($camera, $places), 1.5, HouseRules::of()->place());
            self::assertEqualsWithDelta($figures, $found->figures, 1e-4);
            self::assertStringStartsWith($words, Said::of($found->words));
        }
    }

    #[Test]
    public function what_it_may_be_off_by_holds_in_95_of_100(): void
    {
        mt_srand(11);
        [$runs, $within] = [800, [0, 0, 0]];
        $camera = static fn(array $mm): array => [500 + 4 * $mm[0], 400 - 4 * $mm[1]];
        $noisy = static fn(array $mm): array => array_map(
            static fn(float $one): float => $one +
                1.5 * sqrt(-2 * log(1 - mt_rand() / (mt_getrandmax() + 1))) * cos((2 * M_PI * mt_rand()) / mt_getrandmax()),
            $camera($mm),
        );
        $cases = [
            [PictureQuestion::Level, [[-30.0, 5.0], [30.0, 8.0]], 3.0],
            [PictureQuestion::Seams, [[-50.0, -30.0], [-50.0, 30.0], [46.0, -30.0], [46.0, 30.0], [0.0, 0.0]], 50.0],
            [PictureQuestion::Angle, [[-2.0, 40.0], [0.0, -40.0]], rad2deg(atan(2 / 80))],
        ];
        foreach ($cases as $i => [$question, $places, $truth]) {
            for ($run = 0; $run < $runs; $run++) {
                $frame = FramePoints::of(array_map(static fn(array $mm): array => [$noisy($mm), $mm], self::CORNERS));
                $found = MeasuredMarks::of(
                    $question,
                    $frame,
                    array_map($noisy, $places),
                    1.5,
                    HouseRules::of()->place(),
                );
                $within[$i] += abs($found->figures[0] - $truth) <= $found->errors[0] ? 1 : 0;
            }
            // Give or take three times what chance gives so many of them.
            self::assertGreaterThan(0.925, $within[$i] / $runs);
            self::assertLessThan(0.975, $within[$i] / $runs);
        }
    }

    #[Test]
    public function a_seam_that_runs_exactly_level_is_measured_as_surely_as_any_other(): void
    {
        $camera = static fn(array $mm): array => [500 + 4 * $mm[0], 400 - 4 * $mm[1]];
        $frame = FramePoints::of(array_map(static fn(array $mm): array => [$camera($mm), $mm], self::CORNERS));
        $error = static fn(array $places): float => MeasuredMarks::of(
            PictureQuestion::Angle,
            $frame,
            array_map($camera, $places),
            1.5,
            HouseRules::of()->place(),
        )->errors[0];
        self::assertEqualsWithDelta($error([[0.0, -40.0], [0.0, 40.0]]), $error([[-40.0, 0.0], [40.0, 0.0]]), 1e-6);
    }

    #[Test]
    public function what_says_nothing_is_refused(): void
    {
        $camera = static fn(array $mm): array => [500 + 4 * $mm[0], 400 - 4 * $mm[1]];
        $frame = FramePoints::of(array_map(static fn(array $mm): array => [$camera($mm), $mm], self::CORNERS));
        foreach (
            [
                [PictureQuestion::Level, [[0.0, 10.0], [1.0, 40.0]], 'above each other'],
                [PictureQuestion::Angle, [[0.0, 10.0], [1.0, 11.0]], 'too close'],
                [PictureQuestion::Seams, [[0.0, 1.0], [0.0, 2.0], [9.0, 0.0], [9.0, 20.0], [5.0, 5.0]], 'too close'],
                [PictureQuestion::Seams, [[0.0, 1.0]], 'Touch, in this order: left seam'],
                [PictureQuestion::Angle, [], 'Touch, in this order: seam'],
            ] as [$question, $places, $why]
        ) {
            try {
                MeasuredMarks::of($question, $frame, array_map($camera, $places), 1.5, HouseRules::of()->place());
                self::fail($why);
            } catch (UnfitPicture $e) {
                self::assertStringContainsString($why, Said::of($e->text));
            }
        }
    }
}
