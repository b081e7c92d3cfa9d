<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\End;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment as G;
use Hakama\Garment\Measures;
use Hakama\Garment\Position as P;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Advice;
use Hakama\Setup\Loading\Access;
use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\Warning;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** Which end goes to the machine, and all that has to agree with it; how the machine gets at it. */
final class LoadingTest extends TestCase
{
    /**
     * As practitioners load it, neck first where nothing else is said.
     *
     * @return iterable<string, array{G, P, End, Turn}>
     */
    public static function loaded(): iterable
    {
        yield 'a polo neck first' => [G::Polo, P::LeftChest, End::Neck, Turn::None];
        yield 'a jacket with its least bulk first' => [G::Jacket, P::FullBack, End::Waist, Turn::Half];
        yield 'a sleeve over the arm by its cuff' => [G::Polo, P::Sleeve, End::Cuff, Turn::Half];
        yield 'the cuff of a shirt is on its sleeve' => [G::Polo, P::Cuff, End::Cuff, Turn::Half];
        yield 'a leg over the arm by its hem' => [G::Trousers, P::Leg, End::Hem, Turn::Half];
        yield 'trousers elsewhere by the waistband' => [G::Trousers, P::Pocket, End::Waistband, Turn::None];
        yield 'a stocking, closed end to the operator' => [G::Stocking, P::Cuff, End::Opening, Turn::Half];
        yield 'a hat crown first, not turned' => [G::KnitHat, P::Cuff, End::Crown, Turn::None];
        yield 'a glove by its opening' => [G::Glove, P::Centre, End::Opening, Turn::None];
        yield 'a pocket by its opening' => [G::Pocket, P::Pocket, End::Opening, Turn::None];
        yield 'a bag by its opening' => [G::Bag, P::Centre, End::Opening, Turn::None];
        yield 'a cap by its bill' => [G::Cap, P::CapFront, End::Bill, Turn::Half];
        yield 'a blanket with its weight in front' => [G::Blanket, P::Corner, End::Edge, Turn::Half];
        yield 'a loose piece as it is' => [G::Patch, P::Centre, End::Edge, Turn::None];
    }

    #[Test]
    #[DataProvider('loaded')]
    public function every_garment_has_ends_of_its_own(G $garment, P $position, End $end, Turn $turn): void
    {
        $advice = self::advise($garment, $position);

        self::assertSame([$end, $turn], [$advice->loading()->end, $advice->loading()->turn]);
    }

    #[Test]
    public function waist_first_as_a_habit_leaves_hats_gloves_and_stockings_alone(): void
    {
        $house = HouseRules::of([], ['orientation' => 'waist_first']);

        self::assertSame(End::Waist, self::advise(G::Polo, P::LeftChest, $house)->loading()->end);
        self::assertSame(End::Hem, self::advise(G::Trousers, P::Pocket, $house)->loading()->end);
        foreach ([G::KnitHat, G::Glove, G::Stocking, G::Pocket] as $garment) {
            self::assertEquals(
                self::advise($garment, P::Centre)->loading(),
                self::advise($garment, P::Centre, $house)->loading(),
                $garment->value,
            );
        }
    }

    #[Test]
    public function a_cap_is_turned_by_hand_only_on_the_machine_that_does_not_turn_it(): void
    {
        $on = static fn(?bool $turns): Advice => self::advise(G::Cap, P::CapFront, turnsCapsItself: $turns);

        self::assertSame([Turn::None, Turn::Half], [$on(true)->turnToSet(), $on(false)->turnToSet()]);
        self::assertSame(Turn::Half, $on(true)->loading()->turn, 'it lies the same on both');
        self::assertContains('turn_design', self::codes($on(false)));
        self::assertNotContains('turn_design', self::codes($on(true)));
        self::assertStringContainsString(
            'This machine turns it by itself',
            Said::of($on(true)->because(SetupTopic::Turn)->text),
        );
        self::assertStringContainsString('Turn it by 180°', Said::of($on(false)->because(SetupTopic::Turn)->text));
        // Of the shop's machines together nobody can say it: the step says both.
        self::assertSame(Turn::None, $on(null)->turnToSet());
        self::assertContains('turned_by_machine', self::codes($on(null)));
    }

    #[Test]
    public function a_soft_cap_laid_flat_has_none_of_the_steps_of_the_cap_frame(): void
    {
        $flat = self::frame('flat', FrameKind::Square, Driver::Flat);
        $advice = self::advise(
            G::Cap,
            P::CapFront,
            frames: [$flat],
            structure: Structure::Unstructured,
            drivers: [Driver::Flat],
        );

        self::assertSame('flat', $advice->fit?->frame->id);
        self::assertSame(
            [],
            array_intersect(self::codes($advice), [
                'bill_straight',
                'strap_shut',
                'strap_gap_for_style',
                'backing_clipped',
                'seam_left_of_mark',
                'strap_teeth_in_seam',
                'clips_both_sides',
                'clips_out',
                'check_backing_inside',
                'mount_sideways',
                'foot_card',
            ]),
        );
    }

    #[Test]
    public function a_cap_goes_into_no_pocket_frame_and_a_stiff_one_into_no_flat_one(): void
    {
        $frames = [
            self::frame('pocket', FrameKind::Pocket, Driver::Cap),
            self::frame('flat', FrameKind::Round, Driver::Flat),
            self::frame('cap', FrameKind::Cap, Driver::Cap),
        ];
        $offered = static fn(Structure $structure): array => array_map(
            static fn($one): string => $one->fit->frame->id,
            self::advise(G::Cap, P::CapFront, frames: $frames, structure: $structure)->ranked,
        );

        self::assertSame(['cap'], $offered(Structure::Structured));
        self::assertSame(['cap'], $offered(Structure::SoftLiner));
        self::assertSame(['cap', 'flat'], $offered(Structure::Unstructured));
        $stopped = self::advise(G::Cap, P::CapFront, frames: [$frames[0], $frames[1]]);
        self::assertContains('structured_needs_cap_frame', self::codes($stopped));
        self::assertSame('stop', $stopped->verdict());
    }

    #[Test]
    public function an_opened_leg_takes_a_frame_wider_than_the_tube_and_a_stocking_is_never_opened(): void
    {
        $wide = self::frame('wide', FrameKind::Square, Driver::Flat, 200.0);
        $leg = new Measures(['leg_width' => 180.0, 'sleeve_width' => 180.0]);
        $at = static fn(G $garment): Advice => self::advise(
            $garment,
            P::Leg,
            frames: [$wide],
            drivers: [Driver::Flat],
            measures: $leg,
        );

        self::assertSame(Access::OpenedSeam, $at(G::Trousers)->access());
        self::assertTrue($at(G::Trousers)->ranked[0]->fits());
        self::assertContains('open_side_seam', self::codes($at(G::Trousers)));
        self::assertSame(Access::ClosedTube, $at(G::Stocking)->access());
        self::assertFalse($at(G::Stocking)->ranked[0]->fits(), '230 mm do not go into 180');
        self::assertNotContains('open_side_seam', self::codes($at(G::Stocking)));
    }

    #[Test]
    public function a_tube_narrower_than_the_arm_is_not_slipped_over_it(): void
    {
        $cylinder = self::frame('cyl', FrameKind::Cylinder, Driver::Cylinder, 60.0);
        $at = static fn(float $arm): bool => self::advise(
            G::Sleeve,
            P::Sleeve,
            frames: [$cylinder],
            drivers: [Driver::Cylinder],
            measures: new Measures(['sleeve_width' => 110.0]),
            armWidthMm: $arm,
        )->ranked[0]->goesIn();

        self::assertSame([true, false], [$at(109.0), $at(110.0)]);
    }

    #[Test]
    public function a_bag_goes_into_a_clamp_where_no_flat_frame_goes_in(): void
    {
        $flat = self::frame('flat', FrameKind::Square, Driver::Flat, 200.0);
        $clamp = self::frame('clamp', FrameKind::Clamp, Driver::Clamp, 120.0);
        $best = static fn(float $width): ?string => self::advise(
            G::Bag,
            P::Centre,
            frames: [$flat, $clamp],
            measures: new Measures(['width' => $width]),
        )->fit?->frame->id;

        self::assertSame(['flat', 'clamp'], [$best(300.0), $best(220.0)], 'the flat frame is 230 mm wide outside');
    }

    #[Test]
    public function a_wide_design_on_an_apron_is_turned_a_quarter_before_it_fits_no_frame(): void
    {
        $tall = new FrameSpec('tall', FrameKind::Square, Driver::Flat, 130, 230, Window::rectangle(100, 200));
        $advice = self::advise(G::Apron, P::Centre, frames: [$tall], widthMm: 150, heightMm: 40);

        self::assertSame([Turn::Quarter, End::Edge], [$advice->loading()->turn, $advice->loading()->end]);
        self::assertSame('a side edge', Said::of($advice->loading()->endWords()));
        self::assertNotContains('fits_no_frame', self::codes($advice));
        $polo = self::advise(G::Polo, P::FullFront, frames: [$tall], widthMm: 150, heightMm: 40);
        self::assertContains('fits_no_frame', self::codes($polo), 'a shirt does not lie sideways on the arms');
    }

    #[Test]
    public function a_design_off_the_middle_of_its_window_is_not_traced_for_equal_gaps(): void
    {
        // Narrow at the top: the widest part of the design fits below the middle of a round window.
        $advice = self::advise(
            G::Polo,
            P::LeftChest,
            frames: [new FrameSpec('F', FrameKind::Square, Driver::Flat, 130, 130, Window::rectangle(100, 100))],
        );
        self::assertStringContainsString('equal gaps left and right', self::text($advice, 'trace'));
    }

    #[Test]
    public function end_turn_steps_and_machine_never_disagree_whatever_the_facts(): void
    {
        $frames = [
            self::frame('flat', FrameKind::Square, Driver::Flat),
            self::frame('cap', FrameKind::Cap, Driver::Cap),
            self::frame('clamp', FrameKind::Clamp, Driver::Clamp),
            self::frame('cylinder', FrameKind::Cylinder, Driver::Cylinder, 60.0),
        ];
        $houses = [HouseRules::of(), HouseRules::of([], ['orientation' => 'waist_first', 'trace_needle' => 'light'])];
        $cases = 0;
        foreach (G::cases() as $garment) {
            foreach (P::cases() as $position) {
                // Only a cap has a front that is stiff or not.
                foreach ($garment === G::Cap ? Structure::cases() : [Structure::Structured] as $structure) {
                    foreach ([true, false, null] as $turns) {
                        foreach ($houses as $house) {
                            foreach ([40.0, 90.0, 160.0, 260.0] as $widthMm) {
                                $advice = self::advise(
                                    $garment,
                                    $position,
                                    $house,
                                    $frames,
                                    $structure,
                                    turnsCapsItself: $turns,
                                    widthMm: $widthMm,
                                );
                                self::assertAgrees($advice, $garment, $turns);
                                $cases++;
                            }
                        }
                    }
                }
            }
        }
        self::assertSame((17 + 4) * 12 * 3 * 2 * 4, $cases);
    }

    private static function assertAgrees(Advice $advice, G $garment, ?bool $turnsCapsItself): void
    {
        $codes = self::codes($advice);
        $loading = $advice->loading();
        // The end and the turn are one thing said twice.
        self::assertSame($loading->turn, $advice->fit->turn ?? $advice->turns[0]);
        self::assertContains($loading->turn, $advice->turns);
        foreach (['load_end_first', 'mount_end_first'] as $code) {
            if (in_array($code, $codes, true)) {
                self::assertStringContainsStringIgnoringCase(
                    Said::of($loading->endWords()),
                    self::text($advice, $code),
                );
            }
        }
        self::assertContains('load_end_first', $codes);
        self::assertStringContainsStringIgnoringCase(
            Said::of($loading->endWords()),
            Said::of($advice->because(SetupTopic::Turn)->text),
        );
        // What is set on the machine is the turn, unless it turns caps by itself; one step says which.
        $itself = $garment === G::Cap && $turnsCapsItself !== false && in_array('mount_sideways', $codes, true);
        self::assertSame($itself ? Turn::None : $loading->turn, $advice->turnToSet());
        self::assertSame(
            [
                $advice->turnToSet() !== Turn::None ? 'turn_design' : null,
                $itself ? 'turned_by_machine' : null,
                $loading->turn === Turn::None ? 'design_upright' : null,
            ],
            array_map(static fn(string $code): ?string => in_array($code, $codes, true) ? $code : null, [
                'turn_design',
                'turned_by_machine',
                'design_upright',
            ]),
        );
        // A cap frame holds caps, and no step of one is said of anything else.
        self::assertSame(
            $advice->fit?->frame->kind === FrameKind::Cap,
            $advice->fit !== null && in_array('clips_out', $codes, true),
        );
        self::assertFalse($garment !== G::Cap && in_array('sweatband_out', $codes, true));
        self::assertFalse(in_array('light_over_mark', $codes, true) && in_array('clips_out', $codes, true));
        self::assertFalse($garment === G::Stocking && $advice->access() === Access::OpenedSeam);
        self::assertFalse(
            in_array('placket', explode(' ', implode(' ', Said::each(array_column($advice->steps, 'text')))), true)
                && $garment !== G::Polo,
        );
    }

    /**
     * @param list<FrameSpec>|null  $frames
     * @param list<Driver>|null $drivers
     */
    private static function advise(
        G $garment,
        P $position,
        ?HouseRules $house = null,
        ?array $frames = null,
        Structure $structure = Structure::Structured,
        ?array $drivers = null,
        ?bool $turnsCapsItself = null,
        float $widthMm = 50,
        float $heightMm = 40,
        Measures $measures = new Measures(),
        ?float $armWidthMm = null,
    ): Advice {
        return Advice::of(
            FactsFactory::of(
                $garment,
                Fabric::Twill,
                $structure,
                Profile::High,
                $position,
                $widthMm,
                $heightMm,
                4000,
                40,
                $drivers ?? Driver::cases(),
                practised: true,
                turnsCapsItself: $turnsCapsItself,
                measures: $measures,
                armWidthMm: $armWidthMm,
            ),
            $house ?? HouseRules::of(),
            $frames,
        );
    }

    private static function frame(string $id, FrameKind $kind, Driver $driver, float $window = 100.0): FrameSpec
    {
        return new FrameSpec($id, $kind, $driver, $window + 30, $window + 30, Window::rectangle($window, $window));
    }

    /** @return list<string> */
    private static function codes(Advice $advice): array
    {
        return array_map(static fn(Warning|Note $note): string => $note->code, [
            ...$advice->warnings,
            ...$advice->steps,
        ]);
    }

    private static function text(Advice $advice, string $code): string
    {
        return implode(
            ' ',
            array_map(
                static fn(Note $note): string => Said::of($note->text),
                array_filter($advice->steps, static fn(Note $note): bool => $note->code === $code),
            ),
        );
    }
}
