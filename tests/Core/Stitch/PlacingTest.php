<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\House\HouseRules;
use Hakama\Stitch\Copies\Copies;
use Hakama\Stitch\Copies\DoesNotFit;
use Hakama\Stitch\Copies\Grid;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\NoPlaceForAStop;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Point;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Tape\TapeWriter;
use Hakama\Stitch\Track;
use Hakama\Stitch\Transform;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class PlacingTest extends TestCase
{
    #[Test]
    public function a_pattern_is_mirrored_then_turned_then_moved(): void
    {
        // (3, 1) mirrored is (-3, 1), a quarter turn makes it (-1, -3), moved by (10, 20) it is (9, 17).
        self::assertSame([9, 17], (new Transform(Turn::Quarter, true, 10, 20))->of(3, 1));
        $pattern = (new PatternBuilder('L'))->stitchTo(30, 0)->stop()->jumpTo(30, 40)->stitchTo(10, 40)->pattern();
        $placed = $pattern->placed(new Transform(Turn::Half));

        self::assertTrue($placed->placed(new Transform(Turn::Half))->sewsLike($pattern));
        self::assertEquals(
            PatternFigures::of($pattern, HouseRules::of()->measuring())->blocks,
            PatternFigures::of($placed, HouseRules::of()->measuring())->blocks,
            'turning changes no count and no length',
        );
    }

    #[Test]
    public function a_halt_is_put_in_where_it_is_wanted_and_nowhere_else(): void
    {
        $pattern = (new PatternBuilder('APPLIQUE'))
            ->stitchTo(20, 0)
            ->stitchTo(40, 0)
            ->trimTo(100, 0)
            ->stitchTo(120, 0)
            ->stitchTo(140, 0)
            ->pattern();
        $halted = $pattern->withStops([2, 3]);
        $figures = PatternFigures::of($halted, HouseRules::of()->measuring());

        self::assertSame([2, 1, 1], array_map(static fn($block): int => $block->stitches, $figures->blocks));
        self::assertEquals(PatternFigures::of($pattern, HouseRules::of()->measuring())->bounds, $figures->bounds);
        self::assertSame(
            PatternFigures::of($pattern, HouseRules::of()->measuring())->counts->trims,
            $figures->counts->trims,
        );
        foreach ([[0], [4], [9]] as $nowhere) {
            try {
                $pattern->withStops($nowhere);
                self::fail('a stop after stitch '.$nowhere[0].' halts nothing');
            } catch (NoPlaceForAStop $e) {
                self::assertStringContainsString((string) $nowhere[0], Said::of($e->text));
            }
        }
        self::assertStringContainsString(
            'There is a stop after stitch 2 already',
            Said::refusalOf(fn(): mixed => $halted->withStops([2])),
        );
    }

    #[Test]
    public function copies_are_laid_to_and_fro_about_the_middle(): void
    {
        $middles = Grid::of(2, 2, 5)->middles(30, 20);

        self::assertEquals(
            [new Point(-17.5, -12.5), new Point(17.5, -12.5), new Point(17.5, 12.5), new Point(-17.5, 12.5)],
            $middles,
        );
    }

    #[Test]
    public function as_many_go_in_as_the_field_holds_with_the_gap(): void
    {
        // 4 · 30 + 3 · 5 = 135: exactly four along, and one more millimetre of gap makes it three.
        self::assertSame([4, 2], [Grid::mostIn(135, 45, 30, 20, 5)->columns, Grid::mostIn(135, 45, 30, 20, 5)->rows]);
        self::assertSame(3, Grid::mostIn(135, 45, 30, 20, 6)->columns);
        try {
            Grid::of(5, 1, 5)->mustFit(135, 45, 30, 20);
            self::fail('five do not go in');
        } catch (DoesNotFit $e) {
            self::assertSame(
                '5 × 1 copies take 170.0 × 20.0 mm and the field is 135.0 × 45.0 mm: at most 4 × 2 go in.',
                Said::of($e->text),
            );
        }
        $this->expectException(DoesNotFit::class);
        Grid::mostIn(20, 20, 30, 20, 5);
    }

    #[Test]
    public function six_copies_of_three_blocks_change_thread_seventeen_times_in_file_order_and_twice_regrouped(): void
    {
        $pattern = self::blocks(3);
        $copies = Copies::of(
            $pattern,
            PatternFigures::of($pattern, HouseRules::of()->measuring())->bounds,
            Grid::of(3, 2, 4),
            3,
        );
        [$inOrder, $regrouped] = [
            PatternFigures::of($copies->inFileOrder(), HouseRules::of()->measuring()),
            PatternFigures::of($copies->regrouped(), HouseRules::of()->measuring()),
        ];

        self::assertSame([17, 2], [$inOrder->counts->changes, $regrouped->counts->changes]);
        self::assertSame(
            6 * PatternFigures::of($pattern, HouseRules::of()->measuring())->counts->stitches,
            $inOrder->counts->stitches,
        );
        self::assertSame($inOrder->counts->stitches, $regrouped->counts->stitches);
        // The first stitch comes from the copy's own start, however far the copies lie apart.
        self::assertEqualsWithDelta(
            6 * PatternFigures::of($pattern, HouseRules::of()->measuring())->lengths->totalMm(),
            $inOrder->lengths->totalMm(),
            1e-6,
        );
        self::assertEqualsWithDelta($inOrder->lengths->totalMm(), $regrouped->lengths->totalMm(), 1e-6);
        self::assertEquals($inOrder->bounds, $regrouped->bounds);
        self::assertEquals(new Point(0, 0), $regrouped->bounds->centre());
    }

    #[Test]
    public function regrouped_no_block_overtakes_an_earlier_one_of_its_own_copy(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 120; $round++) {
            $pattern = self::random();
            $bounds = PatternFigures::of($pattern, HouseRules::of()->measuring())->bounds;
            $grid = Grid::of(mt_rand(1, 4), mt_rand(1, 4), mt_rand(5, 60) / 10);
            $tape = (new TapeReader())->fromString(
                (new TapeWriter())->toString(Copies::of($pattern, $bounds, $grid, 3)->regrouped()),
            );

            // What is sewn in each copy's own box, in the order in which it is sewn, is the pattern itself.
            $sewn = array_fill(0, $grid->copies(), []);
            $middles = $grid->middles($bounds->width(), $bounds->height());
            foreach (self::stitches($tape) as [$x, $y]) {
                foreach ($middles as $copy => $at) {
                    [$dx, $dy] = [
                        $x - (int) round(10 * ($at->x - $bounds->centre()->x)),
                        $y - (int) round(10 * ($at->y - $bounds->centre()->y)),
                    ];
                    if (
                        $dx >= 10 * $bounds->left - 1e-6
                        && $dx <= 10 * $bounds->right + 1e-6
                        && $dy >= 10 * $bounds->bottom - 1e-6
                        && $dy <= 10 * $bounds->top + 1e-6
                    ) {
                        $sewn[$copy][] = [$dx, $dy];
                    }
                }
            }
            foreach ($sewn as $copy) {
                self::assertSame(self::stitches($pattern), $copy, "round {$round}");
            }
            self::assertSame(
                count($pattern->blockSpans()) - 1,
                PatternFigures::of($tape, HouseRules::of()->measuring())->counts->changes,
                "round {$round}",
            );
        }
    }

    #[Test]
    public function a_track_says_every_record_of_the_tape(): void
    {
        $pattern = (new PatternBuilder('TRACK'))
            ->stitchTo(3, -4)
            ->jumpTo(5, -4)
            ->stitchTo(6, -4)
            ->stop()
            ->trimTo(66, -4)
            ->stitchTo(66, 117)
            ->pattern();

        self::assertSame(
            [
                3,
                -4,
                -128,
                Track::JUMP,
                2,
                0,
                1,
                0,
                -128,
                Track::STOP,
                0,
                0,
                -128,
                Track::TRIM,
                20,
                0,
                -128,
                Track::JUMP,
                20,
                0,
                -128,
                Track::JUMP,
                20,
                0,
                0,
                121,
            ],
            array_values((array) unpack('c*', Track::of($pattern, 3)->bytes)),
        );
    }

    /** @return list<array{int, int}> */
    private static function stitches(Pattern $pattern): array
    {
        $stitches = [];
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                if ($kind === 0) {
                    $stitches[] = [$chunk->xs[$i], $chunk->ys[$i]];
                }
            }
        }

        return $stitches;
    }

    private static function blocks(int $count): Pattern
    {
        $builder = new PatternBuilder('BLOCKS');
        for ($block = 0; $block < $count; $block++) {
            $block === 0 ? $builder : $builder->stop()->trimTo(10 * $block, 0);
            $builder
                ->stitchTo(10 * $block, 30)
                ->stitchTo(10 * $block + 20, 60)
                ->stitchTo(10 * $block, 90);
        }

        return $builder->pattern();
    }

    /** Blocks, trims, jumps and now and then two stops in a row. */
    private static function random(): Pattern
    {
        $builder = new PatternBuilder('RANDOM');
        for ($block = mt_rand(1, 5); $block > 0; $block--) {
            for ($object = mt_rand(1, 3); $object > 0; $object--) {
                $to = [mt_rand(-150, 150), mt_rand(-150, 150)];
                match (mt_rand(0, 4)) {
                    0, 1 => $builder->jumpTo(...$to),
                    2, 3 => $builder->trimTo($to[0], $to[1], 4),
                    default => null, // goes on, or starts, where it is
                };
                for ($stitch = mt_rand(1, 6); $stitch > 0; $stitch--) {
                    // No stitch longer than one record, so that none is split.
                    $builder->stitchTo($builder->x() + mt_rand(-60, 60), $builder->y() + mt_rand(-60, 60));
                }
            }
            for ($stop = $block > 1 ? mt_rand(1, 2) : 0; $stop > 0; $stop--) {
                $builder->stop();
            }
        }

        return $builder->pattern();
    }
}
