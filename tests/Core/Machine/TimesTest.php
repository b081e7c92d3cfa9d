<?php

declare(strict_types=1);

namespace Tests\Core\Machine;

use Hakama\Machine\BatchTime;
use Hakama\Machine\Rack;
use Hakama\Machine\RunTime;
use Hakama\Machine\RunTimeRules;
use Hakama\Machine\SpeedCurve;
use Hakama\Stitch\Figures\StitchLengths;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class TimesTest extends TestCase
{
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
            heads: 2,
            handStops: 1,
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
    public function nothing_runs_at_no_speed(): void
    {
        $this->expectException(InvalidArgumentException::class);
        RunTime::of(StitchLengths::of([400 => 1]), 0, 0, 0, SpeedCurve::usual(1000), rules: new RunTimeRules());
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
