<?php

declare(strict_types=1);

namespace Tests\Core\Artwork;

use Hakama\Artwork\Sheets;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\RunTimeRules;
use Hakama\Machine\SpeedCurve;
use Hakama\Machine\Window;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\PatternBuilder;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class SheetsTest extends TestCase
{
    #[Test]
    public function forty_eight_patches_go_on_as_few_sheets_as_the_frame_allows(): void
    {
        // A patch of 40 by 30 mm in a field of 300 by 200 less 7 on each side, 5 mm apart: (286 + 5) / 45 = 6 along,
        // (186 + 5) / 35 = 5 up, 30 to a sheet. 48 are two sheets; of 24 each, four rows do.
        $best = self::sheets()->of(self::patch(), 48, [self::frame('BIG', 300, 200)]);
        self::assertCount(1, $best);
        self::assertSame(
            [6, 4, 2, 0],
            [$best[0]->grid->columns, $best[0]->grid->rows, $best[0]->sheets, $best[0]->over],
        );
        // Backing 25 mm over: 370 by 270 twice.
        self::assertEqualsWithDelta(2 * 37.0 * 27.0, $best[0]->cm2, 1e-9);
    }

    #[Test]
    public function a_sheet_sews_each_colour_once(): void
    {
        // Two blocks of 100 stitches of 2 mm at 600 a minute are 20 s a copy. Ten copies: 200 s, one change of 7, nine trims
        // between copies in each of two colours at 6 s, and one in the design itself, ten times.
        $one = self::patch();
        self::assertSame([1, 200], [$one->counts->changes, $one->counts->stitches]);
        $trims = 10 * $one->counts->trims + 9 * 2;
        self::assertEqualsWithDelta(
            10 * 20 + 7 + 6 * $trims + 1.5 * (1 + 1 + $trims),
            self::sheets()->sewS($one, 10),
            0.01,
        );
    }

    #[Test]
    public function of_several_frames_the_soonest_done_comes_first_and_none_too_small(): void
    {
        $best = self::sheets()->of(self::patch(), 60, [
            self::frame('SMALL', 60, 60),
            self::frame('MID', 150, 150),
            self::frame('BIG', 300, 200),
            self::frame('TINY', 45, 45),
        ]);
        self::assertSame(['BIG', 'MID', 'SMALL'], array_column($best, 'frame'));
        foreach ($best as $sheet) {
            self::assertGreaterThanOrEqual(60, $sheet->sheets * $sheet->grid->copies());
            self::assertSame($sheet->sheets * $sheet->grid->copies() - 60, $sheet->over);
        }
        self::assertSame(
            array_column($best, 'seconds'),
            (static function (array $s): array {
                sort($s);

                return $s;
            })(array_column($best, 'seconds')),
        );
    }

    private static function sheets(): Sheets
    {
        return new Sheets(7.0, 5.0, 25.0, 90, 40, 600.0, SpeedCurve::usual(1000), new RunTimeRules(7, 6, 1.5, 0, 90));
    }

    private static function patch(): PatternFigures
    {
        $builder = new PatternBuilder('PATCH');
        foreach ([0, 1] as $block) {
            if ($block === 1) {
                $builder->stop();
            }
            for ($i = 1; $i <= 100; $i++) {
                // To and fro over 40 mm in stitches of 2 mm, five rows 7.5 mm apart: 30 mm high.
                $row = intdiv($i - 1, 20);
                $along = (($i - 1) % 20) + 1;
                $builder->stitchTo($row % 2 === 0 ? 20 * $along : 400 - 20 * $along, 75 * $row);
            }
            if ($block === 0) {
                $builder->jumpTo(0, 0);
            }
        }

        return PatternFigures::of($builder->pattern(), HouseRules::of()->measuring());
    }

    private static function frame(string $id, float $width, float $height): FrameSpec
    {
        return new FrameSpec(
            $id,
            FrameKind::Square,
            Driver::Flat,
            $width + 20,
            $height + 20,
            Window::rectangle($width, $height),
            count: 2,
        );
    }
}
