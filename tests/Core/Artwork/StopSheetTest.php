<?php

declare(strict_types=1);

namespace Tests\Core\Artwork;

use Hakama\Artwork\BlockRole;
use Hakama\Artwork\ProposedRoles;
use Hakama\Artwork\SheetBlock;
use Hakama\Artwork\StopAction;
use Hakama\Artwork\StopSheet;
use Hakama\Artwork\StopStep;
use Hakama\Machine\HaltRules;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Transform;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class StopSheetTest extends TestCase
{
    #[Test]
    public function the_machine_halts_after_placement_line_and_tack_down_and_at_no_ordinary_change(): void
    {
        $sheet = StopSheet::of([
            new SheetBlock(82, BlockRole::Placement),
            new SheetBlock(82, BlockRole::TackDown),
            new SheetBlock(401, BlockRole::Cover),
            new SheetBlock(165),
        ]);

        self::assertSame([82, 164], $sheet->halts());
        self::assertSame(
            [StopAction::LayCloth, StopAction::TrimCloth, StopAction::GoOn, null],
            array_map(static fn(StopStep $step): ?StopAction => $step->action, $sheet->steps),
        );
        self::assertSame(
            [[1, 82], [83, 164], [165, 565], [566, 730]],
            array_map(static fn(StopStep $step): array => [$step->from, $step->to], $sheet->steps),
        );
    }

    #[Test]
    public function the_person_decides_whatever_was_proposed(): void
    {
        $sheet = StopSheet::of([
            new SheetBlock(10, BlockRole::Placement, BlockRole::Sew),
            new SheetBlock(10, BlockRole::Sew, null, StopAction::AddBacking, 'the small off-cut'),
            new SheetBlock(10),
        ]);

        self::assertSame([20], $sheet->halts());
        self::assertTrue($sheet->steps[0]->decided);
        self::assertSame('the small off-cut', $sheet->steps[1]->note);
        self::assertSame('decided by hand', Said::of($sheet->steps[1]->because));
    }

    #[Test]
    public function a_stitch_is_found_in_its_step(): void
    {
        $sheet = StopSheet::of([new SheetBlock(10), new SheetBlock(5)]);

        self::assertSame(
            [1, 1, 2, null],
            [$sheet->at(1)?->block, $sheet->at(10)?->block, $sheet->at(11)?->block, $sheet->at(16)?->block],
        );
    }

    #[Test]
    public function placement_tack_down_and_cover_are_read_from_the_shapes_of_a_leaf_whichever_way_it_lies(): void
    {
        $leaf = (new TapeReader())->fromString(
            (string) file_get_contents(dirname(__DIR__, 2).'/fixtures/tapes/leaf-applique.dst'),
        );

        foreach ([new Transform(), new Transform(Turn::Quarter, true, 333, -90)] as $placement) {
            self::assertSame(
                [BlockRole::Placement, BlockRole::TackDown, BlockRole::Cover, BlockRole::Sew],
                ProposedRoles::of($leaf->placed($placement)),
            );
        }
    }

    #[Test]
    public function fills_and_lone_outlines_are_only_sewn(): void
    {
        $badge = (new TapeReader())->fromString(
            (string) file_get_contents(dirname(__DIR__, 2).'/fixtures/tapes/badge.dst'),
        );
        self::assertSame([BlockRole::Sew, BlockRole::Sew, BlockRole::Sew], ProposedRoles::of($badge));

        // Two outlines that lie apart: neither holds the other's cloth.
        self::assertSame([BlockRole::Sew, BlockRole::Sew], ProposedRoles::of(self::squares(300, 900)));
        self::assertSame([BlockRole::Placement, BlockRole::TackDown], ProposedRoles::of(self::squares(300, 300)));
    }

    #[Test]
    public function a_zigzag_may_tack_down_and_two_cloths_have_a_set_of_roles_each(): void
    {
        $builder = new PatternBuilder('TWO CLOTHS');
        foreach ([0, 900] as $i => $left) {
            $corners = [[$left, 0], [$left + 300, 0], [$left + 300, 300], [$left, 300], [$left, 0]];
            $i === 0 ? $builder : $builder->stop();
            self::along($builder, $corners, 25, 0);
            self::along($builder->stop(), $corners, 12, 8);
            self::along($builder->stop(), $corners, 4, 30);
        }

        self::assertSame(
            [BlockRole::Placement, BlockRole::TackDown, BlockRole::Cover, BlockRole::Placement, BlockRole::TackDown, BlockRole::Cover],
            ProposedRoles::of($builder->pattern()),
        );
    }

    #[Test]
    public function a_line_that_does_not_close_or_a_very_small_one_holds_no_cloth(): void
    {
        $open = new PatternBuilder('OPEN');
        $twice = [[0, 0], [300, 0], [300, 300]];
        self::along($open, $twice, 25, 0);
        self::along($open->stop(), $twice, 25, 0);
        self::assertSame([BlockRole::Sew, BlockRole::Sew], ProposedRoles::of($open->pattern()));

        $small = new PatternBuilder('SMALL');
        $ring = [[0, 0], [60, 0], [60, 60], [0, 60], [0, 0]];
        self::along($small, $ring, 12, 0);
        self::along($small->stop(), $ring, 12, 0);
        self::assertSame([BlockRole::Sew, BlockRole::Sew], ProposedRoles::of($small->pattern()));
    }

    #[Test]
    public function only_the_last_block_has_no_stop_after_it(): void
    {
        $sheet = StopSheet::of([new SheetBlock(5), new SheetBlock(5, action: StopAction::Look)]);

        self::assertNull($sheet->steps[1]->action, 'whatever was said of a stop that is not there');
        self::assertSame([], $sheet->halts());
        self::assertSame([], StopSheet::of([])->steps);
        foreach (StopAction::cases() as $action) {
            self::assertSame(
                ! in_array($action, [StopAction::GoOn, StopAction::ThereFirst], true),
                $action->halts(),
                Said::of($action->label()),
            );
        }
    }

    /** Trim 200 mm at 10 mm/s and 20 s, brush 12 s, film 30 s: 82 s in one halt, film last however it was ticked. */
    #[Test]
    public function several_things_are_done_at_one_stop_in_the_order_of_the_work(): void
    {
        $sheet = StopSheet::of([
            new SheetBlock(5, role: BlockRole::Placement, lengthMm: 200.0),
            new SheetBlock(5, role: BlockRole::TackDown, also: [
                StopAction::AddTopper,
                StopAction::BrushLint,
                StopAction::BrushLint,
            ]),
            new SheetBlock(5, also: [StopAction::Look]),
            new SheetBlock(5, also: [StopAction::Look]),
        ]);
        $rules = new HaltRules(30, 20, 10, ['brush_lint' => 12]);

        self::assertSame([5, 10, 15], $sheet->halts(), 'nothing stops after the last block');
        self::assertSame(
            [StopAction::TrimCloth, StopAction::BrushLint, StopAction::AddTopper],
            $sheet->steps[1]->acts,
        );
        self::assertSame('trim the cloth; brush the lint off; add film on top', Said::of($sheet->steps[1]->words()));
        self::assertEqualsWithDelta(82.0, $sheet->steps[1]->handsS($rules), 1e-9);
        self::assertSame([StopAction::Look], $sheet->steps[2]->acts, 'going on by itself is no act beside another');
        self::assertSame('', Said::of($sheet->steps[3]->words()));
        // A whole cloth that lies there is still there where a hand does something else.
        $there = StopSheet::of([
            new SheetBlock(5, role: BlockRole::Placement, action: StopAction::ThereFirst, also: [StopAction::Look]),
            new SheetBlock(5),
        ])->steps[0];
        self::assertTrue($there->does(StopAction::ThereFirst));
        self::assertTrue($there->halts());
        self::assertSame('look before going on', Said::of($there->words()));
        self::assertNotContains(StopAction::ThereFirst, StopAction::together());
        self::assertNull($sheet->filmBeforeTrimming(), 'at one stop it is laid after the trimming');
        self::assertSame(
            [StopAction::BrushLint, StopAction::AddTopper],
            StopAction::read(StopAction::kept([StopAction::BrushLint, StopAction::AddTopper, StopAction::BrushLint]).',gone'),
        );
    }

    #[Test]
    public function film_comes_after_the_last_trimming_and_never_before(): void
    {
        $of = static fn(?StopAction ...$actions): ?int => StopSheet::of(
            array_map(static fn(?StopAction $action): SheetBlock => new SheetBlock(5, action: $action), [
                ...array_values($actions),
                null,
            ]),
        )->filmBeforeTrimming();

        self::assertSame(1, $of(StopAction::AddTopper, StopAction::LayCloth, StopAction::TrimCloth));
        self::assertSame(2, $of(StopAction::TrimCloth, StopAction::AddTopper, StopAction::TrimCloth));
        self::assertNull($of(StopAction::LayCloth, StopAction::TrimCloth, StopAction::AddTopper));
        self::assertNull($of(StopAction::AddTopper));
        self::assertNull($of());
    }

    #[Test]
    public function a_whole_cloth_may_lie_there_from_the_first_stitch_and_a_shape_may_not(): void
    {
        $blocks = [
            new SheetBlock(5, role: BlockRole::Placement, action: StopAction::ThereFirst),
            new SheetBlock(5, role: BlockRole::TackDown),
            new SheetBlock(5, role: BlockRole::Cover, action: StopAction::ThereFirst),
            new SheetBlock(5),
        ];
        $of = static fn(bool $preCut): array => array_map(
            static fn(StopStep $step): ?StopAction => $step->action,
            StopSheet::of($blocks, $preCut)->steps,
        );

        self::assertSame([StopAction::ThereFirst, StopAction::TrimCloth, StopAction::GoOn, null], $of(false));
        self::assertSame([10], StopSheet::of($blocks)->halts(), 'only to trim');
        self::assertSame([StopAction::LayCloth, StopAction::GoOn, StopAction::GoOn, null], $of(true));
    }

    /**
     * Stitches along a line; with a width, to and fro across it.
     *
     * @param list<array{int, int}> $corners
     */
    private static function along(PatternBuilder $builder, array $corners, int $step, int $width): void
    {
        $builder->trimTo(...$corners[0]);
        $side = 1;
        for ($i = 1; $i < count($corners); $i++) {
            [[$fromX, $fromY], [$toX, $toY]] = [$corners[$i - 1], $corners[$i]];
            $length = hypot($toX - $fromX, $toY - $fromY);
            for ($at = $step; $at <= $length; $at += $step) {
                $side = -$side;
                [$alongX, $alongY] = [($toX - $fromX) / $length, ($toY - $fromY) / $length];
                $builder->stitchTo(
                    (int) round($fromX + $alongX * $at - ($alongY * $side * $width) / 2),
                    (int) round($fromY + $alongY * $at + ($alongX * $side * $width) / 2),
                );
            }
        }
    }

    private static function squares(int ...$lefts): Pattern
    {
        $builder = new PatternBuilder('SQUARES');
        foreach ($lefts as $i => $left) {
            $i === 0 ? $builder : $builder->stop();
            $builder->trimTo($left, 0);
            foreach ([[1, 0], [0, 1], [-1, 0], [0, -1]] as [$dx, $dy]) {
                for ($step = 0; $step < 10; $step++) {
                    $builder->stitchTo($builder->x() + 25 * $dx, $builder->y() + 25 * $dy);
                }
            }
        }

        return $builder->pattern();
    }
}
