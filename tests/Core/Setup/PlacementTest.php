<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\Datum;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measures;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Structure;
use Hakama\Garment\UnfitMeasure;
use Hakama\House\HouseRules;
use Hakama\House\Inches;
use Hakama\Machine\Driver;
use Hakama\Setup\Advice;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\WayIn;
use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Setup\Placement\Placement;
use Hakama\Setup\Placement\WorkedMark;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Setup\SizeTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class PlacementTest extends TestCase
{
    /** @return iterable<string, array{float, string}> */
    public static function inches(): iterable
    {
        yield 'nothing' => [0.0, '0 in'];
        yield 'an eighth' => [3.175, '1/8 in'];
        yield 'a quarter, in its lowest terms' => [6.35, '1/4 in'];
        yield 'one inch' => [25.4, '1 in'];
        yield '200 mm are 7.874, nearest 7 7/8' => [200.0, '7 7/8 in'];
        yield '100 mm are 31.5 eighths less a hair' => [100.0, '3 7/8 in'];
        yield '12 mm are 0.472, nearest a half' => [12.0, '1/2 in'];
        yield 'below the line' => [-50.8, '−2 in'];
    }

    #[Test]
    #[DataProvider('inches')]
    public function inches_are_given_to_the_eighth(float $mm, string $words): void
    {
        self::assertSame($words, Inches::of($mm));
    }

    #[Test]
    public function a_place_is_said_as_it_is_measured(): void
    {
        self::assertSame(
            implode('; ', [
                '200 mm (7 7/8 in) down from the shoulder seam at the neck to the middle of the design',
                '100 mm (3 7/8 in) across from the centre front, towards the wearer’s left',
            ]),
            Said::of(self::place(Garment::Polo, Position::LeftChest)->words()),
        );
        self::assertSame(
            implode('; ', ['12 mm (1/2 in) up from the bill seam to the lower edge of the design', 'on the front seam']),
            Said::of(self::place(Garment::Cap, Position::CapFront)->words()),
        );
        // 120 along the bisector of a square corner: 120 · sin 45° = 84.85 in from both.
        self::assertSame(
            implode('; ', [
                '120 mm (4 3/4 in) along the bisector of the corner, from inside the edging to the middle of the design',
                'that is 85 mm (3 3/8 in) in from each edging',
            ]),
            Said::of(self::place(Garment::Blanket, Position::Corner)->words()),
        );
        self::assertSame('both ways centred', Said::of(self::place(Garment::Bag, Position::Centre)->words()));
        self::assertSame(
            'shoulder seam at the neck, to the middle of the design; across from the centre front, towards the wearer’s left',
            Said::of(self::place(Garment::Polo, Position::LeftChest)->from()),
        );
    }

    #[Test]
    public function a_small_design_on_a_high_cap_is_centred_where_the_house_does_so(): void
    {
        $down = static fn(float $heightMm, string $school): float => Advice::of(
            FactsFactory::of(
                Garment::Cap,
                Fabric::Twill,
                Structure::Structured,
                Profile::High,
                Position::CapFront,
                60,
                $heightMm,
                3000,
                40,
                [Driver::Cap],
            ),
            HouseRules::of([], ['bill_gap' => $school]),
        )->placement->downMm;
        // A high cap takes 64: over a design of 30 on a gap of 12 there are 34 left, half of them below it.
        self::assertSame(-29.0, $down(30, 'centred_high'));
        // 24 left are not much higher (25).
        self::assertSame(
            [-12.0, -12.0, -8.0],
            [$down(40, 'centred_high'), $down(30, 'house_gap'), $down(30, 'frame_limit')],
        );
    }

    #[Test]
    public function what_was_found_once_for_a_size_is_kept_and_the_others_go_by_the_house(): void
    {
        $facts = self::facts(Garment::Polo, Position::LeftChest);
        $table = SizeTable::of(
            $facts,
            HouseRules::of(),
            ['M' => 2, 'L' => 3],
            kept: ['L' => new FoundPlacement('14', 212.0)],
        );

        self::assertSame(
            [200.0, 100.0, ''],
            [
                $table->rows[0]->placement()->downMm,
                $table->rows[0]->placement()->acrossMm,
                $table->rows[0]->placement()->peg,
            ],
        );
        self::assertSame(
            [212.0, 100.0, '14'],
            [
                $table->rows[1]->placement()->downMm,
                $table->rows[1]->placement()->acrossMm,
                $table->rows[1]->placement()->peg,
            ],
        );
        self::assertSame(
            ['left_chest', 'kept'],
            array_map(static fn($row): string => $row->advice->because(SetupTopic::Placement)->rule, $table->rows),
        );
        // Without a kept place a peg school asks for it; with one it says it.
        $step = static fn(array $rows, int $i): string => Said::of(array_column($rows[$i]->advice->steps, 'text', 'code')[
            'chest_peg'
        ]);
        $pegs = SizeTable::of(
            $facts,
            HouseRules::of([], ['chest_place' => 'peg']),
            ['M' => 2, 'L' => 3],
            kept: ['L' => new FoundPlacement('14')],
        );
        self::assertStringContainsString('Note it here', $step($pegs->rows, 0));
        self::assertSame('Set the hooping station to peg 14.', $step($pegs->rows, 1));
    }

    #[Test]
    public function positions_grow_with_the_size_as_the_house_says(): void
    {
        $down = static fn(Position $position, array $figures): array => array_map(
            static fn($row): array => [$row->placement()->downMm, $row->placement()->acrossMm],
            SizeTable::of(self::facts(Garment::Tee, $position), HouseRules::of($figures), ['S' => 1, 'XL' => 1])->rows,
        );

        self::assertSame([[195.0, 100.0], [210.0, 100.0]], $down(Position::LeftChest, []));
        self::assertSame(
            [[195.0, 97.0], [210.0, 106.0]],
            $down(Position::LeftChest, ['left_chest_across_step_mm' => 3.0]),
        );
        self::assertSame([[70.0, 0.0], [85.0, 0.0]], $down(Position::FullFront, ['full_front_step_mm' => 5.0]));
        self::assertSame([[96.0, 0.0], [108.0, 0.0]], $down(Position::FullBack, ['full_back_step_mm' => 4.0]));
    }

    #[Test]
    public function placements_are_worked_out_from_what_is_on_the_garment(): void
    {
        self::assertSame(185.0, WorkedMark::levelWith(185, Datum::NeckSeam->label())->mm);
        self::assertSame(150.0, WorkedMark::midway(120, 180, Datum::Hem->label())->mm);
        self::assertStringContainsString(
            '150 mm (5 7/8 in) from the hem, 30 mm (1 1/8 in) from each',
            Said::of(WorkedMark::midway(180, 120, Datum::Hem->label())->words),
        );
        // A yoke of 412 mm and a design of 216: 98 on each side, and the middle at 206.
        self::assertSame(98.0, WorkedMark::equalGaps(412, 216)->mm);
        self::assertStringContainsString('the middle is 206 mm', Said::of(WorkedMark::equalGaps(412, 216)->words));
        self::assertSame(206.0, WorkedMark::half(412)->mm);
        // A corner of 60 degrees: 100 along its bisector is 100 · sin 30° = 50 in.
        self::assertEqualsWithDelta(50.0, WorkedMark::corner(100, 60)->mm, 1e-9);
    }

    /** @return iterable<string, array{callable(): WorkedMark, string}> */
    public static function unfit(): iterable
    {
        yield 'a design wider than the panel' => [
            static fn(): WorkedMark => WorkedMark::equalGaps(200, 216),
            'Take a smaller version or another position',
        ];
        yield 'nothing measured' => [static fn(): WorkedMark => WorkedMark::half(0), 'more than nothing'];
        yield 'no corner' => [static fn(): WorkedMark => WorkedMark::corner(100, 180), '10 to 170 degrees'];
        yield 'a mark above the seam' => [
            static fn(): WorkedMark => WorkedMark::levelWith(-3, Datum::Hem->label()),
            'more than nothing',
        ];
    }

    /** @param callable(): WorkedMark $measure */
    #[Test]
    #[DataProvider('unfit')]
    public function what_cannot_be_worked_out_is_refused_with_the_reason(callable $measure, string $why): void
    {
        self::assertStringContainsString($why, Said::refusalOf(fn(): mixed => $measure()));
    }

    #[Test]
    public function measures_of_the_catalogue_come_before_those_to_start_with(): void
    {
        $facts = self::facts(Garment::Hoodie, Position::FullFront);
        $measured = $facts->onSize(Size::M, HouseRules::of(), new Measures(['neck_opening' => 244.0]));

        self::assertSame(244.0, $measured->item->neckOpeningMm());
        self::assertSame(215.0, $facts->onSize(Size::M, HouseRules::of())->item->neckOpeningMm(), 'the house’s own');
        self::assertSame(
            [570.0, 514.0],
            [
                (new WayIn($facts->onSize(Size::M, HouseRules::of())->item, Driver::Flat, HouseRules::of()))->openingMm(),
                (new WayIn($facts->onSize(Size::XS, HouseRules::of())->item, Driver::Flat, HouseRules::of()))->openingMm(),
            ],
        );
        foreach ([['sleeve' => 100.0], ['chest_width' => 3.0]] as $bad) {
            try {
                new Measures($bad);
                self::fail('no garment has it');
            } catch (UnfitMeasure $e) {
                self::assertNotSame('', Said::of($e->text));
            }
        }
    }

    private static function place(Garment $garment, Position $position): Placement
    {
        return Advice::of(self::facts($garment, $position), HouseRules::of())->placement;
    }

    private static function facts(Garment $garment, Position $position): Facts
    {
        return FactsFactory::of(
            $garment,
            Fabric::Jersey,
            Structure::None,
            Profile::None,
            $position,
            60,
            40,
            3000,
            40,
            Driver::cases(),
        );
    }
}
