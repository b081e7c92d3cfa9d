<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Profile;
use Hakama\Garment\Structure;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\RuleSpec;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\NeedleType;
use Hakama\Machine\Window;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Departure;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Rules\Choice;
use Hakama\Setup\Rules\SetupTopic;
use Hakama\Stitch\ConvexHull;
use Hakama\Stitch\Point;
use Hakama\Stitch\Turn;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class AdviceTest extends TestCase
{
    #[Test]
    public function a_structured_cap_goes_on_the_cap_driver_slowly_with_a_strong_needle(): void
    {
        $advice = self::advise(Garment::Cap, Fabric::Twill, Structure::Structured, Profile::Mid, Position::CapFront);

        self::assertSame([Driver::Cap], $advice->drivers);
        self::assertSame(
            [Backing::TearAway, 650, '80/12'],
            [$advice->backing->backing, $advice->speedSpm, $advice->needle->size],
        );
        self::assertSame([Turn::Half], $advice->turns, 'its bill is towards the machine');
        self::assertFalse($advice->stops());
    }

    #[Test]
    public function a_dense_design_on_a_cap_is_sewn_slower_still_on_cutaway(): void
    {
        $dense = self::facts(
            Garment::Cap,
            Fabric::Twill,
            Structure::Structured,
            Profile::Mid,
            Position::CapFront,
            stitches: 9000,
        );
        $advice = Advice::of($dense, HouseRules::of([], ['cap_backing' => 'cutaway']));

        self::assertSame([Backing::Cutaway, 500], [$advice->backing->backing, $advice->speedSpm]);
        self::assertSame('cap_detail', $advice->because(SetupTopic::Speed)->rule);
        self::assertSame(
            ['tear_away_cap'],
            self::othersAbout($advice, SetupTopic::Backing),
            'the other school is shown',
        );
        self::assertSame(
            [],
            self::othersAbout(
                Advice::of(
                    self::facts(Garment::Cap, Fabric::Twill, Structure::Structured, Profile::Mid, Position::CapFront),
                    HouseRules::of([], ['cap_backing' => 'cutaway']),
                ),
                SetupTopic::Backing,
            ),
            'on a light design both say tear-away',
        );
        // The shop that has not said is of the first school, and sees the other.
        $first = Advice::of($dense, HouseRules::of());
        self::assertSame(Backing::TearAway, $first->backing->backing);
        self::assertSame(['dense_cap'], self::othersAbout($first, SetupTopic::Backing));
        // Where both would say the same, there is nothing to show.
        self::assertSame(
            [],
            self::othersAbout(
                self::advise(Garment::Cap, Fabric::Twill, Structure::Structured, Profile::Mid, Position::CapFront),
                SetupTopic::Backing,
            ),
        );
    }

    /** @return list<string> rules */
    private static function othersAbout(Advice $advice, SetupTopic $about): array
    {
        return array_values(
            array_map(
                static fn($other): string => $other->rule,
                array_filter($advice->otherSchools(), static fn($other): bool => $other->about === $about->value),
            ),
        );
    }

    #[Test]
    public function a_soft_cap_may_be_forced_flat_and_a_structured_one_never(): void
    {
        self::assertSame(
            [Driver::Cap, Driver::Flat],
            self::advise(Garment::Cap, Fabric::Twill, Structure::Unstructured, Profile::Low, Position::CapFront)
                ->drivers,
        );
        $flatOnly = self::advise(
            Garment::Cap,
            Fabric::Twill,
            Structure::Structured,
            Profile::Low,
            Position::CapFront,
            drivers: [Driver::Flat],
        );
        self::assertSame([], $flatOnly->drivers);
        self::assertTrue($flatOnly->stops());
        self::assertSame('driver_missing', $flatOnly->warnings[0]->code);
    }

    #[Test]
    public function a_design_too_tall_for_the_cap_is_stopped_with_what_would_make_it_possible(): void
    {
        $tall = static fn(Profile $profile): Advice => self::advise(
            Garment::Cap,
            Fabric::Twill,
            Structure::Structured,
            $profile,
            Position::CapFront,
            height: 55,
        );

        self::assertTrue($tall(Profile::Low)->stops());
        self::assertSame('too_tall_for_profile', $tall(Profile::Low)->warnings[0]->code);
        self::assertStringContainsString('at most 50 mm', Said::of($tall(Profile::Low)->warnings[0]->text));
        self::assertFalse($tall(Profile::Mid)->stops());
        $lower = Advice::of(
            self::facts(
                Garment::Cap,
                Fabric::Twill,
                Structure::Structured,
                Profile::Mid,
                Position::CapFront,
                height: 55,
            ),
            HouseRules::of(['cap_mid_mm' => 54.0]),
        );
        self::assertTrue($lower->stops(), 'the limit is a house rule');
    }

    #[Test]
    public function a_choice_goes_against_the_advice_when_it_does_not_fit_or_lies_or_is_carried_another_way(): void
    {
        $advice = self::advise(Garment::Polo, Fabric::Pique, position: Position::LeftChest);
        $fit = static fn(float $side, Turn $turn = Turn::None, Driver $driver = Driver::Flat): Fit => Fit::of(
            ConvexHull::of([new Point(0, 0), new Point(60, 0), new Point(60, 40)]),
            new FrameSpec('F', FrameKind::Square, $driver, $side + 30, $side + 20, Window::rectangle($side, $side)),
            $turn,
            7.0,
        );

        $about = static fn(Fit $fit): array => array_column(Departure::between($advice, $advice->choice($fit)), 'about');

        self::assertSame([], $about($fit(100)));
        self::assertSame(['frame'], $about($fit(62)), 'too small');
        self::assertSame(['turn'], $about($fit(100, Turn::Quarter)), 'a polo lies upright or upside down');
        self::assertSame(['driver'], $about($fit(100, driver: Driver::Cylinder)), 'it lies flat');
        $other = Departure::between(
            $advice,
            new Choice($fit(100), new Layers(Backing::TearAway, 1), true, new NeedleType('80/12', 'sharp'), 600),
        );
        self::assertSame(
            [
                ['backing', '2 × cutaway', '1 × tear-away'],
                ['topper', 'no film', 'film on top'],
                ['needle', '75/11 ballpoint', '80/12 sharp'],
                ['speed', '750 stitches a minute', '600 stitches a minute'],
            ],
            array_map(static fn(Departure $one): array => [$one->about, Said::of($one->advised), Said::of($one->chosen)], $other),
        );
        $piece = BackingPiece::under($fit(100)->frame, 25);
        self::assertSame([180.0, 170.0], [$piece->widthMm, $piece->heightMm]);
    }

    #[Test]
    public function a_pique_polo_gets_two_layers_of_cutaway_and_a_ballpoint(): void
    {
        $advice = self::advise(Garment::Polo, Fabric::Pique, position: Position::LeftChest);

        self::assertSame('2 × cutaway', Said::of($advice->backing->words()));
        self::assertSame(
            ['75/11', 'ballpoint', false, 750],
            [$advice->needle->size, $advice->needle->point, $advice->topper, $advice->speedSpm],
        );
    }

    #[Test]
    public function a_thin_technical_knit_has_one_of_two_layers_stuck_to_it(): void
    {
        self::assertTrue(self::advise(Garment::Tee, Fabric::TechnicalKnit)->backing->adhesive);
    }

    #[Test]
    public function a_towel_shows_nothing_behind_has_film_on_top_and_hangs_off_the_front(): void
    {
        $advice = self::advise(Garment::Towel, Fabric::Plush, position: Position::Corner);

        self::assertSame(
            [Backing::TearAway, true, Turn::Half],
            [$advice->backing->backing, $advice->topper, $advice->turns[0]],
        );
    }

    #[Test]
    public function fine_thread_goes_with_the_fine_needle_whatever_the_cloth(): void
    {
        self::assertSame('65/9', self::advise(Garment::Jacket, Fabric::Canvas, weight: 60)->needle->size);
    }

    #[Test]
    public function a_sleeve_goes_on_the_cylinder_where_there_is_one(): void
    {
        self::assertSame(
            [Driver::Cylinder, Driver::Flat],
            self::advise(Garment::Tee, Fabric::Jersey, position: Position::Sleeve)->drivers,
        );
        self::assertSame(
            [Driver::Flat],
            self::advise(Garment::Tee, Fabric::Jersey, position: Position::Sleeve, drivers: [Driver::Flat])->drivers,
        );
    }

    #[Test]
    public function there_is_no_case_without_an_answer_and_no_answer_without_a_reason(): void
    {
        $house = HouseRules::of();
        $cases = 0;
        foreach (Garment::cases() as $garment) {
            foreach (Fabric::cases() as $fabric) {
                foreach (Structure::cases() as $structure) {
                    foreach (Position::cases() as $position) {
                        $advice = Advice::of(
                            self::facts($garment, $fabric, $structure, Profile::None, $position),
                            $house,
                        );
                        $cases++;
                        foreach (SetupTopic::cases() as $about) {
                            self::assertGreaterThan(20, strlen(Said::of($advice->because($about)->text)));
                        }
                        self::assertGreaterThanOrEqual(1, $advice->backing->count);
                        self::assertNotSame([], $advice->drivers);
                    }
                }
            }
        }
        self::assertSame(18 * 14 * 4 * 12, $cases);
    }

    #[Test]
    public function every_house_rule_starts_within_its_own_range(): void
    {
        foreach (HouseRule::cases() as $rule) {
            $spec = RuleSpec::of($rule);
            self::assertGreaterThanOrEqual($spec->least, $spec->default, $rule->value);
            self::assertLessThanOrEqual($spec->most, $spec->default, $rule->value);
            self::assertSame($spec->default, HouseRules::of()->value($rule));
        }
    }

    #[Test]
    public function a_house_rule_out_of_its_range_or_a_day_that_ends_before_it_starts_is_refused(): void
    {
        foreach ([['cap_speed_spm' => 9000.0], ['day_ends_h' => 7.0], ['break_ends_h' => 11.0]] as $set) {
            try {
                HouseRules::of($set);
                self::fail('it was taken');
            } catch (\Hakama\House\UnfitRule $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
        self::assertSame(2, HouseRules::of(['trim_jumps' => 2.0])->measuring()->trimJumps);
        self::assertSame(9.0, HouseRules::of(['change_s' => 9.0])->runTime()->changeS);
        self::assertSame(0.1, HouseRules::of(['thread_waste_percent' => 10.0])->threadUse()->waste);
    }

    /** @param list<Driver>|null $drivers */
    private static function advise(
        Garment $garment,
        Fabric $fabric,
        Structure $structure = Structure::None,
        Profile $profile = Profile::None,
        Position $position = Position::Centre,
        float $height = 40,
        int $stitches = 3000,
        int $weight = 40,
        ?array $drivers = null,
    ): Advice {
        return Advice::of(
            self::facts($garment, $fabric, $structure, $profile, $position, $height, $stitches, $weight, $drivers),
            HouseRules::of(),
        );
    }

    /** @param list<Driver>|null $drivers */
    private static function facts(
        Garment $garment,
        Fabric $fabric,
        Structure $structure,
        Profile $profile,
        Position $position,
        float $height = 40,
        int $stitches = 3000,
        int $weight = 40,
        ?array $drivers = null,
    ): Facts {
        return FactsFactory::of(
            $garment,
            $fabric,
            $structure,
            $profile,
            $position,
            60,
            $height,
            $stitches,
            $weight,
            $drivers ?? Driver::cases(),
        );
    }
}
