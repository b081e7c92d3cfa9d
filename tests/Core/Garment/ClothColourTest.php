<?php

declare(strict_types=1);

namespace Tests\Core\Garment;

use Hakama\Garment\ClothColour;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\Thread\Colour;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ClothColourTest extends TestCase
{
    private const NAMES = ['navy' => '#26324f', 'blue' => '#2f5ea8', 'royal blue' => '#27479b', 'red' => '#b32a2e'];

    // By hand: 0.62 of b3, 2a and 2e (179, 42, 46) are 110.98, 26.04 and 28.52; 0.52 of 26, 32, 4f with 0.48 of 255
    // are 142.16, 148.4 and 163.48.
    #[Test]
    #[TestWith(['navy', '#26324f'])]
    #[TestWith(['royal blue', '#27479b'])]
    #[TestWith(['heather royal blue', '#27479b'])]
    #[TestWith(['heather navy', '#26324f'])]
    #[TestWith(['dark red', '#6f1a1d'])]
    #[TestWith(['light navy', '#8e94a3'])]
    #[TestWith(['navyish', null])]
    #[TestWith(['darkness', null])]
    public function a_colour_is_drawn_by_the_longest_name_that_stands_in_it(string $called, ?string $hex): void
    {
        self::assertSame($hex, ClothColour::read($called, self::NAMES, ['dark'], ['light', 'pale']));
    }

    #[Test]
    public function no_two_names_are_drawn_the_same_and_dark_ones_are_dark(): void
    {
        $hexes = array_map(static fn(ClothColour $one): string => $one->hex(), ClothColour::cases());
        self::assertSame($hexes, array_unique($hexes));
        foreach ($hexes as $hex) {
            self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $hex);
        }
        $light = static fn(ClothColour $one): float => Colour::ofHex($one->hex())->lab()->l;
        self::assertLessThan($light(ClothColour::Grey), $light(ClothColour::Charcoal));
        self::assertLessThan($light(ClothColour::Blue), $light(ClothColour::Navy));
        self::assertLessThan($light(ClothColour::Pink), $light(ClothColour::Fuchsia));
        self::assertGreaterThan(95.0, $light(ClothColour::White));
        self::assertLessThan(15.0, $light(ClothColour::Black));
    }

    #[Test]
    public function every_garment_has_its_places_and_only_a_cap_those_of_a_cap(): void
    {
        foreach (Garment::cases() as $garment) {
            $places = Position::of($garment);
            self::assertCount(count($places), array_unique(array_column($places, 'value')));
            $ofCaps = array_intersect(array_column($places, 'value'), ['cap_front', 'cap_side', 'cap_back']);
            $isCap = in_array($garment, [Garment::Cap, Garment::Other], true);
            self::assertCount($isCap ? 3 : 0, $ofCaps, $garment->value);
        }
        self::assertSame(Position::CapFront, Position::of(Garment::Cap)[0]);
        self::assertSame(Fabric::Twill, Fabric::usualOf(Garment::Cap));
    }
}
