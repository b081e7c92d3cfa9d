<?php

declare(strict_types=1);

namespace Tests\Core\Picture;

use Hakama\House\HouseRules;
use Hakama\Picture\Homography;
use Hakama\Picture\MarkAdvice;
use Hakama\Picture\MeasuredPlace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** Held against pictures of known truth: a pinhole camera that looks at the plane from anywhere before it. */
final class MeasuredPlaceTest extends TestCase
{
    private const CORNERS = [[-65.0, 65.0], [65.0, 65.0], [65.0, -65.0], [-65.0, -65.0]];

    #[Test]
    public function straight_above_it_is_a_matter_of_counting(): void
    {
        // Four pixels a millimetre, the frame's centre at (500, 400): the mark is 3 mm right of it and 2 mm down.
        $points = array_map(static fn(array $mm): array => [[500 + 4 * $mm[0], 400 - 4 * $mm[1]], $mm], self::CORNERS);
        $place = MeasuredPlace::of($points, [512.0, 408.0], [512.0, 308.0], 0.0, self::rules());
        self::assertEqualsWithDelta([3.0, -2.0, 0.0], [$place->rightMm, $place->upMm, $place->deg], 1e-9);
        self::assertSame(MarkAdvice::Move, $place->advice);
        self::assertSame('Move it 3.0 mm right and 2.0 mm down. ± 0.0 mm, ± 0.0°.', Said::of($place->words()));
    }

    #[Test]
    public function from_anywhere_before_it_the_truth_comes_back(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 200; $i++) {
            $camera = self::camera();
            $truth = [mt_rand(-200, 200) / 10, mt_rand(-200, 200) / 10, mt_rand(-450, 450) / 10];
            [$mark, $up] = self::mark($camera, $truth);
            $points = array_map(static fn(array $mm): array => [$camera($mm), $mm], [...self::CORNERS, [0.0, 65.0]]);
            $place = MeasuredPlace::of(array_slice($points, 0, 4 + ($i % 2)), $mark, $up, 1.5, self::rules());
            self::assertEqualsWithDelta($truth, [$place->rightMm, $place->upMm, $place->deg], 1e-6);
        }
    }

    #[Test]
    public function what_it_may_be_off_by_holds_in_95_of_100(): void
    {
        mt_srand(23);
        $within = [0, 0, 0];
        $runs = 600;
        for ($i = 0; $i < $runs; $i++) {
            $camera = self::camera();
            $truth = [mt_rand(-100, 100) / 10, mt_rand(-100, 100) / 10, mt_rand(-30, 30) / 10];
            [$mark, $up] = self::mark($camera, $truth);
            $points = array_map(static fn(array $mm): array => [self::noisy($camera($mm), 1.5), $mm], self::CORNERS);
            $place = MeasuredPlace::of($points, self::noisy($mark, 1.5), self::noisy($up, 1.5), 1.5, self::rules());
            foreach ([$place->rightMm, $place->upMm, $place->deg] as $of => $found) {
                $within[$of] += abs($found - $truth[$of]) <= $place->error[$of] ? 1 : 0;
            }
        }
        foreach ($within as $held) {
            // 95 of 100, give or take three times what chance gives 600 of them.
            self::assertGreaterThan(0.923, $held / $runs);
            self::assertLessThan(0.977, $held / $runs);
        }
    }

    #[Test]
    public function more_points_make_it_surer(): void
    {
        mt_srand(3);
        $camera = self::camera();
        [$mark, $up] = self::mark($camera, [1.0, 1.0, 0.5]);
        $of = static fn(array $all): float => MeasuredPlace::of(
            array_map(static fn(array $mm): array => [$camera($mm), $mm], $all),
            $mark,
            $up,
            1.5,
            self::rules(),
        )->error[0];
        self::assertLessThan(
            $of(self::CORNERS),
            $of([...self::CORNERS, [0.0, 65.0], [0.0, -65.0], [65.0, 0.0], [-65.0, 0.0]]),
        );
    }

    /** @return iterable<string, array{float, float, float, MarkAdvice, string}> right, up, degrees */
    public static function said(): iterable
    {
        yield 'as it should' => [0.1, -0.2, 0.1, MarkAdvice::Good, 'The position is good.'];
        yield 'off its place' => [-3.2, 1.1, 0.2, MarkAdvice::Move, 'Move it 3.2 mm left and 1.1 mm up.'];
        yield 'askew' => [
            -3.2,
            1.1,
            -0.8,
            MarkAdvice::Turn,
            'Turn the design 0.8° clockwise, then move it 3.2 mm left and 1.1 mm up.',
        ];
        yield 'askew on its place' => [0.0, 0.0, 0.6, MarkAdvice::Turn, 'Turn the design 0.6° counter-clockwise.'];
        yield 'too much' => [0.0, 0.0, 1.8, MarkAdvice::HoopAgain, 'Hoop again: it is turned 1.8° counter-clockwise.'];
    }

    #[Test]
    #[DataProvider('said')]
    public function it_says_what_to_do(float $right, float $up, float $deg, MarkAdvice $advice, string $words): void
    {
        $camera = static fn(array $mm): array => [500 + 4 * $mm[0], 400 - 4 * $mm[1]];
        [$mark, $above] = self::mark($camera, [$right, $up, $deg]);
        $place = MeasuredPlace::of(
            array_map(static fn(array $mm): array => [$camera($mm), $mm], self::CORNERS),
            $mark,
            $above,
            1.5,
            self::rules(),
        );
        self::assertSame($advice, $place->advice);
        self::assertStringStartsWith($words, Said::of($place->words()));
    }

    /** @return iterable<string, array{list<array{array{float, float}, array{float, float}}>, string}> */
    public static function unfit(): iterable
    {
        $see = static fn(array $mm): array => [500 + 4 * $mm[0], 400 - 4 * $mm[1]];
        $of = static fn(array $all): array => array_map(static fn(array $mm): array => [$see($mm), $mm], $all);
        $good = $of(self::CORNERS);
        yield 'three' => [array_slice($good, 0, 3), 'four points'];
        yield 'three on a line' => [$of([[-65.0, 65.0], [0.0, 65.0], [65.0, 65.0], [0.0, -65.0]]), 'on one line'];
        yield 'one twice' => [[$good[0], $good[0], $good[1], $good[2]], 'on one line'];
        yield 'two mixed up' => [
            [[$good[1][0], $good[0][1]], [$good[0][0], $good[1][1]], $good[2], $good[3]],
            'mixed up',
        ];
        yield 'mirrored' => [
            array_map(static fn(array $point): array => [[1000 - $point[0][0], $point[0][1]], $point[1]], $good),
            'mirrored',
        ];
        yield 'from the moon' => [
            array_map(static fn(array $point): array => [[$point[0][0] / 40, $point[0][1] / 40], $point[1]], $good),
            'A pixel would be',
        ];
    }

    /** @param list<array{array{float, float}, array{float, float}}> $points */
    #[Test]
    #[DataProvider('unfit')]
    public function nothing_is_measured_rather_than_something_wrong(array $points, string $why): void
    {
        self::assertStringContainsString(
            $why,
            Said::refusalOf(fn(): mixed => MeasuredPlace::of($points, [12.0, 10.0], [12.0, 5.0], 1.5, self::rules())),
        );
    }

    #[Test]
    public function a_direction_of_no_length_is_none(): void
    {
        $points = array_map(static fn(array $mm): array => [[500 + 4 * $mm[0], 400 - 4 * $mm[1]], $mm], self::CORNERS);
        self::assertStringContainsString(
            'is on the mark',
            Said::refusalOf(fn(): mixed => MeasuredPlace::of($points, [500.0, 400.0], [500.0, 400.5], 1.5, self::rules())),
        );
    }

    /** @return callable(array{float, float}): array{float, float} mm of the plane to pixels */
    private static function camera(): callable
    {
        $tilt = deg2rad(mt_rand(0, 35));
        $round = deg2rad(mt_rand(0, 359));
        $roll = deg2rad(mt_rand(-20, 20));
        $far = mt_rand(350, 700);
        $focal = 2400.0;
        // From the plane's own axes to the camera's: about an axis in the plane by the tilt, then about the line of sight.
        $axis = [cos($round), sin($round)];

        return static function (array $mm) use ($tilt, $axis, $roll, $far, $focal): array {
            $along = $mm[0] * $axis[0] + $mm[1] * $axis[1];
            $across = -$mm[0] * $axis[1] + $mm[1] * $axis[0];
            $depth = $far + $across * sin($tilt);
            $across *= cos($tilt);
            $x = $along * $axis[0] - $across * $axis[1];
            $y = $along * $axis[1] + $across * $axis[0];
            [$x, $y] = [$x * cos($roll) - $y * sin($roll), $x * sin($roll) + $y * cos($roll)];

            return [2000 + ($focal * $x) / $depth, 1500 - ($focal * $y) / $depth];
        };
    }

    /**
     * @param callable(array{float, float}): array{float, float} $camera
     * @param array{float, float, float}                         $truth right, up, degrees
     *
     * @return array{array{float, float}, array{float, float}} pixels of the mark, and of a point 30 mm up from it
     */
    private static function mark(callable $camera, array $truth): array
    {
        [$x, $y, $deg] = $truth;

        return [$camera([$x, $y]), $camera([$x - 30 * sin(deg2rad($deg)), $y + 30 * cos(deg2rad($deg))])];
    }

    /**
     * @param array{float, float} $px
     *
     * @return array{float, float}
     */
    private static function noisy(array $px, float $by): array
    {
        $r = sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_001));
        $a = 2 * M_PI * (mt_rand(0, 999_999) / 1_000_000);

        return [$px[0] + $by * $r * cos($a), $px[1] + $by * $r * sin($a)];
    }

    private static function rules(): \Hakama\Picture\PlaceRules
    {
        return HouseRules::of()->place();
    }

    #[Test]
    public function a_design_that_lies_turned_in_its_frame_is_measured_from_where_it_should_lie(): void
    {
        $points = [];
        foreach ([[-50, 50], [50, 50], [50, -50], [-50, -50]] as [$x, $y]) {
            $points[] = [[400.0 + 4 * $x, 400.0 - 4 * $y], [(float) $x, (float) $y]];
        }
        // Its up points down, and half a degree past that.
        $deg = 180.5;
        $up = [400.0 + 100 * -sin(deg2rad($deg)), 400.0 - 100 * cos(deg2rad($deg))];
        $place = MeasuredPlace::of($points, [400.0, 400.0], $up, 1.5, HouseRules::of()->place(), 180.0);
        self::assertEqualsWithDelta(0.5, $place->deg, 1e-9);
        $upright = MeasuredPlace::of($points, [400.0, 400.0], $up, 1.5, HouseRules::of()->place());
        self::assertEqualsWithDelta(-179.5, $upright->deg, 1e-9);
    }

    #[Test]
    public function the_way_back_leads_to_the_pixel_it_came_from(): void
    {
        mt_srand(4);
        for ($round = 0; $round < 50; $round++) {
            $points = [];
            foreach ([[-50, 50], [50, 50], [50, -50], [-50, -50]] as [$x, $y]) {
                $points[] = [
                    [400.0 + 4 * $x + mt_rand(-40, 40), 400.0 - 4 * $y + mt_rand(-40, 40)],
                    [(float) $x, (float) $y],
                ];
            }
            $plane = Homography::of($points);
            $back = $plane->back();
            $px = [300.0 + mt_rand(0, 200), 300.0 + mt_rand(0, 200)];
            [$x, $y] = $plane->map($px);
            $w = $back[6] * $x + $back[7] * $y + $back[8];
            self::assertEqualsWithDelta($px[0], ($back[0] * $x + $back[1] * $y + $back[2]) / $w, 1e-6);
            self::assertEqualsWithDelta($px[1], ($back[3] * $x + $back[4] * $y + $back[5]) / $w, 1e-6);
        }
    }
}
