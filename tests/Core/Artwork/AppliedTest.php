<?php

declare(strict_types=1);

namespace Tests\Core\Artwork;

use Hakama\Artwork\Applied\AppliedPiece;
use Hakama\Artwork\Applied\AppliedPieces;
use Hakama\Artwork\Applied\ClothLayout;
use Hakama\Artwork\BlockRole;
use Hakama\House\HouseRules;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Copies\Copies;
use Hakama\Stitch\Copies\Grid;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Point;
use Hakama\Stitch\Reordered;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class AppliedTest extends TestCase
{
    #[Test]
    public function a_square_that_is_trimmed_in_the_frame_is_a_larger_square(): void
    {
        // A line round 40 x 30 mm, and room of 15 mm on each side: 70 x 60 mm, 42 cm².
        $pieces = AppliedPieces::of(self::squares([[0, 0]]), self::ROLES, 15.0, false)->pieces;
        self::assertCount(1, $pieces);
        self::assertSame([1, 2], [$pieces[0]->block, $pieces[0]->tackDown]);
        self::assertEqualsWithDelta(70.0, $pieces[0]->bounds()->width(), 1e-6);
        self::assertEqualsWithDelta(60.0, $pieces[0]->bounds()->height(), 1e-6);
        self::assertEqualsWithDelta(42.0, $pieces[0]->areaCm2(), 1e-6);
        self::assertEqualsWithDelta(140.0, $pieces[0]->lineMm, 1e-6);
    }

    /** Three copies in a row, 60 mm from one to the next, each colour once: three lines in one block, three in the next. */
    #[Test]
    public function of_copies_regrouped_by_colour_each_has_a_piece_of_its_own(): void
    {
        $one = self::squares([[0, 0]]);
        $sheet = Copies::of($one, new Bounds(0, 40, 0, 30), Grid::of(3, 1, 20.0), 3)->regrouped();
        self::assertCount(2, $sheet->blockSpans());
        foreach ([false, true] as $preCut) {
            $alone = AppliedPieces::of($one, self::ROLES, 5.0, $preCut)->pieces[0];
            $pieces = AppliedPieces::of($sheet, self::ROLES, 5.0, $preCut, 3)->pieces;
            self::assertCount(3, $pieces);
            foreach ($pieces as $i => $piece) {
                self::assertSame([$i + 1, 1, 2], [$piece->number, $piece->block, $piece->tackDown]);
                self::assertEqualsWithDelta($alone->areaCm2(), $piece->areaCm2(), 0.2);
                self::assertEqualsWithDelta($alone->lineMm, $piece->lineMm, 0.1);
                self::assertEqualsWithDelta(
                    $pieces[0]->bounds()->centre()->x + 60.0 * $i,
                    $piece->bounds()->centre()->x,
                    0.3,
                );
            }
        }
        self::assertCount(1, AppliedPieces::of($sheet, self::ROLES, 5.0, false, 2)->pieces, 'three are no two alike');
    }

    #[Test]
    public function a_square_that_is_cut_before_has_round_corners(): void
    {
        // Grown by r: 40·30 + 140·r + π·r², and nowhere less than r; the grid adds half a millimetre at most.
        foreach ([1.5, 4.0] as $r) {
            $piece = AppliedPieces::of(self::squares([[0, 0]]), self::ROLES, $r, true)->pieces[0];
            $exact = (40 * 30 + 140 * $r + M_PI * $r ** 2) / 100;
            self::assertGreaterThan($exact, $piece->areaCm2());
            self::assertLessThan($exact + ((140 + 2 * M_PI * $r) * 0.55) / 100, $piece->areaCm2());
        }
    }

    #[Test]
    public function what_is_cut_holds_the_tack_down_with_the_allowance_at_every_point(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 25; $round++) {
            $line = self::blob();
            $builder = new PatternBuilder('BLOB');
            self::sew($builder, $line);
            $builder->stop();
            // The tack-down runs beside the line, up to a millimetre off it.
            $tack = array_map(
                static fn(array $p): array => [$p[0] + mt_rand(-10, 10), $p[1] + mt_rand(-10, 10)],
                $line,
            );
            self::sew($builder, $tack);
            $by = mt_rand(5, 60) / 10;
            $piece = AppliedPieces::of($builder->pattern(), [BlockRole::Placement, BlockRole::TackDown], $by, true)->pieces[0];
            foreach ($tack as [$x, $y]) {
                $point = new Point($x / 10, $y / 10);
                self::assertTrue(self::inside($piece, $point));
                self::assertGreaterThanOrEqual($by - 0.05, self::toEdge($piece, $point));
            }
            // And it is not a rectangle round everything: no edge lies much further from all that is sewn.
            foreach ($piece->cut as $edge) {
                $near = INF;
                foreach ([...$line, ...$tack] as [$x, $y]) {
                    $near = min($near, $edge->distanceTo(new Point($x / 10, $y / 10)));
                }
                self::assertLessThan($by + 2.2, $near);
            }
        }
    }

    #[Test]
    public function trimming_may_wait_only_where_no_two_cloths_come_near(): void
    {
        $of = static fn(array $corners): AppliedPieces => AppliedPieces::of(
            self::squares($corners),
            array_merge(...array_fill(0, count($corners), self::ROLES)),
            15.0,
            false,
        );
        self::assertFalse($of([[0, 0]])->mayWait(5.0));
        self::assertTrue($of([[0, 0], [50, 0]])->mayWait(5.0));
        self::assertFalse($of([[0, 0], [44, 0]])->mayWait(5.0));
        self::assertFalse($of([[0, 0], [20, 10]])->mayWait(5.0));
        self::assertEqualsWithDelta(
            10.0,
            $of([[0, 0], [50, 0]])->pieces[0]->apartFrom($of([[0, 0], [50, 0]])->pieces[1]),
            1e-6,
        );
    }

    #[Test]
    public function pieces_are_laid_out_in_rows(): void
    {
        // 300 mm of cloth, 10 between: 70 wide go four to a row (4·70 + 3·10 = 310 is too much): three, and then the next.
        $layout = ClothLayout::of([[70.0, 60.0, 7]], 300.0, 10.0);
        self::assertCount(7, $layout->placed);
        self::assertEqualsWithDelta(3 * 60.0 + 2 * 10.0, $layout->lengthMm, 1e-9);
        // The highest first; low ones fill up the row where there is room.
        $layout = ClothLayout::of([[60.0, 20.0, 2], [110.0, 50.0, 2]], 300.0, 10.0);
        self::assertEqualsWithDelta(50.0 + 10.0 + 20.0, $layout->lengthMm, 1e-9);
        self::assertSame([1, 1, 0, 0], array_column($layout->placed, 0));
        self::assertSame([0], ClothLayout::of([[301.0, 20.0, 2]], 300.0, 10.0)->tooWide);
    }

    #[Test]
    public function no_two_pieces_of_a_layout_lie_over_each_other(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 60; $round++) {
            $pieces = [];
            for ($i = 0, $n = mt_rand(1, 6); $i < $n; $i++) {
                $pieces[] = [(float) mt_rand(5, 140), (float) mt_rand(5, 140), mt_rand(1, 9)];
            }
            $layout = ClothLayout::of($pieces, 150.0, 5.0);
            self::assertCount((int) array_sum(array_column($pieces, 2)), $layout->placed);
            foreach ($layout->placed as $a => [$i, $x, $y]) {
                self::assertLessThanOrEqual(150.0 + 1e-9, $x + $pieces[$i][0]);
                self::assertLessThanOrEqual($layout->lengthMm + 1e-9, $y + $pieces[$i][1]);
                foreach (array_slice($layout->placed, $a + 1) as [$k, $u, $v]) {
                    $apart = max(
                        $u - $x - $pieces[$i][0],
                        $x - $u - $pieces[$k][0],
                        $v - $y - $pieces[$i][1],
                        $y - $v - $pieces[$k][1],
                    );
                    self::assertGreaterThanOrEqual(5.0 - 1e-9, $apart);
                }
            }
        }
    }

    #[Test]
    public function blocks_in_another_order_are_the_same_stitches(): void
    {
        $pattern = self::squares([[0, 0], [60, 0]]);
        $rules = HouseRules::of()->measuring();
        $new = Reordered::of($pattern, [1, 3, 2, 4], $rules->trimJumps);
        $old = PatternFigures::of($pattern, $rules);
        $then = PatternFigures::of($new, $rules);
        self::assertSame($old->counts->stitches, $then->counts->stitches);
        self::assertSame($old->counts->changes, $then->counts->changes);
        self::assertEquals($old->bounds, $then->bounds);
        self::assertSame(
            [
                $old->blocks[0]->lengthMm,
                $old->blocks[2]->lengthMm,
                $old->blocks[1]->lengthMm,
                $old->blocks[3]->lengthMm,
            ],
            array_column($then->blocks, 'lengthMm'),
        );
        $this->expectExceptionMessage('once');
        Reordered::of($pattern, [1, 1, 2, 3], $rules->trimJumps);
    }

    private const ROLES = [BlockRole::Placement, BlockRole::TackDown];

    /** @param list<array{int, int}> $corners lower left, mm; each 40 x 30, its line and its tack-down */
    private static function squares(array $corners): Pattern
    {
        $builder = new PatternBuilder('SQUARES');
        foreach ($corners as $i => [$x, $y]) {
            $line = [];
            foreach ([[0, 0], [40, 0], [40, 30], [0, 30], [0, 0]] as $k => [$dx, $dy]) {
                $from = $line[count($line) - 1] ?? [10 * ($x + $dx), 10 * ($y + $dy)];
                for ($step = 1; $k > 0 && $step <= 10; $step++) {
                    $line[] = [
                        (int) ($from[0] + ((10 * ($x + $dx) - $from[0]) * $step) / 10),
                        (int) ($from[1] + ((10 * ($y + $dy) - $from[1]) * $step) / 10),
                    ];
                }
                $line = $line === [] ? [$from] : $line;
            }
            foreach ([0, 1] as $pass) {
                if ($i + $pass > 0) {
                    $builder->stop();
                }
                self::sew($builder, $line);
            }
        }

        return $builder->pattern();
    }

    /** @param list<array{int, int}> $line 0.1 mm */
    private static function sew(PatternBuilder $builder, array $line): void
    {
        $builder->travelTo($line[0][0], $line[0][1], 3);
        foreach ($line as [$x, $y]) {
            $builder->stitchTo($x, $y);
        }
    }

    /** @return list<array{int, int}> a closed line with bays, 0.1 mm */
    private static function blob(): array
    {
        $line = [];
        [$a, $b, $c] = [mt_rand(0, 62) / 10, mt_rand(0, 62) / 10, mt_rand(1, 3)];
        for ($i = 0; $i <= 80; $i++) {
            $angle = (2 * M_PI * $i) / 80;
            $r = 220 + 70 * sin(2 * $angle + $a) + 25 * $c * sin(5 * $angle + $b);
            $line[] = [(int) round($r * cos($angle)), (int) round($r * sin($angle))];
        }

        return $line;
    }

    private static function inside(AppliedPiece $piece, Point $p): bool
    {
        $inside = false;
        foreach ($piece->cut as $i => $a) {
            $b = $piece->cut[($i + 1) % count($piece->cut)];
            if (
                $a->y <= $p->y !== $b->y <= $p->y
                && $p->x < $a->x + (($p->y - $a->y) * ($b->x - $a->x)) / ($b->y - $a->y)
            ) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    private static function toEdge(AppliedPiece $piece, Point $p): float
    {
        $least = INF;
        foreach ($piece->cut as $i => $a) {
            $b = $piece->cut[($i + 1) % count($piece->cut)];
            [$dx, $dy] = [$b->x - $a->x, $b->y - $a->y];
            $square = $dx * $dx + $dy * $dy;
            $t = $square > 0 ? max(0.0, min(1.0, (($p->x - $a->x) * $dx + ($p->y - $a->y) * $dy) / $square)) : 0.0;
            $least = min($least, hypot($a->x + $t * $dx - $p->x, $a->y + $t * $dy - $p->y));
        }

        return $least;
    }
}
