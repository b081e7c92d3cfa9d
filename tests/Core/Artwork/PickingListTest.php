<?php

declare(strict_types=1);

namespace Tests\Core\Artwork;

use Hakama\Artwork\Applied\AppliedPieces;
use Hakama\Artwork\Applied\Picked;
use Hakama\Artwork\Applied\PickingList;
use Hakama\Artwork\BlockRole;
use Hakama\Artwork\SheetBlock;
use Hakama\Artwork\StopAction;
use Hakama\Artwork\StopSheet;
use Hakama\Artwork\StopStep;
use Hakama\House\HouseRules;
use Hakama\Stitch\PatternBuilder;
use Hakama\Words\Text;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class PickingListTest extends TestCase
{
    /** A cloth of 40 × 30 with its tack-down, a back of 60 × 50 on its lines, then 20 × 10 under film. */
    #[Test]
    public function cloth_back_and_film_stand_in_the_order_they_are_wanted_each_in_its_size(): void
    {
        $builder = new PatternBuilder('POUCH');
        foreach ([[40, 30], [40, 30], [60, 50], [20, 10]] as $i => [$width, $height]) {
            if ($i > 0) {
                $builder->stop();
            }
            foreach ([[0, 0], [1, 0], [1, 1], [0, 1], [0, 0]] as [$x, $y]) {
                $builder->stitchTo((int) (10 * $x * $width), (int) (10 * $y * $height));
            }
        }
        $pattern = $builder->pattern();
        $roles = [BlockRole::Placement, BlockRole::TackDown, BlockRole::Placement, BlockRole::Sew];
        $sheet = StopSheet::of([
            new SheetBlock(5, role: BlockRole::Placement),
            new SheetBlock(5, role: BlockRole::TackDown, action: StopAction::Press),
            new SheetBlock(5, role: BlockRole::Placement, action: StopAction::TurnOver),
            new SheetBlock(5, role: BlockRole::Sew),
        ]);
        // Of cloth that is cut in the frame the piece is 15 larger on each side; the rest 4 here.
        $list = PickingList::of(
            $pattern,
            $sheet->steps,
            AppliedPieces::of($pattern, [...array_slice($roles, 0, 2), BlockRole::Sew, BlockRole::Sew], 15, false),
            4,
        );

        self::assertSame(
            [[1, StopAction::LayCloth, 1, 70.0, 60.0], [3, StopAction::TurnOver, null, 68.0, 58.0]],
            array_map(
                static fn(Picked $one): array => [
                    $one->block,
                    $one->action,
                    $one->piece,
                    $one->widthMm,
                    $one->heightMm,
                ],
                $list->items,
            ),
        );
        $film = StopSheet::of([
            new SheetBlock(5),
            new SheetBlock(5, action: StopAction::AddTopper),
            new SheetBlock(5),
            new SheetBlock(5),
        ]);
        $items = PickingList::of($pattern, $film->steps, AppliedPieces::none(), 4)->items;
        self::assertCount(1, $items);
        // At the stop where the back is taped to its lines film is laid too: over what is sewn after it.
        $both = StopSheet::of([
            new SheetBlock(5),
            new SheetBlock(5),
            new SheetBlock(5, action: StopAction::TurnOver, also: [StopAction::AddTopper]),
            new SheetBlock(5),
        ]);
        self::assertSame(
            [[StopAction::TurnOver, 68.0, 58.0], [StopAction::AddTopper, 28.0, 18.0]],
            array_map(
                static fn(Picked $one): array => [$one->action, $one->widthMm, $one->heightMm],
                PickingList::of($pattern, $both->steps, AppliedPieces::none(), 4)->items,
            ),
        );
        // Under all that is sewn after it: 60 × 50 and the smaller one within it.
        self::assertSame([68.0, 58.0], [$items[0]->widthMm, $items[0]->heightMm]);
    }

    /** Two sides and the bottom, in any order and direction, are a pocket of 124 × 85 in a design of 126 × 182. */
    #[Test]
    public function a_pocket_is_as_large_as_the_three_lines_it_is_taped_to(): void
    {
        $sides = [[[0, 85], [0, 0]], [[0, 0], [124, 0]], [[124, 0], [124, 85]]];
        $orders = [[0, 1, 2], [0, 2, 1], [1, 0, 2], [2, 1, 0], [1, 2, 0], [2, 0, 1]];
        foreach ($orders as $order) {
            foreach (range(0, 7) as $turned) {
                $builder = new PatternBuilder('POCKET');
                foreach ($order as $i) {
                    [$from, $to] = ($turned >> $i & 1) === 1 ? array_reverse($sides[$i]) : $sides[$i];
                    $builder->jumpTo(10 * $from[0], 10 * $from[1]);
                    for ($k = 0; $k <= 31; $k++) {
                        $builder->stitchTo(
                            (int) round(10 * ($from[0] + (($to[0] - $from[0]) * $k) / 31)),
                            (int) round(10 * ($from[1] + (($to[1] - $from[1]) * $k) / 31)),
                        );
                    }
                }
                $builder->stop();
                foreach ([[-1, -1], [125, -1], [125, 181], [-1, 181]] as [$x, $y]) {
                    $builder->stitchTo(10 * $x, 10 * $y);
                }
                $pattern = $builder->pattern();
                $items = PickingList::of(
                    $pattern,
                    StopSheet::of([new SheetBlock(96, action: StopAction::TapeAside), new SheetBlock(4)])->steps,
                    AppliedPieces::none(),
                    0,
                )->items;
                self::assertSame([124.0, 85.0], [$items[0]->widthMm, $items[0]->heightMm]);
                // Its true outline, to be cut along with no room: a cell of the grid it is drawn on at most beyond it.
                self::assertNotNull($items[0]->shape);
                self::assertEqualsWithDelta(124 * 85 / 100, $items[0]->shape->areaCm2(), 2 * (124 + 85) * 0.6 / 100);
                self::assertEqualsWithDelta(2 * (124 + 85), $items[0]->shape->lineMm, 0.2);

                // Laid as a cloth that is cut before: 124 × 85, 5 more all round, its corners round.
                $roles = [BlockRole::Placement, BlockRole::Sew];
                $pieces = AppliedPieces::of($pattern, $roles, 5.0, true)->pieces;
                self::assertEqualsWithDelta(2 * (124 + 85), $pieces[0]->lineMm, 0.2);
                $cm2 = (124 * 85 + 2 * (124 + 85) * 5 + M_PI * 25) / 100;
                self::assertEqualsWithDelta($cm2, $pieces[0]->areaCm2(), 0.03 * $cm2);
            }
        }
    }

    /** Both halves of a line of 40 × 30 are sewn from its lower left corner: between them they go round, and do not cross. */
    #[Test]
    public function two_halves_of_a_line_are_one_way_round(): void
    {
        $builder = new PatternBuilder('HALVES');
        foreach ([[[0, 0], [40, 0], [40, 30]], [[0, 0], [0, 30], [40, 30]]] as $half) {
            $builder->jumpTo(10 * $half[0][0], 10 * $half[0][1]);
            foreach ($half as [$x, $y]) {
                $builder->stitchTo(10 * $x, 10 * $y);
            }
        }
        $pieces = AppliedPieces::of($builder->pattern(), [BlockRole::Placement], 5.0, true)->pieces;
        $cm2 = (40 * 30 + 2 * (40 + 30) * 5 + M_PI * 25) / 100;
        self::assertEqualsWithDelta(140.0, $pieces[0]->lineMm, 0.2);
        self::assertEqualsWithDelta($cm2, $pieces[0]->areaCm2(), 0.06 * $cm2);
    }

    /** What was sewn before the stop is a fill: nobody tapes a back to it. */
    #[Test]
    public function a_fill_is_no_line_to_tape_anything_to(): void
    {
        $builder = new PatternBuilder('FILL');
        for ($row = 0; $row < 50; $row++) {
            foreach ($row % 2 === 0 ? [0, 10, 20] : [20, 10, 0] as $x) {
                $builder->stitchTo(10 * $x, 4 * $row);
            }
        }
        $builder->stop();
        foreach ([[0, 0], [60, 0], [60, 50], [0, 50]] as [$x, $y]) {
            $builder->stitchTo(10 * $x, 10 * $y);
        }
        $items = PickingList::of(
            $builder->pattern(),
            StopSheet::of([new SheetBlock(150, action: StopAction::TurnOver), new SheetBlock(4)])->steps,
            AppliedPieces::none(),
            4,
        )->items;
        self::assertSame([68.0, 58.0], [$items[0]->widthMm, $items[0]->heightMm]);
    }

    #[Test]
    public function each_act_at_a_stop_has_its_own_minutes(): void
    {
        $house = HouseRules::of(['turn_over_s' => 200, 'brush_lint_s' => 12, 'hand_stop_s' => 33]);
        $hands = static fn(StopAction $action): float => StopSheet::of([
            new SheetBlock(5, action: $action),
            new SheetBlock(5),
        ])->handsS($house->halts());

        self::assertSame(
            [200.0, 12.0, 40.0, 33.0, 30.0, 30.0, 0.0],
            array_map($hands, [
                StopAction::TurnOver,
                StopAction::BrushLint,
                StopAction::Press,
                StopAction::Look,
                StopAction::LayCloth,
                StopAction::AddTopper,
                StopAction::GoOn,
            ]),
        );
        foreach (StopAction::cases() as $action) {
            $s = (new StopStep(1, 1, 5, BlockRole::Sew, true, $action, '', new Text('artwork.stop_because.by_hand'), acts: [$action]))->handsS($house->halts());
            self::assertSame($action->halts(), $s > 0.0, $action->value);
        }
    }
}
