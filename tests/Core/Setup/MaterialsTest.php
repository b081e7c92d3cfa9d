<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Advice;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\WorkHistory;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Fit\Mounting;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;
use Hakama\Words\Text;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** What cloth, liner, padding and practice ask for, and what no reason makes possible. */
final class MaterialsTest extends TestCase
{
    #[Test]
    public function a_soft_liner_is_framed_as_a_stiff_front_and_backed_with_tear_away(): void
    {
        $backed = static fn(Structure $structure, string $school): string => Said::of(self::advise(
            Garment::Cap,
            Fabric::Twill,
            Position::CapFront,
            structure: $structure,
            schools: ['cap_backing' => $school],
        )->backing->words());

        self::assertSame(
            [Driver::Cap],
            self::advise(Garment::Cap, Fabric::Twill, Position::CapFront, structure: Structure::SoftLiner)->drivers,
        );
        self::assertSame('2 × tear-away', $backed(Structure::SoftLiner, 'tear_away'));
        self::assertSame('1 × cutaway', $backed(Structure::SoftLiner, 'cutaway'));
        self::assertSame('1 × cutaway', $backed(Structure::Unstructured, 'tear_away'));
        self::assertSame('2 × tear-away', $backed(Structure::Structured, 'cutaway'));
        self::assertSame('2 × tear-away', $backed(Structure::Unstructured, 'always_tear_away'));
    }

    #[Test]
    public function a_pale_thin_knit_has_mesh_and_a_dark_one_cutaway(): void
    {
        $backed = static fn(Fabric $fabric, bool $pale): string => Said::of(self::advise(
            Garment::Polo,
            $fabric,
            Position::LeftChest,
            pale: $pale,
        )->backing->words());

        self::assertSame('2 × mesh, one lightly stuck', $backed(Fabric::TechnicalKnit, true));
        self::assertSame('2 × cutaway, one lightly stuck', $backed(Fabric::TechnicalKnit, false));
        self::assertSame(['2 × mesh', '2 × cutaway'], [$backed(Fabric::Pique, true), $backed(Fabric::Pique, false)]);
        self::assertSame('2 × cutaway, one lightly stuck', $backed(Fabric::Fleece, true), 'thick: nothing shows');
    }

    #[Test]
    public function padding_fleece_and_pile_take_the_usual_needle_however_thick(): void
    {
        $needle = static fn(Garment $garment, Fabric $fabric): string => self::advise(
            $garment,
            $fabric,
            Position::FullBack,
            thickness: Thickness::Heavy,
        )->needle->size;

        self::assertSame(
            ['75/11', '75/11', '75/11', '80/12', '80/12'],
            [
                $needle(Garment::PaddedJacket, Fabric::Quilted),
                $needle(Garment::Hoodie, Fabric::Fleece),
                $needle(Garment::Blanket, Fabric::Plush),
                $needle(Garment::Jacket, Fabric::Twill),
                $needle(Garment::Jacket, Fabric::Canvas),
            ],
        );
    }

    #[Test]
    public function letters_under_three_millimetres_are_said_to_be_unreadable(): void
    {
        $says = static fn(float $mm): string => implode(' ', Said::each(array_column(
            self::advise(Garment::Apron, Fabric::Twill, Position::Centre, letterMm: $mm)->warnings,
            'text',
        )));

        self::assertStringContainsString('no thread makes them readable', $says(2.9));
        self::assertStringContainsString('fine thread and needle, or larger letters', $says(3.0));
        self::assertSame('', $says(5.0));
    }

    #[Test]
    public function backing_is_as_heavy_as_stitches_and_cloth_ask(): void
    {
        $gsm = static fn(Fabric $fabric, ?Thickness $thickness = null, bool $pale = false): int => self::advise(
            Garment::Tee,
            $fabric,
            Position::FullBack,
            thickness: $thickness,
            pale: $pale,
        )->backingGsm();

        self::assertSame(
            [60, 40, 80, 40, 80],
            [
                $gsm(Fabric::Jersey),
                $gsm(Fabric::TechnicalKnit),
                $gsm(Fabric::Denim),
                $gsm(Fabric::Jersey, pale: true),
                $gsm(Fabric::Fleece, Thickness::Heavy),
            ],
        );
        $advice = self::advise(Garment::Tee, Fabric::Denim, Position::FullBack);
        self::assertStringContainsString(
            'of 80 g/m²',
            Said::of(array_column($advice->steps, 'text', 'code')['cut_backing']),
        );
        self::assertSame('Firm: heavy cloth pulls at it.', Said::of($advice->weightBecause()));
        // 60 x 40 is 24 cm²: more than 250 a cm² is dense.
        $dense = FactsFactory::of(
            Garment::Tee,
            Fabric::Jersey,
            Structure::None,
            Profile::None,
            Position::FullBack,
            60,
            40,
            6100,
            40,
            [Driver::Flat],
        );
        self::assertSame(80, Advice::of($dense, HouseRules::of())->backingGsm());
        self::assertSame(
            'Firm: stitches this close pull at it.',
            Said::of(Advice::of($dense, HouseRules::of())->weightBecause()),
        );
    }

    #[Test]
    public function patches_are_set_up_by_the_sheet(): void
    {
        $says = static function (int $copies, float $window): string {
            $facts = self::facts(Garment::Patch, Fabric::Felt, Position::Centre);
            $design = $facts->design;
            $advice = Advice::of(
                new Facts(
                    new Design(
                        $design->widthMm,
                        $design->heightMm,
                        $design->stitches,
                        $design->threadWeight,
                        copies: $copies,
                    ),
                    $facts->item,
                    $facts->machine,
                    $facts->history,
                ),
                HouseRules::of(['copies_gap_mm' => 10.0]),
                [
                    new FrameSpec(
                        'F',
                        FrameKind::Square,
                        Driver::Flat,
                        $window + 30,
                        $window + 30,
                        Window::rectangle($window, $window),
                    ),
                ],
            );

            return Said::of(array_column($advice->steps, 'text', 'code')['sheet_of_patches'] ?? '');
        };
        // A patch of 60 x 40 with gaps of 10 in a field of 150 - 14: (136 + 10) / 70 = 2 across, 146 / 50 = 2 up.
        self::assertStringContainsString('room for 4 of them', $says(1, 150.0));
        self::assertStringContainsString('One frame holds 6 patches', $says(6, 150.0));
        self::assertSame('', $says(1, 80.0), 'there is room for one');
    }

    #[Test]
    public function what_was_practised_otherwise_does_not_stand_for_it(): void
    {
        $frame = static fn(FrameKind $kind): FrameSpec => new FrameSpec(
            $kind->value,
            $kind,
            Driver::Flat,
            160,
            160,
            Window::rectangle(130, 130),
        );
        $warns = static function (FrameKind $kind, ?array $in) use ($frame): bool {
            $facts = self::facts(Garment::Apron, Fabric::Twill, Position::Centre);
            $advice = Advice::of(
                new Facts(
                    $facts->design,
                    $facts->item,
                    $facts->machine,
                    new WorkHistory(practised: true, practisedIn: $in),
                ),
                HouseRules::of(),
                [$frame($kind)],
            );

            return in_array('not_practised', array_column($advice->warnings, 'code'), true);
        };

        self::assertFalse($warns(FrameKind::Magnetic, null), 'nobody kept in which frame');
        self::assertTrue($warns(FrameKind::Magnetic, [FrameKind::Round, FrameKind::Cap]));
        self::assertFalse($warns(FrameKind::Magnetic, [FrameKind::Magnetic]));
        self::assertFalse($warns(FrameKind::Square, [FrameKind::Round]), 'two rings and a screw, whatever their shape');
        self::assertSame([Position::CapFront, Position::CapSide, Position::CapBack], Position::CapBack->alike());
        self::assertNotContains(Position::CapFront, Position::FullBack->alike());
    }

    #[Test]
    public function what_cannot_be_mounted_says_so_and_what_is_only_unwise_does_not(): void
    {
        $says = static function (Garment $garment, FrameKind $kind, Driver $driver, Turn $turn): ?Text {
            $position = $garment === Garment::Cap ? Position::CapFront : Position::Centre;
            $hull = ConvexHull::of([new Point(0, 0), new Point(40, 0), new Point(40, 30), new Point(0, 30)]);
            $frame = new FrameSpec('F', $kind, $driver, 120, 120, Window::rectangle(100, 100));

            return Mounting::obstacle(
                self::facts($garment, Fabric::Twill, $position)->item,
                Fit::of($hull, $frame, $turn, 7),
            );
        };

        self::assertNull($says(Garment::Cap, FrameKind::Cap, Driver::Cap, Turn::Half));
        self::assertStringContainsString(
            'The bill goes',
            Said::of($says(Garment::Cap, FrameKind::Cap, Driver::Cap, Turn::None)),
        );
        self::assertStringContainsString(
            'cannot hold this cap',
            Said::of($says(Garment::Cap, FrameKind::Square, Driver::Flat, Turn::Half)),
        );
        self::assertStringContainsString(
            'cannot hold this cap',
            Said::of($says(Garment::Cap, FrameKind::Pocket, Driver::Cap, Turn::Half)),
        );
        self::assertStringContainsString(
            'cannot hold a polo',
            Said::of($says(Garment::Polo, FrameKind::Cap, Driver::Cap, Turn::None)),
        );
        self::assertNull($says(Garment::Polo, FrameKind::Square, Driver::Flat, Turn::Half));
        self::assertNotNull(
            $says(Garment::Polo, FrameKind::Square, Driver::Flat, Turn::Quarter),
            'no shirt lies sideways',
        );
        self::assertNull($says(Garment::Towel, FrameKind::Square, Driver::Flat, Turn::Quarter));
        self::assertNotNull($says(Garment::Stocking, FrameKind::Square, Driver::Flat, Turn::None));
        self::assertNull($says(Garment::Stocking, FrameKind::Square, Driver::Flat, Turn::Half));
    }

    private static function facts(
        Garment $garment,
        Fabric $fabric,
        Position $position,
        Structure $structure = Structure::Structured,
        ?Thickness $thickness = null,
        bool $pale = false,
        ?float $letterMm = null,
    ): Facts {
        return FactsFactory::of(
            $garment,
            $fabric,
            $structure,
            Profile::High,
            $position,
            60,
            40,
            3000,
            40,
            [Driver::Flat, Driver::Cap],
            smallestLetterMm: $letterMm,
            stretch: Stretch::Low,
            thickness: $thickness,
            pale: $pale,
            practised: true,
        );
    }

    /** @param array<string, string> $schools */
    private static function advise(
        Garment $garment,
        Fabric $fabric,
        Position $position,
        Structure $structure = Structure::Structured,
        ?Thickness $thickness = null,
        bool $pale = false,
        ?float $letterMm = null,
        array $schools = [],
    ): Advice {
        return Advice::of(
            self::facts($garment, $fabric, $position, $structure, $thickness, $pale, $letterMm),
            HouseRules::of([], $schools),
        );
    }
}
