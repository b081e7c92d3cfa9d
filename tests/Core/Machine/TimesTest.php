<?php

declare(strict_types=1);

namespace Tests\Core\Machine;

use Hakama\House\HouseRules;
use Hakama\Machine\BatchTime;
use Hakama\Machine\Rack;
use Hakama\Machine\RunTime;
use Hakama\Machine\RunTimeRules;
use Hakama\Machine\SpeedCurve;
use Hakama\Machine\Timeline;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Figures\StitchLengths;
use Hakama\Stitch\PatternBuilder;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class TimesTest extends TestCase
{
    #[Test]
    public function a_run_of_which_only_stitches_and_colours_are_known_is_about_what_a_hand_works_out(): void
    {
        // 3 000 stitches at 850 a minute 211.8 s, 2 changes of 7 s, 6 trims of 6 s, 9 starts of 1.5 s, breaks on two
        // heads 2 × 3 × 0.05 × 90 s.
        $run = RunTime::about(3_000, 3, 850, SpeedCurve::usual(1000), new RunTimeRules(7, 6, 1.5, 0.05, 90), 2);
        self::assertEqualsWithDelta(211.76 + 14 + 36 + 13.5 + 27, $run->seconds(), 0.01);
    }

    #[Test]
    public function speed_falls_with_stitch_length_along_straight_lines(): void
    {
        $curve = SpeedCurve::usual(1000);

        foreach (
            [[0.5, 1000], [3, 1000], [4, 925], [5, 850], [6, 775], [7, 700], [9.85, 575], [12.7, 450], [20, 450]] as [$length, $spm]
        ) {
            self::assertEqualsWithDelta($spm, $curve->spmAt($length), 1e-9, "{$length} mm");
        }
    }

    #[Test]
    public function a_run_is_added_up_as_by_hand(): void
    {
        // 600 stitches of 2 mm and 100 of 6 mm, set to 800 on a machine of 1000: the long ones run at 775.
        $lengths = StitchLengths::of([20 ** 2 => 600, 60 ** 2 => 100]);
        $time = RunTime::of(
            $lengths,
            changes: 2,
            trims: 3,
            setSpm: 800,
            curve: SpeedCurve::usual(1000),
            rules: HouseRules::of()->runTime(),
            heads: 2,
            handsS: 30.0,
        );

        self::assertEqualsWithDelta((600 * 60) / 800 + (100 * 60) / 775, $time->sewingS, 1e-9);
        self::assertEqualsWithDelta(
            [14.0, 18.0, 9.0, 30.0],
            [$time->changesS, $time->trimsS, $time->rampsS, $time->stopsS],
            1e-9,
        );
        self::assertEqualsWithDelta(2 * 0.7 * 0.05 * 90, $time->breaksS, 1e-9);
        self::assertEqualsWithDelta(45 + 7.741935 + 14 + 18 + 9 + 30 + 6.3, $time->seconds(), 1e-5);
        self::assertEqualsWithDelta((700 / $time->seconds()) * 60, $time->meanSpm(), 1e-9);
    }

    #[Test]
    public function the_timeline_ends_where_the_run_time_does_and_each_stitch_is_sewn_as_by_hand(): void
    {
        $rules = HouseRules::of();
        // Moved to its beginning, two stitches of 2 mm and one of 6, a trim of three jumps, a stop, and a stop too
        // many.
        $pattern = (new PatternBuilder('LINE'))
            ->stop()
            ->trimTo(50, 0)
            ->stitchTo(70, 0)
            ->stitchTo(90, 0)
            ->stitchTo(150, 0)
            ->trimTo(300, 0)
            ->stop()
            ->stitchTo(320, 0)
            ->stop()
            ->pattern();
        $curve = SpeedCurve::usual(1000);
        $timeline = Timeline::of($pattern, 600, $curve, $rules->runTime(), 3);
        // 600 a minute is 0.1 s a stitch, the long one too; 1.5 s to get going, 7.5 for the trim, 8.5 for the change.
        self::assertEqualsWithDelta([1.6, 1.7, 1.8, 17.9], $timeline->sewnAt(), 1e-9);
        $figures = PatternFigures::of($pattern, $rules->measuring());
        $time = RunTime::ofFigures($figures, 600, $curve, $rules->runTime());
        self::assertEqualsWithDelta($time->seconds() - $time->breaksS, 17.9, 1e-9);
        self::assertSame(
            [17.9, 1600, 100, 100, 16100],
            array_values((array) unpack('etotal/V4ms', $timeline->packed())),
        );
        // The fourth jump in a row makes no second trim; with two jumps to a trim the first three make one as well.
        self::assertSame(1.8, round(Timeline::of($pattern, 600, $curve, $rules->runTime(), 4)->sewnAt()[2], 9));
        self::assertSame(10.4, round(Timeline::of($pattern, 600, $curve, $rules->runTime(), 4)->sewnAt()[3], 9));
    }

    #[Test]
    public function nothing_runs_at_no_speed(): void
    {
        $this->expectException(InvalidArgumentException::class);
        RunTime::of(
            StitchLengths::of([400 => 1]),
            0,
            0,
            0,
            SpeedCurve::usual(1000),
            rules: HouseRules::of()->runTime(),
        );
    }

    #[Test]
    public function full_loads_agree_with_the_closed_forms(): void
    {
        [$h, $H, $W, $S] = [2, 90, 40, 300];
        for ($n = 1; $n <= 6; $n++) {
            self::assertSame($n * ($h * $H + $W + $S), (new BatchTime($n * $h, $h, 1, $H, $W, $S))->seconds());
            self::assertSame(
                $h * $H + $n * ($W + $S) + ($n - 1) * max(0, $h * $H - $S),
                (new BatchTime($n * $h, $h, 2, $H, $W, $S))->seconds(),
            );
        }
        // Hooping that takes longer than sewing is waited for.
        self::assertSame(2 * 200 + 3 * (40 + 300) + 2 * 100, (new BatchTime(6, 2, 2, 200, 40, 300))->seconds());
    }

    #[Test]
    public function the_last_load_may_be_short(): void
    {
        self::assertSame([2 * 90 + 340, 2 * 90 + 340, 90 + 340], (new BatchTime(5, 2, 1, 90, 40, 300))->loadsS());
    }

    #[Test]
    public function a_rack_knows_only_its_own_needles(): void
    {
        $this->expectExceptionMessage('there is no needle 7 on a machine of 6');
        Rack::of(6, [7 => 'white-40']);
    }
}
