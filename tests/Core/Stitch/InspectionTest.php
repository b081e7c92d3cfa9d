<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Inspection\Inspection;
use Hakama\Stitch\MeasuringRules;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Point;
use Hakama\Stitch\Spot;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class InspectionTest extends TestCase
{
    #[Test]
    public function a_thread_carried_ten_millimetres_without_a_trim_is_found_in_the_middle_of_its_way(): void
    {
        $pattern = (new PatternBuilder('CARRIED'))
            ->stitchTo(20, 0)
            ->jumpTo(70, 0)
            ->jumpTo(120, 0)
            ->stitchTo(140, 0)
            ->pattern();
        $finding = self::finding($pattern, FindingCode::LongJump);

        self::assertEquals([new Spot(new Point(7, 0), 1)], $finding?->spots);
        self::assertNull(
            self::finding(
                $pattern,
                FindingCode::LongJump,
                HouseRules::of([HouseRule::LongJump->value => 11])->measuring(),
            ),
            'the house says what is long',
        );
        self::assertNull(
            self::finding(
                (new PatternBuilder('CUT'))->stitchTo(20, 0)->trimTo(120, 0)->stitchTo(140, 0)->pattern(),
                FindingCode::LongJump,
            ),
            'a trim cuts it',
        );
    }

    #[Test]
    public function a_colour_change_on_the_way_is_no_carried_thread(): void
    {
        $pattern = (new PatternBuilder('STOP'))->stitchTo(20, 0)->stop()->jumpTo(120, 0)->stitchTo(140, 0)->pattern();

        self::assertNull(self::finding($pattern, FindingCode::LongJump));
    }

    #[Test]
    public function short_and_long_stitches_are_pointed_at_one_by_one(): void
    {
        $builder = new PatternBuilder('LENGTHS');
        $builder->stitchTo(30, 0)->stitchTo(32, 0)->stitchTo(34, 0)->stitchTo(174, 0)->stitchTo(304, 0);
        $pattern = $builder->pattern();

        self::assertEquals(
            [new Spot(new Point(3.2, 0), 2), new Spot(new Point(3.4, 0), 3)],
            self::finding($pattern, FindingCode::ShortStitches)?->spots,
        );
        // 14 mm before 13: the longest first.
        self::assertEquals(
            [new Spot(new Point(17.4, 0), 4), new Spot(new Point(30.4, 0), 5)],
            self::finding($pattern, FindingCode::LongStitches)?->spots,
        );
    }

    #[Test]
    public function two_stops_with_nothing_between_are_said_and_shown(): void
    {
        $pattern = (new PatternBuilder('EMPTY'))->stop()->stitchTo(10, 0)->stop()->stop()->stitchTo(20, 0)->pattern();
        $finding = self::finding($pattern, FindingCode::EmptyBlock);

        self::assertStringStartsWith('2 blocks without a stitch', Said::of($finding?->message));
        self::assertEquals([new Spot(new Point(0, 0), 0), new Spot(new Point(1, 0), 1)], $finding?->spots);
    }

    #[Test]
    public function the_densest_places_come_first(): void
    {
        $builder = (new PatternBuilder('DENSE'))->stitchTo(100, 100);
        for ($i = 0; $i < 28; $i++) {
            $builder->stitchTo($i % 2 === 0 ? -75 : 105, $i % 2 === 0 ? -32 : 105);
        }
        for ($i = 0; $i < 3; $i++) {
            $builder->stitchTo(106 + $i, 105);
        }
        $finding = self::finding($builder->pattern(), FindingCode::Dense);

        // 14 to and fro, three more and the first one on the right; 14 on the left.
        self::assertEquals(
            [new Point(10.5, 10.5), new Point(-7.5, -3.5)],
            array_map(static fn(Spot $spot): Point => $spot->at, $finding->spots ?? []),
        );
        self::assertStringContainsString('in 2 mm²', Said::of($finding?->message));
    }

    #[Test]
    public function thread_over_an_earlier_block_is_measured(): void
    {
        $builder = new PatternBuilder('OVER');
        // A light patch of 6 × 2 mm, a point in every square millimetre.
        for ($row = 0; $row < 2; $row++) {
            for ($column = 0; $column < 6; $column++) {
                $builder->stitchTo(105 + 10 * ($row % 2 === 0 ? $column : 5 - $column), 5 + 10 * $row);
            }
        }
        $pattern = $builder->stop()->jumpTo(60, 5)->stitchTo(80, 5)->jumpTo(180, 5)->stitchTo(190, 5)->pattern();
        $crossings = Inspection::of(
            $pattern,
            PatternFigures::of($pattern, HouseRules::of()->measuring()),
            HouseRules::of()->measuring(),
        )->crossings;

        self::assertCount(1, $crossings);
        self::assertSame([2, 1], [$crossings[0]->block, $crossings[0]->over]);
        // From 8 to 18 mm, of which 10 to 16 lies over the patch; looked at every half millimetre.
        self::assertEqualsWithDelta(6.0, $crossings[0]->lengthMm, 0.5);
    }

    #[Test]
    public function where_it_starts_and_ends_is_told_in_millimetres(): void
    {
        $pattern = (new PatternBuilder('ENDS'))->stitchTo(40, 0)->stitchTo(40, 60)->pattern();

        self::assertSame(
            'The start is 4.0 mm left of and 3.0 mm below the middle of the design.',
            Said::of(self::finding($pattern, FindingCode::StartOffMiddle)?->message),
        );
        self::assertSame(
            'The end is 4.0 mm right of and 6.0 mm above the start.',
            Said::of(self::finding($pattern, FindingCode::EndAway)?->message),
        );
        $home = (new PatternBuilder('HOME'))
            ->stitchTo(40, 0)
            ->stitchTo(-40, 0)
            ->stitchTo(0, 0)
            ->pattern();
        self::assertSame(
            [],
            Inspection::of(
                $home,
                PatternFigures::of($home, HouseRules::of()->measuring()),
                HouseRules::of()->measuring(),
            )->findings,
        );
    }

    #[Test]
    public function every_finding_says_what_it_means(): void
    {
        foreach (FindingCode::cases() as $code) {
            self::assertGreaterThan(40, strlen(Said::of($code->meaning())), $code->value);
        }
    }

    private static function finding(Pattern $pattern, FindingCode $code, ?MeasuringRules $rules = null): ?Finding
    {
        $rules ??= HouseRules::of()->measuring();
        foreach (Inspection::of($pattern, PatternFigures::of($pattern, $rules), $rules)->findings as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }

        return null;
    }
}
