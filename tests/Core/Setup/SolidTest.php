<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\FeatureKind;
use Hakama\Garment\Garment;
use Hakama\Garment\Measure;
use Hakama\Garment\Measures;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Provenance;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\PanelHabits;
use Hakama\Machine\Window;
use Hakama\Setup\Advice;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\OnMachine;
use Hakama\Setup\Facts\OrderVerdict;
use Hakama\Setup\Facts\TypedFeature;
use Hakama\Setup\Facts\WorkHistory;
use Hakama\Setup\Notes\Ask;
use Hakama\Setup\Placement\FoundPlacement;
use Hakama\Stitch\Figures\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** What goes in, lies on, and lies across: all of it reckoned by hand from the shapes. */
final class SolidTest extends TestCase
{
    /** @return iterable<string, array{Garment, Position, ?Stretch, array<string, float>, FrameKind, float, bool}> */
    public static function tubes(): iterable
    {
        $hat = [Garment::KnitHat, Position::Cuff];
        $round = ['circumference' => 440.0];
        // 2 · (208 + 12) = 440: it just goes in; 209 does not.
        yield 'a hat' => [...$hat, Stretch::None, $round, FrameKind::Square, 208.0, true];
        yield 'a frame too wide for a hat' => [...$hat, Stretch::None, $round, FrameKind::Square, 209.0, false];
        // A magnetic frame has bars of 8: 2 · (212 + 8) = 440.
        yield 'a magnet' => [...$hat, Stretch::None, $round, FrameKind::Magnetic, 212.0, true];
        // Much stretch gives 15 %: 506 = 2 · (241 + 12).
        yield 'a hat that gives' => [...$hat, Stretch::High, $round, FrameKind::Square, 241.0, true];
        yield 'not so far' => [...$hat, Stretch::High, $round, FrameKind::Square, 242.0, false];
        // A little gives 5 %: 462 = 2 · (219 + 12).
        yield 'a little' => [...$hat, Stretch::Low, $round, FrameKind::Square, 219.0, true];
        yield 'no more' => [...$hat, Stretch::Low, $round, FrameKind::Square, 220.0, false];
        yield 'a frame of 405 in a hat' => [...$hat, Stretch::High, $round, FrameKind::Square, 405.0, false];
        // A stocking goes by its circumference where that is known: 300 = 2 · (138 + 12).
        $stocking = [Garment::Stocking, Position::Centre, Stretch::None];
        yield 'a stocking' => [...$stocking, ['circumference' => 300.0], FrameKind::Square, 138.0, true];
        yield 'a narrow stocking' => [...$stocking, ['circumference' => 300.0], FrameKind::Square, 139.0, false];
        // The leg 200 laid flat is 400 round: 2 · (188 + 12).
        yield 'by its leg' => [...$stocking, ['leg_width' => 200.0], FrameKind::Square, 188.0, true];
        yield 'too wide for the leg' => [...$stocking, ['leg_width' => 200.0], FrameKind::Square, 189.0, false];
        // A glove 210 round takes a flat frame of 93.
        $glove = [Garment::Glove, Position::Centre, Stretch::None, ['circumference' => 210.0]];
        yield 'a glove' => [...$glove, FrameKind::Square, 93.0, true];
        yield 'too wide for a glove' => [...$glove, FrameKind::Square, 94.0, false];
    }

    /** @param array<string, float> $measures */
    #[Test]
    #[DataProvider('tubes')]
    public function a_frame_goes_into_a_tube_that_is_wide_enough_for_it_and_its_bars(
        Garment $garment,
        Position $position,
        ?Stretch $stretch,
        array $measures,
        FrameKind $kind,
        float $outerMm,
        bool $goesIn,
    ): void {
        $advice = self::advise(
            $garment,
            $position,
            frames: [self::frame($outerMm, $outerMm - 20, $kind)],
            measures: $measures,
            cloth: new ClothSpec(Fabric::Twill, $stretch),
            widthMm: 20.0,
            heightMm: 20.0,
        );

        self::assertSame($goesIn, $advice->ranked[0]->goesIn());
        self::assertSame($goesIn, ! in_array('fits_no_frame', array_column($advice->warnings, 'code'), true));
    }

    #[Test]
    public function an_opened_leg_lies_as_wide_as_it_was_round(): void
    {
        // Between hem and thigh a leg of 100 and 100 is 200 round everywhere: a frame of 200 lies on it once it is open.
        $at = static fn(float $outerMm): bool => self::advise(
            Garment::Trousers,
            Position::Leg,
            frames: [self::frame($outerMm, 100.0)],
            measures: ['leg_width' => 100.0, 'upper_width' => 100.0],
            widthMm: 40.0,
            heightMm: 40.0,
        )->ranked[0]->liesOn();

        self::assertSame([true, false], [$at(200.0), $at(201.0)]);
    }

    #[Test]
    public function a_frame_over_the_side_seam_is_moved_as_far_as_the_design_allows(): void
    {
        $at = static fn(float $widthMm, FrameKind $kind = FrameKind::Square): Advice => self::advise(
            Garment::Tee,
            Position::LeftChest,
            frames: [self::frame(330.0, 300.0, $kind)],
            measures: ['chest_width' => 480.0, 'body_length' => 900.0],
            widthMm: $widthMm,
            heightMm: 60.0,
            kept: new FoundPlacement(downMm: 500.0),
        );
        // Far below shoulders and arms. The middle is 100 across: the frame reaches to 265 and the side seam is at 240.
        $moved = $at(60.0)->ranked[0];
        self::assertNotNull($moved->hold);
        self::assertTrue($moved->hold->isWhole());
        self::assertEqualsWithDelta(-25.0, $moved->hold->offMiddle->x, 1e-6);
        self::assertStringContainsString('25 mm to the left', Said::of($moved->because()));
        self::assertStringContainsString(
            'off the middle',
            implode(' ', Said::each(array_column($at(60.0)->steps, 'text'))),
        );
        // A design of 250 leaves (300 - 250) / 2 - 7 = 18 to move: 7 still hang over.
        $over = $at(250.0)->ranked[0];
        self::assertFalse($over->liesOn());
        self::assertEqualsWithDelta(7.0, $over->hold->over->rightMm ?? 0.0, 1e-6);
        self::assertStringContainsString('at the right', Said::of($over->obstacle()));
        // The upper half of a magnetic frame may stand over a seam.
        self::assertTrue($at(250.0, FrameKind::Magnetic)->ranked[0]->liesOn());
    }

    #[Test]
    public function a_design_across_a_placket_cannot_be_sewn_and_is_told_how_far_to_move(): void
    {
        $at = static fn(float $widthMm): Advice => self::advise(
            Garment::Polo,
            Position::LeftChest,
            measures: ['chest_width' => 520.0],
            widthMm: $widthMm,
            heightMm: 60.0,
        );
        $says = static fn(Advice $advice): string => implode(' ', array_map(
            static fn($one): string => $one->code === 'seam_or_opening_in_the_way' ? Said::of($one->text) : '',
            $advice->warnings,
        ));
        // The middle is 100 across, the edge of the placket at 17.5, the foot 6: up to 153 wide it is clear of it.
        self::assertSame('', trim($says($at(152.0))));
        self::assertStringContainsString('2.5 mm', $says($at(160.0)));
        self::assertFalse($at(160.0)->stops());
        // 170 wide it begins at 15 and lies across it: 8.5 to be clear by the foot.
        self::assertTrue($at(170.0)->stops());
        self::assertStringContainsString('lies across the placket. Move it 9 mm', $says($at(170.0)));
    }

    #[Test]
    public function a_place_that_was_typed_or_kept_is_checked_like_one_that_was_advised(): void
    {
        $at = static fn(?float $acrossMm): Advice => self::advise(
            Garment::Polo,
            Position::LeftChest,
            measures: ['chest_width' => 520.0],
            widthMm: 60.0,
            heightMm: 40.0,
            kept: new FoundPlacement(acrossMm: $acrossMm),
        );

        self::assertFalse($at(100.0)->stops());
        self::assertTrue($at(40.0)->stops(), 'from 10 to 70, and the placket ends at 17.5');
    }

    #[Test]
    public function what_somebody_typed_stands_for_what_the_drawing_has(): void
    {
        $at = static fn(TypedFeature ...$features): Advice => self::advise(
            Garment::Hoodie,
            Position::FullFront,
            measures: ['chest_width' => 570.0, 'neck_opening' => 400.0],
            widthMm: 120.0,
            heightMm: 80.0,
            features: array_values($features),
        );
        self::assertFalse($at()->stops());
        self::assertTrue($at(new TypedFeature(FeatureKind::Zip, -15, 15, 0, 600))->stops());
        // It begins 75 below the neck seam and ends at 155: a pocket at 162 is 7 away, one at 160 nearer than the foot.
        $pocket = static fn(float $from): Advice => $at(new TypedFeature(FeatureKind::Pocket, -150, 150, $from, 400));
        self::assertSame([], $pocket(162.0)->obstructions());
        self::assertEqualsWithDelta(5.0, $pocket(160.0)->obstructions()[0]->apartMm, 1e-6);
        self::assertTrue($pocket(150.0)->stops());
    }

    #[Test]
    public function a_seam_is_as_thick_as_its_layers(): void
    {
        $across = static fn(Thickness $thickness): Advice => self::advise(
            Garment::Bag,
            Position::Centre,
            widthMm: 220.0,
            heightMm: 40.0,
            cloth: new ClothSpec(Fabric::Canvas, thickness: $thickness),
            // Up to its upper edge, where the handles are sewn on.
            kept: new FoundPlacement(downMm: -190.0),
        );
        // Four layers of heavy cloth are 4.4 mm and the foot clears 4; of medium cloth they are 2.8.
        self::assertContains('seam_too_thick', array_column($across(Thickness::Heavy)->warnings, 'code'));
        self::assertNotContains('seam_too_thick', array_column($across(Thickness::Medium)->warnings, 'code'));
    }

    #[Test]
    public function a_full_back_begins_a_finger_below_the_yoke_of_a_denim_jacket(): void
    {
        $down = static fn(Fabric $fabric): float => self::advise(
            Garment::Jacket,
            Position::FullBack,
            cloth: new ClothSpec($fabric),
        )->placement->downMm;

        self::assertSame(135.0, $down(Fabric::Denim), 'the seam at 120, and 15');
        self::assertSame(100.0, $down(Fabric::Twill));
    }

    #[Test]
    public function the_lowest_line_of_a_ring_and_the_pull_of_a_strap_are_kept_and_said(): void
    {
        $ring = static fn(?float $lowMm): FrameSpec => new FrameSpec(
            'K',
            FrameKind::Cap,
            Driver::Cap,
            380.0,
            90.0,
            Window::rectangle(360.0, 75.0),
            lowLineMm: $lowMm,
        );
        $on = static fn(?float $lowMm, array $measures = []): Advice => self::advise(
            Garment::Cap,
            Position::CapFront,
            frames: [$ring($lowMm)],
            measures: $measures,
        );
        // The house sews from 12 mm up.
        self::assertNotContains('below_ring_line', array_column($on(12.0)->warnings, 'code'));
        self::assertNotContains('below_ring_line', array_column($on(null)->warnings, 'code'));
        self::assertContains('below_ring_line', array_column($on(12.5)->warnings, 'code'));
        $seam = static fn(Advice $advice): string => Said::of(array_column($advice->steps, 'text', 'code')['seam_left_of_mark']);
        self::assertStringContainsString('a few millimetres left', $seam($on(null)));
        self::assertStringContainsString('3.5 mm left', $seam($on(null, ['strap_pull' => 3.5])));
    }

    #[Test]
    public function what_is_written_down_of_a_machines_panel_is_said_where_it_is_done(): void
    {
        $item = new Item(
            Garment::Cap,
            Position::CapFront,
            new ClothSpec(Fabric::Twill),
            Structure::Structured,
            Profile::High,
        );
        $panel = PanelHabits::of(['slots' => 'slots 1 to 40', 'caps' => '“C2”', 'foot' => 'by the small wheel']);
        $text = array_column(
            Advice::of(
                new Facts(
                    new Design(60.0, 40.0, 3000, 40),
                    $item->estimated(HouseRules::of()),
                    new OnMachine([Driver::Cap], panel: $panel),
                ),
                HouseRules::of(),
                [new FrameSpec('K', FrameKind::Cap, Driver::Cap, 380.0, 90.0, Window::rectangle(360.0, 75.0))],
            )->steps,
            'text',
            'code',
        );

        self::assertStringContainsString('into slots 1 to 40', Said::of($text['load_design']));
        self::assertStringContainsString('K on the machine: its panel shows “C2”', Said::of($text['select_frame']));
        self::assertStringContainsString('On this machine: by the small wheel', Said::of($text['foot_card']));
        self::assertSame(['slots', 'caps', 'foot'], array_keys($panel->written()));
        self::assertSame('', $panel->shows(FrameKind::Round));
        self::assertSame(
            ['Needle 1 is at the right.', 'For this frame the panel shows “C2”.', 'Foot: by the small wheel.'],
            Said::each($panel->card('right', FrameKind::Cap)),
        );
        self::assertSame(
            ['Needle 1 is at the left.', 'Foot: by the small wheel.'],
            Said::each($panel->card('left', FrameKind::Round)),
        );
    }

    #[Test]
    public function a_neck_that_was_guessed_is_asked_for_where_it_decides(): void
    {
        $asks = static fn(float $widthMm, array $measures = []): array => array_map(
            static fn(Ask $ask): string => $ask->fact,
            self::advise(Garment::Hoodie, Position::FullFront, measures: $measures, widthMm: $widthMm)->asks,
        );
        // 215 was guessed and the arm takes 70: 145. Off by 15 % it would be 113 to 177.
        self::assertNotContains('sizes_mm.neck_opening', $asks(110.0));
        self::assertContains('sizes_mm.neck_opening', $asks(120.0));
        self::assertContains('sizes_mm.neck_opening', $asks(175.0));
        self::assertNotContains('sizes_mm.neck_opening', $asks(180.0));
        self::assertNotContains('sizes_mm.neck_opening', $asks(120.0, ['neck_opening' => 215.0]));
        self::assertSame(
            'warn',
            self::advise(Garment::Hoodie, Position::FullFront, widthMm: 120.0)->verdict(),
            'never a silent go',
        );
    }

    #[Test]
    public function a_cap_of_which_nobody_said_how_high_it_is_is_asked_about_where_that_decides(): void
    {
        $asks = static fn(float $heightMm, Profile $profile = Profile::None): bool => in_array(
            'profile',
            array_map(
                static fn(Ask $ask): string => $ask->fact,
                self::advise(Garment::Cap, Position::CapFront, heightMm: $heightMm, profile: $profile)->asks,
            ),
            true,
        );

        self::assertSame([false, true, true, false], [$asks(50.0), $asks(51.0), $asks(64.0), $asks(65.0)]);
        self::assertFalse($asks(60.0, Profile::High));
    }

    #[Test]
    public function a_cap_whose_order_nobody_knows_is_looked_at_and_not_passed(): void
    {
        $asks = static fn(?Verdict $centre, ?Verdict $bottom): array => array_values(array_filter(
            array_map(
                static fn(Ask $ask): string => $ask->fact,
                self::advise(Garment::Cap, Position::CapFront, order: new OrderVerdict($centre, $bottom))->asks,
            ),
            static fn(string $fact): bool => $fact === 'artwork.sewing_order',
        ));

        self::assertCount(1, $asks(null, null));
        self::assertCount(1, $asks(Verdict::Unclear, null));
        self::assertCount(0, $asks(Verdict::Yes, null));
        self::assertCount(0, $asks(Verdict::No, null), 'it is known to be wrong, and said so');
    }

    #[Test]
    public function thick_and_marking_cloth_is_held_by_magnets_before_screws(): void
    {
        $frames = [self::frame(150.0, 130.0, FrameKind::Square), self::frame(190.0, 160.0, FrameKind::Magnetic)];
        $kind = static fn(Garment $garment, ClothSpec $cloth): ?FrameKind => self::advise(
            $garment,
            Position::FullBack,
            frames: $frames,
            cloth: $cloth,
        )->fit?->frame->kind;

        self::assertSame(FrameKind::Square, $kind(Garment::Tee, new ClothSpec(Fabric::Jersey)), 'the smaller one');
        self::assertSame(FrameKind::Magnetic, $kind(Garment::Jacket, new ClothSpec(Fabric::Twill)));
        self::assertSame(FrameKind::Magnetic, $kind(Garment::PaddedJacket, new ClothSpec(Fabric::Quilted)));
        self::assertSame(
            FrameKind::Magnetic,
            $kind(Garment::Hoodie, new ClothSpec(Fabric::Fleece, thickness: Thickness::Heavy)),
        );
    }

    #[Test]
    public function every_figure_says_where_it_comes_from(): void
    {
        $measures = (new Measures(['chest_width' => 500.0], Provenance::Measured))
            ->orElse(new Measures(['chest_width' => 520.0, 'neck_opening' => 180.0], Provenance::Estimated));

        self::assertSame(500.0, $measures->mm(Measure::ChestWidth));
        self::assertSame(Provenance::Measured, $measures->from(Measure::ChestWidth));
        self::assertSame(Provenance::Estimated, $measures->from(Measure::NeckOpening));
        self::assertSame(Provenance::Unknown, $measures->from(Measure::LegWidth));
        self::assertSame(['chest_width' => 500.0], $measures->withoutGuesses()->all());
    }

    private static function frame(float $outerMm, float $windowMm, FrameKind $kind = FrameKind::Square): FrameSpec
    {
        return new FrameSpec(
            "{$kind->value} {$outerMm}",
            $kind,
            Driver::Flat,
            $outerMm,
            $outerMm,
            Window::rectangle($windowMm, $windowMm),
        );
    }

    /**
     * @param list<FrameSpec>|null     $frames
     * @param array<string, float>     $measures
     * @param list<TypedFeature>|null  $features
     */
    private static function advise(
        Garment $garment,
        Position $position,
        ?array $frames = null,
        array $measures = [],
        ClothSpec $cloth = new ClothSpec(Fabric::Twill),
        float $widthMm = 60.0,
        float $heightMm = 40.0,
        ?FoundPlacement $kept = null,
        ?array $features = null,
        Profile $profile = Profile::None,
        OrderVerdict $order = new OrderVerdict(Verdict::Yes, Verdict::Yes),
    ): Advice {
        $item = new Item(
            $garment,
            $position,
            $cloth,
            $garment === Garment::Cap ? Structure::Structured : Structure::None,
            $profile,
            null,
            new Measures($measures),
            features: $features,
        );

        return Advice::of(
            new Facts(
                new Design($widthMm, $heightMm, 3000, 40, order: $order),
                $item->estimated(HouseRules::of()),
                new OnMachine([Driver::Flat, Driver::Cap], armWidthMm: 70.0),
                new WorkHistory(kept: $kept),
            ),
            HouseRules::of(),
            $frames,
        );
    }
}
