<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Backing\BackingSupply;
use Hakama\Setup\Backing\Cut;
use Hakama\Setup\Backing\CutList;
use Hakama\Setup\Backing\CutWant;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Backing\StockForm;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class CutListTest extends TestCase
{
    #[Test]
    public function a_piece_reaches_beyond_the_frame_and_some_are_cut_for_what_is_spoiled(): void
    {
        // Frame 150 × 100 outside, 25 mm over: 200 × 150. Ten pieces, two layers, one in twenty more: 21.
        $want = self::want('B-1', 150, 100, 10, layers: 2, spoilage: 0.05);

        self::assertSame([200.0, 150.0, 21], [$want->widthMm, $want->heightMm, $want->count]);
        self::assertSame(
            22,
            self::want('B-1', 150, 100, 10, layers: 2, spoilage: 0.06)->count,
            '21.2 are rounded up',
        );
    }

    #[Test]
    public function the_smallest_piece_that_covers_is_taken_either_way_round(): void
    {
        $list = CutList::of(
            [self::want('B-1', 150, 100, 4)],
            [
                self::stock('large', StockForm::Piece, 400, 400, 50),
                self::stock('fits', StockForm::Piece, 160, 210, 50),
                self::stock('small', StockForm::Piece, 190, 190, 50),
            ],
            80,
        );

        self::assertSame([['fits', 4]], self::told($list));
        self::assertSame([], $list->short);
        self::assertSame(46, $list->left[1]->count);
    }

    #[Test]
    public function off_cuts_come_first_and_the_roll_last(): void
    {
        $list = CutList::of(
            [self::want('B-1', 150, 100, 6)],
            [
                self::stock('roll', StockForm::Roll, 500, 20_000),
                self::stock('piece', StockForm::Piece, 200, 200, 2),
                self::stock('off', StockForm::OffCut, 220, 160, 3),
            ],
            80,
        );

        self::assertSame([['off', 3], ['piece', 2], ['roll', 1]], self::told($list));
    }

    #[Test]
    public function a_piece_that_reaches_far_enough_is_taken_before_a_roll_is_cut(): void
    {
        // A frame of 100 × 100: 25 mm over are wished, 20 will do.
        $frame = new FrameSpec('F', FrameKind::Square, Driver::Flat, 100, 100, Window::rectangle(70, 70));
        $from = static fn(float $side, float $shortMm): string => CutList::of(
            [CutWant::of('B-1', new Layers(Backing::Cutaway, 1), BackingPiece::under($frame, 25), 1, 0.0, $shortMm)],
            [self::stock('roll', StockForm::Roll, 500, 5000, 1), self::stock('piece', StockForm::Piece, $side, $side, 1)],
            80,
        )->cuts[0]->from->id;

        self::assertSame(['piece', 'piece', 'roll'], [$from(150, 10), $from(140, 10), $from(139, 10)]);
        self::assertSame('roll', $from(140, 0), 'where the house wants all of it');
    }

    #[Test]
    public function the_roll_is_cut_in_the_direction_that_takes_less_of_it(): void
    {
        // 200 × 150 off a roll of 500. Upright two across, rows of 150: seven pieces are 4 rows, 600 mm.
        // Across three side by side, rows of 200: 3 rows, 600 mm. Eight: 4 · 150 = 600 against 3 · 200 = 600. Nine: 5
        // · 150 = 750 against 600.
        $list = CutList::of(
            [self::want('B-1', 150, 100, 9)],
            [self::stock('roll', StockForm::Roll, 500, 20_000)],
            40,
        );

        self::assertSame([3, 600.0, 9], [$list->cuts[0]->across, $list->cuts[0]->lengthMm, $list->cuts[0]->count]);
        // Along its edge a strip of 50 × 600 is left, and no piece over.
        self::assertSame([[50.0, 600.0, 1]], self::leaves($list->cuts[0]));
        self::assertSame(19_400.0, $list->left[0]->lengthMm);
        self::assertSame(
            [],
            self::leaves(
                CutList::of([self::want('B-1', 150, 100, 9)], [self::stock('roll', StockForm::Roll, 500, 20_000)], 80)
                    ->cuts[0],
            ),
            'a strip this narrow is thrown away',
        );
    }

    #[Test]
    public function what_one_batch_leaves_serves_the_next(): void
    {
        // Five of 200 × 150: two rows of three, one piece over. The next batch wants one that is no larger.
        $list = CutList::of(
            [self::want('B-1', 150, 100, 5), self::want('B-2', 140, 90, 1)],
            [self::stock('roll', StockForm::Roll, 600, 20_000)],
            80,
        );

        self::assertSame([['roll', 5], ['B-1', 1]], self::told($list));
        self::assertSame([1], array_map(static fn(Cut $cut): int => $cut->count, $list->ofBatch('B-2')));
    }

    #[Test]
    public function what_there_is_not_enough_of_is_said(): void
    {
        $list = CutList::of(
            [self::want('B-1', 150, 100, 8), self::want('B-2', 150, 100, 2)],
            [
                self::stock('roll', StockForm::Roll, 500, 310),
                self::stock('other', StockForm::Roll, 500, 9000, kind: Backing::TearAway),
            ],
            80,
        );

        // 310 mm are two rows of 150 upright, four pieces; a row of 200 across is three.
        self::assertSame([['roll', 4]], self::told($list));
        self::assertSame(['B-1' => 4, 'B-2' => 2], $list->short);
        self::assertSame(
            ['B-3' => 1],
            CutList::of([self::want('B-3', 600, 600, 1)], [self::stock('roll', StockForm::Roll, 500, 9000)], 80)
                ->short,
            'wider than the roll either way',
        );
    }

    #[Test]
    public function no_piece_is_cut_twice_and_none_is_wanted_in_vain(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 120; $round++) {
            $stock = $wants = [];
            for ($i = 0; $i < 6; $i++) {
                $form = StockForm::cases()[mt_rand(0, 2)];
                $stock[] = self::stock(
                    "s{$i}",
                    $form,
                    mt_rand(150, 600),
                    $form === StockForm::Roll ? mt_rand(300, 4000) : mt_rand(150, 600),
                    $form === StockForm::Roll ? 1 : mt_rand(1, 9),
                );
            }
            for ($i = 0; $i < 4; $i++) {
                $wants[] = self::want("B-{$i}", mt_rand(60, 300), mt_rand(60, 300), mt_rand(1, 12));
            }
            $list = CutList::of($wants, $stock, 80);
            foreach ($wants as $want) {
                $got = array_sum(array_map(static fn(Cut $cut): int => $cut->count, $list->ofBatch($want->batch)));
                self::assertSame($want->count, $got + ($list->short[$want->batch] ?? 0), 'cut or said to be missing');
            }
            foreach ($list->left as $one) {
                self::assertGreaterThanOrEqual(0, $one->count);
                self::assertGreaterThanOrEqual(-1e-6, $one->lengthMm);
            }
            // Cloth is not made: what is cut and what is left is no more than there was.
            $area = static fn(array $some): float => array_sum(
                array_map(static fn(BackingSupply $one): float => $one->areaMm2() * $one->count, $some),
            );
            $used = array_sum(
                array_map(
                    static fn(Cut $cut): float => $cut->count * $cut->want->widthMm * $cut->want->heightMm,
                    $list->cuts,
                ),
            );
            self::assertLessThanOrEqual($area($stock) + 1e-3, $area($list->left) + $used);
        }
    }

    /** @return list<array{string, int}> */
    private static function told(CutList $list): array
    {
        return array_map(static fn(Cut $cut): array => [$cut->from->id, $cut->count], $list->cuts);
    }

    /** @return list<array{float, float, int}> */
    private static function leaves(Cut $cut): array
    {
        return array_map(
            static fn(BackingSupply $one): array => [$one->widthMm, $one->lengthMm, $one->count],
            $cut->leaves,
        );
    }

    private static function want(
        string $batch,
        float $outerWidth,
        float $outerHeight,
        int $pieces,
        int $layers = 1,
        float $spoilage = 0.0,
    ): CutWant {
        $frame = new FrameSpec(
            'F',
            FrameKind::Square,
            Driver::Flat,
            $outerWidth,
            $outerHeight,
            Window::rectangle($outerWidth - 30, $outerHeight - 30),
        );

        return CutWant::of(
            $batch,
            new Layers(Backing::Cutaway, $layers),
            BackingPiece::under($frame, 25),
            $pieces,
            $spoilage,
        );
    }

    #[Test]
    public function what_is_too_light_is_not_cut_and_what_nobody_weighed_is(): void
    {
        $want = CutWant::of(
            'B-1',
            new Layers(Backing::Cutaway, 1),
            BackingPiece::under(new FrameSpec('F', FrameKind::Round, Driver::Flat, 100, 100, Window::ellipse(80, 80)), 25),
            4,
            0.0,
            0.0,
            64.0,
        );
        $roll = static fn(string $id, ?int $gsm): BackingSupply => new BackingSupply(
            $id,
            Backing::Cutaway,
            StockForm::Roll,
            500,
            10_000,
            1,
            $gsm,
        );
        $from = static fn(BackingSupply ...$stock): array => array_map(
            static fn(Cut $cut): string => $cut->from->id,
            CutList::of([$want], array_values($stock), 80.0)->cuts,
        );

        // Eighty were advised and a fifth less will do: 64.
        self::assertSame([], $from($roll('light', 63)));
        self::assertSame(['enough'], $from($roll('light', 63), $roll('enough', 64)));
        self::assertSame(['unknown'], $from($roll('unknown', null)));
        // What is left of a roll weighs what the roll does.
        $left = array_filter(
            CutList::of([$want], [$roll('firm', 80)], 80.0)->left,
            static fn(BackingSupply $one): bool => $one->form === StockForm::OffCut,
        );
        self::assertNotSame([], $left);
        foreach ($left as $one) {
            self::assertSame(80, $one->gsm);
        }
    }

    private static function stock(
        string $id,
        StockForm $form,
        float $width,
        float $length,
        int $count = 1,
        Backing $kind = Backing::Cutaway,
    ): BackingSupply {
        return new BackingSupply($id, $kind, $form, $width, $length, $count);
    }
}
