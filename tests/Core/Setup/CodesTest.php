<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Measures;
use Hakama\Garment\PatchBack;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Size;
use Hakama\Garment\Stretch;
use Hakama\Garment\Structure;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\House\UnfitRule;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Notes\CautionTable;
use Hakama\Setup\Notes\Note;
use Hakama\Setup\Notes\PracticeTable;
use Hakama\Setup\Notes\StepTable;
use Hakama\Setup\Notes\Warning;
use Hakama\Setup\Notes\WarningTable;
use Hakama\Setup\Notes\WorkStage;
use Hakama\Setup\Rules\Reason;
use Hakama\Setup\Rules\RuleTable;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Setup\SizeRow;
use Hakama\Setup\SizeTable;
use Hakama\Stitch\Figures\Verdict;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/**
 * Every warning, step and caution, raised from facts and from nothing else; and not raised where it does not belong.
 */
final class CodesTest extends TestCase
{
    /** @return iterable<string, array{string, Facts, 2?: list<FrameSpec>|null, 3?: array<string, string>}> */
    public static function raised(): iterable
    {
        $cap = [
            'garment' => Garment::Cap,
            'fabric' => Fabric::Twill,
            'structure' => Structure::Structured,
            'profile' => Profile::Mid,
            'position' => Position::CapFront,
        ];
        $leg = ['garment' => Garment::Trousers, 'fabric' => Fabric::Denim, 'position' => Position::Leg];
        $dense = ['widthMm' => 30.0, 'heightMm' => 30.0, 'stitches' => 6000];
        $flatOnly = ['drivers' => [Driver::Flat]];

        yield 'too_tall_for_profile' => ['too_tall_for_profile', self::facts(...[...$cap, 'heightMm' => 58.0])];
        yield 'fits_no_frame' => ['fits_no_frame', self::facts(widthMm: 95), [self::frame()]];
        yield 'driver_missing' => ['driver_missing', self::facts(...[...$cap, ...$flatOnly])];
        yield 'structured_needs_cap_frame' => ['structured_needs_cap_frame', self::facts(...$cap), [self::frame()]];
        yield 'not_digitised_for_caps' => [
            'not_digitised_for_caps',
            self::facts(...[...$cap, 'centreOut' => Verdict::No]),
        ];
        yield 'bottom up is not' => ['not_digitised_for_caps', self::facts(...[...$cap, 'bottomUp' => Verdict::No])];
        yield 'neck_travel' => [
            'neck_travel',
            self::facts(
                garment: Garment::Hoodie,
                position: Position::FullFront,
                widthMm: 160,
                neckOpeningMm: 250,
                armWidthMm: 100,
            ),
        ];
        yield 'bulk_behind_arm' => ['bulk_behind_arm', self::facts(garment: Garment::Jacket, gapUnderCarriage: false)];
        yield 'small_lettering' => ['small_lettering', self::facts(smallestLetterMm: 4.2)];
        yield 'puckering_risk' => ['puckering_risk', self::facts(fabric: Fabric::TechnicalKnit)];
        yield 'stretch puckers too' => ['puckering_risk', self::facts(stretch: Stretch::High)];
        yield 'dense_for_fabric' => ['dense_for_fabric', self::facts(...[...$dense, 'fabric' => Fabric::Jersey])];
        yield 'not_practised' => ['not_practised', self::facts(practised: false)];
        yield 'value_at_risk' => ['value_at_risk', self::facts(unitValueCents: 4000)];
        yield 'window_offset' => [
            'window_offset',
            self::facts(garment: Garment::Glove),
            [self::frame(kind: FrameKind::Clamp, driver: Driver::Clamp, offsetY: -9)],
        ];
        yield 'several_hoopings' => ['several_hoopings', self::facts(...[...$leg, 'heightMm' => 200.0])];
        yield 'too_many_colours' => ['too_many_colours', self::facts(colours: 7, needles: 6)];
        yield 'seam_too_thick' => [
            'seam_too_thick',
            self::facts(...[...$leg, 'thickness' => Thickness::Heavy, 'needles' => 6]),
        ];
        yield 'backing_smaller_than_frame' => ['backing_smaller_than_frame', self::facts(), [self::frame(outer: 480)]];

        foreach (
            [
                'sweatband_out',
                'bill_straight',
                'seam_left_of_mark',
                'strap_teeth_in_seam',
                'clips_both_sides',
                'check_backing_inside',
                'mount_sideways',
                'bobbin_before_mount',
            ] as $code
        ) {
            yield $code => [$code, self::facts(...$cap)];
        }
        yield 'turn_design' => ['turn_design', self::facts(...[...$cap, 'turnsCapsItself' => false])];
        yield 'a jacket upside down' => ['turn_design', self::facts(garment: Garment::Jacket)];
        yield 'needle_one' => ['needle_one', self::facts()];
        yield 'select_frame' => ['select_frame', self::facts()];
        yield 'trace' => ['trace', self::facts()];
        yield 'trace_empty_first' => ['trace_empty_first', self::facts(garment: Garment::Pocket)];
        yield 'the house traces twice' => [
            'trace_empty_first',
            self::facts(),
            null,
            ['trace_item' => 'before_and_after'],
        ];
        yield 'find_true_centre' => [
            'find_true_centre',
            self::facts(garment: Garment::Glove),
            [self::frame(kind: FrameKind::Clamp, driver: Driver::Clamp)],
        ];
        yield 'feel_under_frame' => ['feel_under_frame', self::facts(garment: Garment::Hoodie)];
        yield 'clear_pockets' => ['clear_pockets', self::facts(...$leg)];
        yield 'open_side_seam' => ['open_side_seam', self::facts(...[...$leg, ...$flatOnly])];
        yield 'mark_up_arrow' => ['mark_up_arrow', self::facts(garment: Garment::Stocking)];
        yield 'remove_sticker' => ['remove_sticker', self::facts(garment: Garment::Bag)];
        yield 'weight_in_front' => ['weight_in_front', self::facts(garment: Garment::Blanket)];
        yield 'tuck_loose_part' => ['tuck_loose_part', self::facts(garment: Garment::KnitHat)];
        yield 'stop_after_each_block' => ['stop_after_each_block', self::facts(appliqueStops: 2)];
        yield 'test_on_scrap' => ['test_on_scrap', self::facts(practised: null)];
        yield 'tell_customer_topper' => [
            'tell_customer_topper',
            self::facts(garment: Garment::Towel),
            null,
            ['topper_residue' => 'wash'],
        ];

        yield 'magnet_pinch' => ['magnet_pinch', self::facts(), [self::frame(kind: FrameKind::Magnetic)]];
        yield 'aerosol' => ['aerosol', self::facts(fabric: Fabric::TechnicalKnit)];
        yield 'power_off_driver' => ['power_off_driver', self::facts(...$cap)];
        yield 'hot_press' => ['hot_press', self::facts(garment: Garment::Patch)];
        yield 'open_flame' => ['open_flame', self::facts(), null, ['thread_tails' => 'flame']];
        yield 'noise' => ['noise', self::facts()];
        yield 'needle_strike' => ['needle_strike', self::facts()];
        yield 'cloth_there_first' => ['cloth_there_first', self::facts(appliqueStops: 1, clothFirst: true)];
        yield 'blades' => ['blades', self::facts(appliqueStops: 1)];
        // What the other schools of a house want done.
        $chest = ['garment' => Garment::Polo, 'fabric' => Fabric::Pique, 'position' => Position::LeftChest];
        $applied = ['appliqueStops' => 2];
        $towel = ['garment' => Garment::Towel, 'fabric' => Fabric::Plush];
        foreach (
            [
                ['measure_chest', $chest, []],
                ['chest_template', $chest, ['chest_place' => 'template']],
                ['chest_peg', $chest, ['chest_place' => 'peg']],
                ['backing_clipped', $cap, []],
                ['backing_taped', $cap, ['cap_backing_hold' => 'taped']],
                ['backing_tucked', $cap, ['cap_backing_hold' => 'tucked']],
                ['needles_to_rack', [], []],
                ['reload_rack', [], ['needle_program' => 'reload']],
                ['foot_card', $cap, []],
                ['foot_under', $cap, ['foot_height' => 'under']],
                ['trim_in_frame', $applied, []],
                ['pre_cut_shape', $applied, ['applique' => 'pre_cut']],
                ['pick_topper', $towel, []],
                ['steam_topper', $towel, ['topper_residue' => 'steam']],
                ['backing_off', $towel, []],
                ['backing_tight_stays', $towel, ['backing_left' => 'tight']],
                ['tails_scissors', [], []],
                ['tails_flame', [], ['thread_tails' => 'flame']],
                ['tear_topper', $towel, ['topper_residue' => 'wash']],
                ['strap_ends_clear', $cap, ['cap_strap' => 'open']],
                ['inspect_unhooped', [], []],
            ] as [$code, $facts, $schools]
        ) {
            yield $code => [$code, self::facts(...$facts), null, $schools];
        }
        yield 'beyond_cap_wrap' => [
            'beyond_cap_wrap',
            self::facts(...[...$cap, 'widthMm' => 250.0, 'measures' => new Measures(['circumference' => 580.0])]),
        ];
        yield 'sheet_of_patches' => [
            'sheet_of_patches',
            self::facts(garment: Garment::Patch, widthMm: 30.0, heightMm: 30.0),
            [self::frame()],
        ];
        yield 'below_ring_line' => [
            'below_ring_line',
            self::facts(...$cap),
            [new FrameSpec('K', FrameKind::Cap, Driver::Cap, 380, 90, Window::rectangle(360, 75), lowLineMm: 14.0)],
        ];
        yield 'a design that nearly fills its window' => ['contour_trace', self::facts(widthMm: 83.0), [self::frame()]];
        yield 'outside_garment' => [
            'outside_garment',
            self::facts(
                garment: Garment::Tee,
                position: Position::FullFront,
                widthMm: 530,
                measures: new Measures(['chest_width' => 520.0]),
            ),
        ];
        yield 'under_the_arm' => [
            'under_the_arm',
            self::facts(...[...$chest, 'widthMm' => 100.0, 'measures' => new Measures(['chest_width' => 370.0])]),
        ];
        yield 'a frame wider than the garment' => [
            'fits_no_frame',
            self::facts(
                garment: Garment::Tee,
                position: Position::FullFront,
                measures: new Measures(['chest_width' => 300.0]),
            ),
            [self::frame(outer: 310)],
        ];
        foreach (
            [
                ['cut_backing', []],
                ['mark_place', []],
                ['backing_four_sides', []],
                ['design_upright', []],
                ['bobbin_lasts', []],
                ['marks_off', []],
                ['iron_mesh', ['garment' => Garment::Sleeve]],
                ['lay_templates', ['garment' => Garment::Stocking]],
                ['stick_backing', ['fabric' => Fabric::TechnicalKnit]],
                ['no_stretch', ['fabric' => Fabric::Jersey]],
                ['cut_backing_close', ['fabric' => Fabric::Jersey]],
                ['seams_parallel', ['garment' => Garment::Jacket]],
                ['hang_free', ['garment' => Garment::Jacket]],
                ['tape_backing_under', [...$applied, 'garment' => Garment::Hoodie]],
                ['lay_film', $towel],
                ['frame_out', ['garment' => Garment::Glove]],
                ['backing_under_clamp', ['garment' => Garment::Glove]],
                ['close_on_machine', ['garment' => Garment::Glove]],
                ['frame_back', ['garment' => Garment::Glove]],
                ['load_design', []],
                ['fold_cuff_open', ['garment' => Garment::KnitHat]],
                ['film_in_frame', ['garment' => Garment::KnitHat]],
                ['turn_inside_out', ['garment' => Garment::Stocking]],
                ['pin_clear', ['garment' => Garment::Stocking]],
                ['turn_right_side_out', ['garment' => Garment::Stocking]],
                ['short_second_layer', $cap],
                ['bill_stop', $cap],
                ['cap_off', $cap],
                ['strap_and_cuff_back', $cap],
                ['hoop_backing', ['garment' => Garment::Patch, 'fabric' => Fabric::Felt]],
                ['lay_on_backing', ['garment' => Garment::Patch, 'fabric' => Fabric::Felt]],
                ['hoop', []],
                ['sew', []],
                ['take_off', []],
                ['unhoop', []],
                ['press', []],
                ['close_seam', [...$leg, ...$flatOnly]],
                ['cut_out_patch', ['garment' => Garment::Patch]],
                ['press_film', ['garment' => Garment::Patch, 'back' => PatchBack::IronedOn]],
                ['tell_customer_press', ['garment' => Garment::Patch, 'back' => PatchBack::IronedOn]],
            ] as [$code, $facts]
        ) {
            yield $code => [$code, self::facts(...$facts)];
        }
        $side = [...$cap, 'position' => Position::CapSide, 'measures' => new Measures(['circumference' => 580.0])];
        foreach (
            [
                ['load_end_first', []],
                ['mount_end_first', []],
                ['sewing_mode_first_stitch', []],
                ['clips_out', $cap],
                ['driver_change', $cap],
                ['strap_gap_for_style', $cap],
                ['turned_by_machine', [...$cap, 'turnsCapsItself' => true]],
                ['sides_backing_longer', $side],
                ['round_from_front_seam', $side],
                // 580 mm in six panels are 96.7 mm between two seams.
                ['seam_or_opening_in_the_way', [...$side, 'widthMm' => 97.0]],
                ['fine_needle_on_thick', [...$cap, 'smallestLetterMm' => 4.2]],
                ['clamp_marks', ['fabric' => Fabric::Vinyl]],
                ['heat_marks', ['garment' => Garment::PaddedJacket]],
                ['press_off', ['fabric' => Fabric::Plush]],
                ['film_after_trim', [...$towel, ...$applied]],
                ['hoop_along_tube', [...$leg, 'heightMm' => 200.0]],
                ['turn_frame_over', ['garment' => Garment::Stocking, ...$applied]],
            ] as [$code, $facts]
        ) {
            yield $code => [$code, self::facts(...$facts)];
        }
        yield 'motifs_overlap' => [
            'motifs_overlap',
            self::facts(...[...$leg, 'overlaps' => ['bell and row lie over each other by 3 mm']]),
        ];
        yield 'cloth_from_pattern' => ['cloth_from_pattern', self::facts(...$applied), null, ['applique' => 'pre_cut']];
        yield 'needle_down_under_cap' => [
            'needle_down_under_cap',
            self::facts(...$cap),
            null,
            ['trace_needle' => 'light'],
        ];
        yield 'strap_shut' => ['strap_shut', self::facts(...$cap)];
        yield 'strap_open' => ['strap_open', self::facts(...$cap), null, ['cap_strap' => 'open']];
        yield 'seam_on_mark' => ['seam_on_mark', self::facts(...$cap), null, ['cap_seam' => 'on_line']];
        yield 'light_over_mark' => ['light_over_mark', self::facts(), null, ['trace_needle' => 'light']];
    }

    /**
     * @param list<FrameSpec>|null      $frames
     * @param array<string, string> $schools
     */
    #[Test]
    #[DataProvider('raised')]
    public function it_is_raised_where_it_applies(
        string $code,
        Facts $facts,
        ?array $frames = null,
        array $schools = [],
    ): void {
        self::assertContains($code, self::codes(Advice::of($facts, HouseRules::of([], $schools), $frames)));
    }

    #[Test]
    public function on_a_plain_practised_apron_hardly_anything_is_raised(): void
    {
        $advice = Advice::of(self::facts(), HouseRules::of(), [self::frame()]);

        self::assertSame([], $advice->warnings);
        self::assertSame('go', $advice->verdict());
        self::assertSame(
            [
                'needles_to_rack',
                'load_design',
                'select_frame',
                'design_upright',
                'clear_pockets',
                'mark_place',
                'cut_backing',
                'load_end_first',
                'hoop',
                'backing_four_sides',
                'mount_end_first',
                'needle_one',
                'trace',
                'bobbin_lasts',
                'sewing_mode_first_stitch',
                'sew',
                'take_off',
                'unhoop',
                'backing_off',
                'tails_scissors',
                'marks_off',
                'press',
                'inspect_unhooped',
            ],
            array_map(static fn(Note $note): string => $note->code, $advice->steps),
        );
        self::assertSame(
            ['needle_strike', 'noise'],
            array_map(static fn(Note $note): string => $note->code, $advice->cautions),
        );
    }

    #[Test]
    public function steps_come_in_the_order_of_the_work(): void
    {
        $order = array_column(WorkStage::cases(), 'value');
        foreach (self::raised() as [$code, $facts]) {
            $stages = array_map(
                static fn(Note $note): int|false => array_search($note->stage->value, $order, true),
                Advice::of($facts, HouseRules::of())->steps,
            );
            $sorted = $stages;
            sort($sorted);
            self::assertSame($sorted, $stages, $code);
            // Nothing is sewn without being prepared, hooped, traced and looked at.
            self::assertSame(
                [],
                array_diff(
                    ['prepare', 'preflight', 'finish', 'inspect'],
                    array_map(
                        static fn(Note $note): string => $note->stage->value,
                        Advice::of($facts, HouseRules::of())->steps,
                    ),
                ),
                $code,
            );
        }
        self::assertSame([true, false], [WorkStage::Preflight->isBefore(), WorkStage::Finish->isBefore()]);
    }

    #[Test]
    public function what_is_worth_much_is_said_for_all_of_them_and_with_the_spares_there_are(): void
    {
        $risk = static fn(?int $garments, ?int $spares): string => Said::of(Advice::of(
            self::facts(unitValueCents: 4800, garments: $garments, spares: $spares),
            HouseRules::of(),
        )->warnings[0]->text);

        self::assertSame(
            'Each garment is worth 48.00: ask for a spare, and sew the first one alone.',
            $risk(null, null),
        );
        self::assertSame(
            'Each garment is worth 48.00, the 10 of them 480.00; there is one spare. Sew the first one alone.',
            $risk(10, 1),
        );
        self::assertStringContainsString('there are 3 spares', $risk(10, 3));
    }

    #[Test]
    public function every_code_of_the_tables_is_raised_by_some_case_here(): void
    {
        $raised = array_values(
            array_unique(
                array_map(static fn(array $case): string => $case[0], iterator_to_array(self::raised(), false)),
            ),
        );
        $known = array_column([...WarningTable::all(), ...StepTable::all(), ...CautionTable::all()], 'code');

        self::assertEqualsCanonicalizing($known, $raised);
        self::assertSame($known, array_values(array_unique($known)), 'one code, one meaning');
    }

    #[Test]
    public function every_decision_of_practitioners_names_rules_that_are_there_and_a_test_that_is_there(): void
    {
        $codes = [
            ...array_column([...WarningTable::all(), ...StepTable::all(), ...CautionTable::all()], 'code'),
            ...array_merge(
                ...array_map(static fn(array $of): array => array_column($of, 'name'), array_values(RuleTable::all())),
            ),
        ];
        foreach (PracticeTable::ALL as $decision => [$met, $test]) {
            self::assertSame([], array_diff($met, $codes), $decision);
            [$class, $method] = explode('::', $test);
            self::assertTrue(method_exists(__NAMESPACE__.'\\'.$class, $method), $test);
        }
    }

    #[Test]
    public function every_school_of_every_question_changes_what_is_said_of_some_case(): void
    {
        $of = static fn(Facts $facts, array $schools): array => (static fn(Advice $advice): array => [
            self::codes($advice),
            $advice->turns,
            $advice->backing,
            $advice->placement,
        ])(Advice::of($facts, HouseRules::of([], $schools)));
        foreach (Question::cases() as $question) {
            foreach (array_slice($question->schools(), 1) as $school) {
                $changed = false;
                foreach (self::raised() as [, $facts]) {
                    $changed = $changed || $of($facts, []) !== $of($facts, [$question->value => $school->value]);
                }
                // A dense design on a cap is no case of a code, and the only one in which the schools of cap backing
                // part.
                $changed =
                    $changed
                    || ($question === Question::CapBacking
                        && $of(self::facts(Garment::Cap, stitches: 9000), []) !==
                            $of(self::facts(Garment::Cap, stitches: 9000), [$question->value => $school->value]));
                self::assertTrue($changed, "{$question->value}: {$school->value}");
            }
        }
    }

    #[Test]
    public function what_stops_says_what_would_make_it_possible(): void
    {
        foreach (self::raised() as [$code, $facts, ,]) {
            foreach (Advice::of($facts, HouseRules::of())->warnings as $warning) {
                if ($warning->stops) {
                    self::assertMatchesRegularExpression(
                        '/\b(ask for|send it|change|needs|larger frame|get one)\b/i',
                        Said::of($warning->text),
                        $code,
                    );
                }
            }
        }
    }

    #[Test]
    public function a_wide_design_on_a_small_hoodie_is_loaded_waist_first(): void
    {
        // Neck opening 200 mm laid flat, arm 70: the frame may travel 130.
        $at = static fn(float $width): Advice => Advice::of(
            self::facts(
                garment: Garment::Hoodie,
                fabric: Fabric::Fleece,
                position: Position::FullFront,
                widthMm: $width,
                neckOpeningMm: 200,
                armWidthMm: 70,
            ),
            HouseRules::of(),
        );

        self::assertSame([Turn::None, Turn::Half], $at(130)->turns);
        self::assertSame([Turn::Half], $at(131)->turns);
        self::assertSame('neck_too_tight', $at(131)->because(SetupTopic::Loading)->rule);
        self::assertSame('bottom_at_the_machine', $at(131)->because(SetupTopic::Turn)->rule);
    }

    #[Test]
    public function every_size_of_a_run_is_asked_and_those_that_differ_are_said(): void
    {
        // A hoodie's neck is 215 mm in M and 14 a size, the arm 70: S leaves 131, M 145, L 159.
        $hoodie = self::facts(
            garment: Garment::Hoodie,
            fabric: Fabric::Fleece,
            position: Position::FullFront,
            widthMm: 140,
        );
        $table = SizeTable::of($hoodie, HouseRules::of(), ['L' => 2, 'S' => 3, 'M' => 4, 'XL' => 0]);

        self::assertSame(
            [[Size::S, 3, 131.0], [Size::M, 4, 145.0], [Size::L, 2, 159.0]],
            array_map(static fn(SizeRow $row): array => [$row->size, $row->pieces, $row->travelMm()], $table->rows),
        );
        self::assertSame(
            [[Turn::Half], [Turn::None, Turn::Half], [Turn::None, Turn::Half]],
            array_map(static fn(SizeRow $row): array => $row->turns(), $table->rows),
        );
        self::assertTrue($table->differs());
        self::assertSame([Turn::Half], $table->common());
        self::assertSame(Size::S, $table->smallest()?->size);
        // A narrower arm, and none of them differs.
        self::assertFalse(
            SizeTable::of($hoodie, HouseRules::of(['arm_width_mm' => 60.0]), ['S' => 3, 'M' => 4])->differs(),
        );
        self::assertSame([], SizeTable::of($hoodie, HouseRules::of(), [])->common());
    }

    #[Test]
    public function the_left_chest_goes_lower_with_the_size(): void
    {
        $polo = self::facts(garment: Garment::Polo, fabric: Fabric::Pique, position: Position::LeftChest);
        $down = static fn(array $figures): array => array_map(
            static fn(SizeRow $row): float => $row->placement()->downMm,
            SizeTable::of($polo, HouseRules::of($figures), ['XS' => 1, 'M' => 1, '3XL' => 1])->rows,
        );

        self::assertSame([190.0, 200.0, 220.0], $down([]));
        self::assertSame([181.0, 195.0, 223.0], $down(['left_chest_down_mm' => 195.0, 'left_chest_step_mm' => 7.0]));
        self::assertNull(
            SizeTable::of(self::facts(), HouseRules::of(), ['one' => 3])->rows[0]->travelMm(),
            'an apron has no neck to travel in',
        );
    }

    #[Test]
    public function a_school_decides_and_the_other_is_shown(): void
    {
        $facts = self::facts(garment: Garment::Jacket);
        $turns = static fn(string $school): Advice => Advice::of(
            self::facts(garment: Garment::Tee),
            HouseRules::of([], ['orientation' => $school]),
        );

        self::assertSame(
            [Backing::TearAway, 2],
            [
                Advice::of($facts, HouseRules::of())->backing->backing,
                Advice::of($facts, HouseRules::of())->backing->count,
            ],
        );
        self::assertSame(
            Backing::Cutaway,
            Advice::of($facts, HouseRules::of([], ['jacket_backing' => 'cutaway']))->backing->backing,
        );
        self::assertSame(Turn::Half, $turns('waist_first')->turns[0]);
        self::assertSame(['neck_first'], array_column($turns('waist_first')->otherSchools(), 'rule'));
        self::assertSame(['waist_first'], array_column($turns('neck_first')->otherSchools(), 'rule'));
    }

    #[Test]
    public function the_gap_over_the_bill_is_the_houses_or_the_frames(): void
    {
        $cap = self::facts(garment: Garment::Cap, position: Position::CapFront);

        self::assertSame(-12.0, Advice::of($cap, HouseRules::of())->placement->downMm);
        self::assertSame(-9.0, Advice::of($cap, HouseRules::of(['cap_gap_mm' => 9.0]))->placement->downMm);
        self::assertSame(-8.0, Advice::of($cap, HouseRules::of([], ['bill_gap' => 'frame_limit']))->placement->downMm);
        self::assertSame(
            [200.0, 100.0],
            [
                Advice::of(self::facts(garment: Garment::Polo, position: Position::LeftChest), HouseRules::of())
                    ->placement->downMm,
                Advice::of(self::facts(garment: Garment::Polo, position: Position::LeftChest), HouseRules::of())
                    ->placement->acrossMm,
            ],
        );
    }

    #[Test]
    public function a_school_nobody_knows_is_refused(): void
    {
        foreach ([['cap_backing' => 'paper'], ['cap_colour' => 'blue']] as $schools) {
            try {
                HouseRules::of([], $schools);
                self::fail('there is no such school');
            } catch (UnfitRule $e) {
                self::assertStringContainsString((string) array_key_first($schools), Said::of($e->text));
            }
        }
        foreach (Question::cases() as $question) {
            self::assertGreaterThanOrEqual(2, count($question->schools()), $question->value);
            self::assertSame($question->schools()[0]->value, HouseRules::of()->school($question));
        }
    }

    #[Test]
    public function the_whole_grid_of_facts_is_answered_without_contradiction(): void
    {
        $house = HouseRules::of();
        $frames = [
            self::frame(),
            self::frame(kind: FrameKind::Cap, driver: Driver::Cap),
            self::frame(kind: FrameKind::Clamp, driver: Driver::Clamp, offsetY: 5),
        ];
        $cases = 0;
        foreach (Garment::cases() as $garment) {
            foreach (Fabric::cases() as $fabric) {
                foreach (Position::cases() as $position) {
                    foreach (
                        [[null, Structure::None, 2000], [Thickness::Heavy, Structure::Structured, 9000]] as [$thickness, $structure, $stitches]
                    ) {
                        $advice = Advice::of(
                            self::facts(
                                garment: $garment,
                                fabric: $fabric,
                                structure: $structure,
                                position: $position,
                                thickness: $thickness,
                                stitches: $stitches,
                            ),
                            $house,
                            $frames,
                        );
                        $codes = self::codes($advice);
                        self::assertSame($codes, array_values(array_unique($codes)));
                        self::assertEqualsCanonicalizing(
                            array_column(SetupTopic::cases(), 'value'),
                            array_map(static fn(Reason $one): string => $one->about->value, $advice->becauses()),
                            'every decision has its reason, and one only',
                        );
                        // Needle and thread, steps and turn go together whatever the rules that chose them.
                        self::assertSame($advice->threadWeight === 60, $advice->needle->size === '65/9');
                        self::assertFalse(
                            in_array('mark_up_arrow', $codes, true) !== in_array('remove_sticker', $codes, true),
                        );
                        self::assertFalse(in_array('strap_shut', $codes, true) && in_array('strap_open', $codes, true));
                        self::assertSame($advice->turnToSet() !== Turn::None, in_array('turn_design', $codes, true));
                        self::assertSame($advice->backing->adhesive, in_array('aerosol', $codes, true));
                        $cases++;
                    }
                }
            }
        }
        self::assertSame(18 * 14 * 12 * 2, $cases);
    }

    /** @return list<string> */
    private static function codes(Advice $advice): array
    {
        return array_map(static fn(Warning|Note $note): string => $note->code, [
            ...$advice->warnings,
            ...$advice->steps,
            ...$advice->cautions,
        ]);
    }

    /**
     * A practised canvas apron with a middling design in its middle, unless said otherwise.
     *
     * @param list<Driver>|null $drivers
     */
    private static function facts(
        Garment $garment = Garment::Apron,
        Fabric $fabric = Fabric::Canvas,
        Structure $structure = Structure::None,
        Profile $profile = Profile::None,
        Position $position = Position::Centre,
        float $widthMm = 60,
        float $heightMm = 40,
        int $stitches = 4000,
        ?array $drivers = null,
        ?bool $practised = true,
        mixed ...$more,
    ): Facts {
        return FactsFactory::of(
            $garment,
            $fabric,
            $structure,
            $profile,
            $position,
            $widthMm,
            $heightMm,
            $stitches,
            40,
            $drivers ?? Driver::cases(),
            ...['practised' => $practised, ...$more],
        );
    }

    private static function frame(
        FrameKind $kind = FrameKind::Square,
        Driver $driver = Driver::Flat,
        float $outer = 130,
        float $offsetY = 0,
    ): FrameSpec {
        return new FrameSpec('F', $kind, $driver, $outer, $outer, Window::rectangle(100, 100), 0, $offsetY);
    }
}
