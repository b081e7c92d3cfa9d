<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Figures\SewingOrder;
use Hakama\Stitch\Figures\Verdict;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class PatternFiguresTest extends TestCase
{
    #[Test]
    public function a_small_pattern_is_counted_as_by_hand(): void
    {
        // Block 1: 3 mm right, then 4 mm up. Stop. Trim to (10, 0); block 2: 5 mm along a 3-4-5.
        $pattern = (new PatternBuilder('SMALL'))
            ->stitchTo(30, 0)
            ->stitchTo(30, 40)
            ->stop()
            ->trimTo(100, 0)
            ->stitchTo(130, 40)
            ->pattern();
        $figures = PatternFigures::of($pattern, HouseRules::of()->measuring());

        self::assertSame(
            [3, 3, 1, 1],
            [$figures->counts->stitches, $figures->counts->jumps, $figures->counts->trims, $figures->counts->changes],
        );
        self::assertSame([2, 1], [$figures->blocks[0]->stitches, $figures->blocks[1]->stitches]);
        self::assertEqualsWithDelta([7.0, 5.0], [$figures->blocks[0]->lengthMm, $figures->blocks[1]->lengthMm], 1e-9);
        self::assertSame([0, 1], [$figures->blocks[0]->trims, $figures->blocks[1]->trims]);
        // Sewn points only: the place jumped to is not one.
        self::assertEquals(new Bounds(3.0, 13.0, 0.0, 4.0), $figures->bounds);
        self::assertEqualsWithDelta(
            hypot(7, 4),
            $figures->movedMm,
            0.05,
            'from (3, 4) to (10, 0), cut three times on the way',
        );
        self::assertEqualsWithDelta(
            [3.0, 5.0, 12.0],
            [$figures->lengths->shortestMm(), $figures->lengths->longestMm(), $figures->lengths->totalMm()],
            1e-9,
        );
    }

    #[Test]
    public function two_stops_with_nothing_between_make_an_empty_block_that_is_dropped(): void
    {
        $figures = PatternFigures::of(
            (new PatternBuilder('EMPTY'))->stitchTo(10, 0)->stop()->stop()->stitchTo(20, 0)->pattern(),
            HouseRules::of()->measuring(),
        );

        self::assertCount(2, $figures->blocks);
        self::assertSame(2, $figures->counts->changes);
    }

    #[Test]
    public function two_jumps_are_no_trim_unless_the_house_says_so(): void
    {
        $pattern = (new PatternBuilder('JUMPS'))
            ->stitchTo(10, 0)
            ->trimTo(60, 0, jumps: 2)
            ->stitchTo(70, 0)
            ->pattern();

        self::assertSame(0, PatternFigures::of($pattern, HouseRules::of()->measuring())->counts->trims);
        self::assertSame(
            1,
            PatternFigures::of($pattern, HouseRules::of([HouseRule::TrimJumps->value => 2])->measuring())->counts
                ->trims,
        );
    }

    #[Test]
    public function the_densest_square_millimetre_is_found_where_it_is_also_left_of_the_start(): void
    {
        $builder = new PatternBuilder('DENSE');
        $builder->stitchTo(100, 100);
        for ($i = 0; $i < 14; $i++) {
            $builder->stitchTo(-75 + ($i % 3), -32);
        }
        $figures = PatternFigures::of($builder->pattern(), HouseRules::of()->measuring());

        self::assertSame(14, $figures->density->densest()->perMm2);
        self::assertEquals(new Point(-7.5, -3.5), $figures->density->densest()->where);
        self::assertCount(1, $figures->density->above(13));
        // Two squares: the dense one is column 0, row 0; the other 18 to the right and 14 up.
        self::assertSame([-8, -4], array_values((array) unpack('l2', $figures->density->packed())));
        self::assertEqualsCanonicalizing(
            [[0, 0, 14], [18, 14, 1]],
            array_map(
                static fn(string $square): array => array_values((array) unpack('v3', $square)),
                str_split(substr($figures->density->packed(), 8), 6),
            ),
        );
    }

    #[Test]
    public function objects_from_the_middle_outwards_are_centre_out(): void
    {
        $bounds = new Bounds(-40, 40, 0, 20);
        $at = static fn(float ...$xs): array => array_map(static fn(float $x): Point => new Point($x, 10), $xs);

        self::assertSame(Verdict::Yes, SewingOrder::of($at(0, 10, -10, 20, -20, 30, -30), $bounds)->centreOut);
        self::assertSame(Verdict::No, SewingOrder::of($at(-30, -20, -10, 0, 10, 20, 30), $bounds)->centreOut);
        self::assertSame(Verdict::No, SewingOrder::of($at(30, -30, 20, -20, 10, -10, 0), $bounds)->centreOut);
    }

    #[Test]
    public function two_or_three_objects_are_read_as_they_lie(): void
    {
        // 80 wide: within 8 of the axis is over it, within 4 is the same place; 20 high: within 1.
        $bounds = new Bounds(-40, 40, 0, 20);
        $centre = static fn(float ...$xs): Verdict => SewingOrder::of(
            array_map(static fn(float $x): Point => new Point($x, 10), array_values($xs)),
            $bounds,
        )->centreOut;
        $up = static fn(float ...$ys): Verdict => SewingOrder::of(
            array_map(static fn(float $y): Point => new Point(0, $y), array_values($ys)),
            $bounds,
        )->bottomUp;

        self::assertSame(Verdict::Yes, $centre(0, 25, -25), 'the middle first');
        self::assertSame(Verdict::Yes, $centre(5, 30), 'the first is over the axis');
        self::assertSame(Verdict::Yes, $centre(-12, 20, 30), 'from within outwards, on both sides');
        self::assertSame(Verdict::No, $centre(-30, 0, 30), 'left to right');
        self::assertSame(Verdict::No, $centre(30, -30), 'right to left');
        self::assertSame(Verdict::Unclear, $centre(30, -30, 0), 'the outer ones first, then the middle');
        self::assertSame(Verdict::Unclear, $centre(10, 12), 'at the same place');
        self::assertSame(Verdict::Unclear, $centre(0), 'one says nothing');
        self::assertSame([Verdict::Yes, Verdict::No], [$up(3, 9, 15), $up(15, 3)]);
        self::assertSame([Verdict::Unclear, Verdict::Unclear], [$up(3, 15, 9), $up(9, 9.5)]);
    }

    #[Test]
    public function the_rank_correlation_is_the_one_worked_out_by_hand(): void
    {
        // Heights 1, 3, 2, 5, 4 in order 1..5: Σd² = 4, ρ = 1 - 6·4 / (5·24) = 0.8.
        $points = array_map(static fn(float $y): Point => new Point(0, $y), [1, 3, 2, 5, 4]);
        $order = SewingOrder::of($points, new Bounds(-1, 1, 0, 6));

        self::assertEqualsWithDelta(0.8, $order->againstHeight, 1e-9);
        self::assertSame(Verdict::Yes, $order->bottomUp);
        self::assertNull($order->againstDistance, 'all lie on the axis: nothing to correlate');
    }

    #[Test]
    public function the_hull_of_random_points_holds_them_all_and_is_convex(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 40; $round++) {
            $points = [];
            for ($i = 0; $i < 60; $i++) {
                $points[] = new Point(mt_rand(-400, 400) / 10, mt_rand(-300, 300) / 10);
            }
            $hull = ConvexHull::of($points)->points;
            foreach ($hull as $i => $a) {
                $b = $hull[($i + 1) % count($hull)];
                foreach ($points as $p) {
                    self::assertGreaterThanOrEqual(
                        -1e-9,
                        ($b->x - $a->x) * ($p->y - $a->y) - ($b->y - $a->y) * ($p->x - $a->x),
                    );
                }
            }
        }
    }

    #[Test]
    public function a_quarter_turn_is_counter_clockwise_and_four_of_them_are_none(): void
    {
        $p = new Point(3, 1);

        self::assertEquals(new Point(-1, 3), $p->turned(Turn::Quarter));
        self::assertEquals(new Point(-3, -1), $p->turned(Turn::Half));
        self::assertEquals($p, $p->turned(Turn::Quarter)->turned(Turn::Half)->turned(Turn::Quarter));
    }
}
