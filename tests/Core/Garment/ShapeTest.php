<?php

declare(strict_types=1);

namespace Tests\Core\Garment;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Datum;
use Hakama\Garment\Draft\Draft;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Measures;
use Hakama\Garment\Panel;
use Hakama\Garment\Position;
use Hakama\Garment\Size;
use Hakama\Garment\StartingMeasures;
use Hakama\Garment\Style;
use Hakama\Garment\Surface;
use Hakama\Setup\Placement\Edge;
use Hakama\Setup\Placement\Line;
use Hakama\Setup\Placement\MarkedPlacement;
use Hakama\Setup\Placement\Placement;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class ShapeTest extends TestCase
{
    /** How each looks is no part of what may be sewn: that is where it was before it had fingers, handles and ties. */
    #[Test]
    public function what_shows_what_it_is_changes_nothing_of_where_it_may_be_sewn(): void
    {
        $of = static fn(Garment $garment): \Hakama\Garment\Shape => Draft::of(
            $garment,
            Position::Centre,
            new Measures(['width' => 100.0, 'height' => 240.0, 'cuff_height' => 60.0, 'finger_roots' => 80.0]),
        );
        $glove = $of(Garment::Glove);
        $cloth = \Hakama\Stitch\Bounds::around($glove->cloth());
        self::assertSame([-50.0, 50.0, -120.0, 120.0], [$cloth->left, $cloth->right, $cloth->bottom, $cloth->top]);
        // The longest finger reaches to its end, the thumb stands off to its left, and four fingers part at their roots.
        self::assertEqualsWithDelta(-120.0, $glove->bounds()->bottom, 0.01);
        self::assertLessThan(-80.0, $glove->bounds()->left);
        $roots = array_filter($glove->outline, static fn(Point $p): bool => abs($p->y - (120 - 60 - 80)) < 0.01);
        self::assertCount(5, $roots);

        $bag = $of(Garment::Bag);
        self::assertSame([240.0, 100.0], [$bag->bounds()->height(), $bag->bounds()->width()]);
        self::assertGreaterThan(150.0, max(array_map(static fn(Point $p): float => $p->y, $bag->parts['handle'])));
        $hat = Draft::of(Garment::KnitHat, Position::Cuff, new Measures(['cuff_height' => 70.0]));
        self::assertSame([-70.0, 0.0], [
            min(array_map(static fn(Point $p): float => $p->y, $hat->parts['rib'])),
            max(array_map(static fn(Point $p): float => $p->y, $hat->parts['rib'])),
        ]);
    }

    #[Test]
    public function a_front_is_as_wide_and_as_long_as_it_was_measured(): void
    {
        $shape = Draft::of(
            Garment::Tee,
            Position::FullFront,
            new Measures(['chest_width' => 500.0, 'body_length' => 700.0]),
        );
        $body = array_filter($shape->outline, static fn(Point $p): bool => $p->y <= -500);

        self::assertSame([-250.0, 250.0], [min(array_column($body, 'x')), max(array_column($body, 'x'))]);
        self::assertSame(-700.0, $shape->bounds()->bottom);
        // The neck seam falls 16 % of the chest below the shoulder, 80 mm.
        self::assertEqualsWithDelta(-80.0, $shape->datum(Datum::NeckSeam)->y, 1e-9);
        self::assertTrue($shape->has(Datum::NeckSeam));
        self::assertFalse(Draft::of(Garment::Tee, Position::FullBack, new Measures())->has(Datum::NeckSeam));
    }

    #[Test]
    public function what_lies_on_the_cloth_is_told_from_what_does_not(): void
    {
        $apron = Draft::of(Garment::Bag, Position::Centre, new Measures(['width' => 400.0, 'height' => 300.0]));

        foreach (
            [[0, 0, true], [199, 149, true], [200, 0, true], [201, 0, false], [0, -151, false], [-200, -150, true]] as [$x, $y, $on]
        ) {
            self::assertSame($on, $apron->holds(new Point($x, $y)), "{$x}, {$y}");
        }
        // Between the sleeve and the body of a tee there is no cloth.
        $tee = Draft::of(
            Garment::Tee,
            Position::FullFront,
            new Measures(['chest_width' => 500.0, 'body_length' => 700.0, 'sleeve_length' => 200.0]),
        );
        self::assertFalse($tee->holds(new Point(300, -350)));
        self::assertFalse($tee->holds(new Point(0, -40)), 'in the neck');
    }

    #[Test]
    public function every_garment_and_place_has_a_shape_that_runs_round_once(): void
    {
        foreach (Garment::cases() as $garment) {
            foreach (Position::cases() as $position) {
                foreach ([Size::XS, Size::M, Size::XXXXXL] as $size) {
                    $shape = Draft::of($garment, $position, new Measures(), $size);
                    $name = "{$garment->value} {$position->value} {$size->value}";
                    self::assertFalse(self::crossesItself($shape->outline), $name);
                    self::assertGreaterThan(20.0, $shape->bounds()->width(), $name);
                    self::assertSame(Panel::of($garment, $position), $shape->panel);
                }
            }
        }
    }

    #[Test]
    public function a_garment_is_drawn_as_what_it_is(): void
    {
        $parts = static fn(Garment $garment, Position $position): array => array_keys(
            Draft::of($garment, $position, new Measures())->parts,
        );
        self::assertSame(['hood', 'rib', 'pocket'], $parts(Garment::Hoodie, Position::FullFront));
        self::assertSame(['hood', 'rib'], $parts(Garment::Hoodie, Position::FullBack));
        self::assertSame(['collar', 'rib', 'opening'], $parts(Garment::Jacket, Position::LeftChest));
        self::assertSame(['cuff', 'heel', 'toe'], $parts(Garment::Stocking, Position::Cuff));
        self::assertSame([], $parts(Garment::Tee, Position::FullFront));
        // Long sleeves are as long as they were measured: 600 mm from the shoulder's tip to the cuff's outer end.
        $hoodie = Draft::of(
            Garment::Hoodie,
            Position::FullFront,
            new Measures(['chest_width' => 500.0, 'body_length' => 700.0, 'sleeve_length' => 600.0]),
        );
        self::assertEqualsWithDelta(600.0, $hoodie->outline[1]->distanceTo($hoodie->outline[2]), 1e-9);
        // A leg has a rise; a stocking has a foot that goes beyond its leg, and is sewn on the leg alone.
        $leg = Draft::of(Garment::Trousers, Position::Leg, new Measures(['leg_width' => 200.0, 'leg_length' => 1000.0]));
        self::assertTrue($leg->holds(new Point(130, -270)));
        self::assertFalse($leg->holds(new Point(130, -5)), 'beside the rise');
        $stocking = Draft::of(Garment::Stocking, Position::Cuff, new Measures(['leg_width' => 180.0, 'leg_length' => 450.0]));
        self::assertGreaterThan(180.0, $stocking->bounds()->right);
        self::assertTrue($stocking->holds(new Point(0, -100)));
        self::assertFalse($stocking->holds(new Point(120, -400)), 'the foot');
    }

    #[Test]
    public function a_design_is_put_where_it_is_measured_to(): void
    {
        $design = ConvexHull::of([new Point(10, 10), new Point(70, 10), new Point(70, 50), new Point(10, 50)]);
        $tee = Draft::of(Garment::Tee, Position::LeftChest, new Measures(['chest_width' => 500.0]));
        $chest = MarkedPlacement::on(
            $tee,
            new Placement(Datum::ShoulderAtNeck, Edge::Middle, 200, 100, Line::CentreFront),
            $design,
        );

        // The wearer's left is on the right of whoever looks at it.
        self::assertEquals(new Point(100, -200), $chest->centre);
        self::assertEquals(
            [70.0, 130.0, -220.0, -180.0],
            [
                $chest->hull->bounds()->left,
                $chest->hull->bounds()->right,
                $chest->hull->bounds()->bottom,
                $chest->hull->bounds()->top,
            ],
        );
        self::assertTrue($chest->isOnCloth());
        $front = MarkedPlacement::on(
            $tee,
            new Placement(Datum::NeckSeam, Edge::Upper, 75, 0, Line::CentreFront),
            $design,
        );
        self::assertEquals([new Point(0, -155), new Point(0, -175)], [$front->measured, $front->centre]);
        // 100 along the bisector of the lower right corner, 15 mm of edging: 70.71 in from both edgings.
        $corner = MarkedPlacement::on(
            Draft::of(Garment::Towel, Position::Corner, new Measures(['width' => 500.0, 'height' => 1000.0])),
            new Placement(Datum::CornerInside, Edge::Middle, 100, 0, Line::Bisector),
            $design,
        );
        self::assertEqualsWithDelta(
            [250 - 15 - 70.7107, -500 + 15 + 70.7107],
            [$corner->centre->x, $corner->centre->y],
            0.001,
        );
        self::assertFalse(
            MarkedPlacement::on(
                $tee,
                new Placement(Datum::ShoulderAtNeck, Edge::Middle, 200, 230, Line::CentreFront),
                $design,
            )->isOnCloth(),
        );
    }

    #[Test]
    public function measures_to_start_with_are_whole_and_grow_with_the_size(): void
    {
        foreach (Garment::cases() as $garment) {
            self::assertNotSame([], StartingMeasures::of($garment, Size::M)->all());
        }
        self::assertSame(
            [464.0, 520.0, 660.0],
            array_map(
                static fn(Size $size): ?float => StartingMeasures::of(Garment::Tee, $size)->mm(Measure::ChestWidth),
                [Size::XS, Size::M, Size::XXXXL],
            ),
        );
        self::assertNull(StartingMeasures::of(Garment::Towel, Size::One)->mm(Measure::ChestWidth));
        $style = new Style(
            'Landing',
            Garment::Polo,
            new ClothSpec(Fabric::Pique),
            measures: ['M' => new Measures(['chest_width' => 541.0])],
        );
        self::assertSame(
            [541.0, null],
            [$style->on(Size::M)->mm(Measure::ChestWidth), $style->on(Size::L)->mm(Measure::ChestWidth)],
        );
        self::assertSame(
            [Surface::Smooth, Surface::Pile, Surface::Ribbed, Surface::Quilted],
            array_map(Surface::of(...), [Fabric::Pique, Fabric::Plush, Fabric::RibKnit, Fabric::Quilted]),
        );
    }

    /** @param list<Point> $outline */
    private static function crossesItself(array $outline): bool
    {
        $n = count($outline);
        $side = static fn(Point $a, Point $b, Point $p): float => ($b->x - $a->x) * ($p->y - $a->y) -
            ($b->y - $a->y) * ($p->x - $a->x);
        for ($i = 0; $i < $n; $i++) {
            for ($j = $i + 2; $j < $n; $j++) {
                if ($i === 0 && $j === $n - 1) {
                    continue;
                }
                [$a, $b, $c, $d] = [$outline[$i], $outline[($i + 1) % $n], $outline[$j], $outline[($j + 1) % $n]];
                if ($side($a, $b, $c) * $side($a, $b, $d) < -1e-6 && $side($c, $d, $a) * $side($c, $d, $b) < -1e-6) {
                    return true;
                }
            }
        }

        return false;
    }
}
