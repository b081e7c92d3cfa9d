<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Garment\Thickness;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Plan\Fitness;
use Hakama\Plan\Unfit;
use Hakama\Setup\Facts\Item;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What the sheet warns of on a machine, as the minutes it is expected to cost. */
final class FitnessTest extends TestCase
{
    #[Test]
    public function bulk_behind_the_arm_costs_the_pieces_that_are_expected_to_be_spoiled(): void
    {
        $jacket = self::item(Garment::PaddedJacket, Position::LeftChest);
        // Nothing is known: one in fifty of twelve, at 45 minutes each.
        $fitness = Fitness::of(HouseRules::of(), 0, 0);
        self::assertEqualsWithDelta([12 * 0.02 * 45], self::minutes($fitness->on($jacket, 12, false, 15)), 1e-9);
        self::assertSame([], $fitness->on($jacket, 12, true, 15), 'there is room');
        self::assertSame([], $fitness->on($jacket, 12, null, 15), 'nobody has said');
        self::assertSame([], $fitness->on(self::item(Garment::Polo, Position::LeftChest), 12, false, 15));

        // Of 50 that were sewn there 5 more were spoiled: (5 + 0.4) of (50 + 5 + 20).
        self::assertEqualsWithDelta(5.4 / 75, Fitness::share(50, 5), 1e-12);
        self::assertEqualsWithDelta(0.02, Fitness::share(0, 0), 1e-12);
        self::assertLessThan(0.02, Fitness::share(200, 0), 'where nothing was spoiled it is believed less');
        $known = Fitness::of(HouseRules::of(), 50, 5)->on($jacket, 12, false, 15);
        self::assertEqualsWithDelta([12 * 5.4 / 75 * 45], self::minutes($known), 1e-9);
        self::assertSame('plan.unfit.bulk', $known[0]->why?->key);
    }

    #[Test]
    public function thick_seams_on_a_light_machine_cost_the_needles_that_are_expected_to_break(): void
    {
        $heavy = self::item(Garment::Trousers, Position::Leg, Thickness::Heavy);
        $fitness = Fitness::of(HouseRules::of(), 0, 0);
        self::assertEqualsWithDelta([25 * 4 / 100 * 10], self::minutes($fitness->on($heavy, 25, true, 6)), 1e-9);
        self::assertSame([], $fitness->on($heavy, 25, true, 7));
        self::assertSame([], $fitness->on(self::item(Garment::Trousers, Position::Leg, Thickness::Light), 25, true, 6));

        // As the house has it, and not at all where that is nought.
        $house = HouseRules::of([HouseRule::LightBreaks->value => 0]);
        self::assertSame([], Fitness::of($house, 0, 0)->on($heavy, 25, true, 6));
        self::assertSame([], $fitness->on($heavy, 1, true, 6), 'less than half a minute is not worth a word');
    }

    #[Test]
    public function a_clamp_whose_centre_was_never_found_there_costs_the_finding_of_it(): void
    {
        $bag = self::item(Garment::Bag, Position::Centre);
        $fitness = Fitness::of(HouseRules::of([HouseRule::CentreMinutes->value => 15]), 0, 0);
        $never = $fitness->on($bag, 40, true, 15, false);
        self::assertSame([15.0, 'plan.unfit.centre'], [$never[0]->minutes, $never[0]->why?->key]);
        self::assertCount(1, $never);
        self::assertSame([], $fitness->on($bag, 40, true, 15, true), 'however many pieces: it is found once');
    }

    /**
     * @param list<Unfit> $unfit
     *
     * @return list<float>
     */
    private static function minutes(array $unfit): array
    {
        return array_map(static fn(Unfit $one): float => $one->minutes, $unfit);
    }

    private static function item(Garment $garment, Position $position, ?Thickness $thickness = null): Item
    {
        return new Item($garment, $position, new ClothSpec(Fabric::usualOf($garment), thickness: $thickness));
    }
}
