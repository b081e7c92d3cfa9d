<?php

declare(strict_types=1);

namespace Tests\Core\Thread;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\Thread\Colour;
use Hakama\Thread\Lab;
use Hakama\Thread\Likeness;
use Hakama\Thread\ThreadMatch;
use Hakama\Thread\ThreadSpec;
use Hakama\Thread\ThreadUse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class ColourTest extends TestCase
{
    /** @return list<list<float>> L1 a1 b1 L2 a2 b2 and the published difference */
    public static function publishedPairs(): array
    {
        return [
            [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
            [50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0],
            [50, -1, 2, 50, 0, 0, 2.3669],
            [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
            [50, 2.5, 0, 50, 0, -2.5, 4.3065],
            [50, 2.5, 0, 73, 25, -18, 27.1492],
            [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
            [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
            [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
        ];
    }

    #[Test]
    #[DataProvider('publishedPairs')]
    public function the_difference_is_the_published_one_to_four_decimals_both_ways(
        float $l1,
        float $a1,
        float $b1,
        float $l2,
        float $a2,
        float $b2,
        float $published,
    ): void {
        [$one, $two] = [new Lab($l1, $a1, $b1), new Lab($l2, $a2, $b2)];

        self::assertSame($published, round($one->differenceTo($two), 4));
        self::assertSame($published, round($two->differenceTo($one), 4));
    }

    #[Test]
    public function screen_colours_have_their_known_places_in_lab(): void
    {
        // Published values for sRGB under D65.
        foreach (
            [
                ['#ffffff', 100, 0, 0],
                ['#000000', 0, 0, 0],
                ['#ff0000', 53.24, 80.09, 67.2],
                ['#00ff00', 87.73, -86.18, 83.18],
                ['#0000ff', 32.3, 79.19, -107.86],
            ] as [$hex, $l, $a, $b]
        ) {
            $lab = Colour::ofHex($hex)->lab();
            self::assertEqualsWithDelta([$l, $a, $b], [$lab->l, $lab->a, $lab->b], 0.02, $hex);
        }
        self::assertSame('#a1b2c3', Colour::ofHex('#A1B2C3')->hex());
    }

    #[Test]
    public function a_word_is_no_colour(): void
    {
        self::assertStringContainsString('“red” is no colour', Said::refusalOf(fn(): mixed => Colour::ofHex('red')));
    }

    #[Test]
    public function the_shelf_is_ranked_by_likeness_and_the_other_weight_left_out(): void
    {
        $thread = static fn(string $code, string $hex, int $weight = 40): ThreadSpec => new ThreadSpec(
            $code,
            Colour::ofHex($hex),
            $weight,
        );
        $shelf = [
            $thread('far', '#2244cc'),
            $thread('near', '#c0302c'),
            $thread('same', '#c9302c'),
            $thread('fine', '#c9302c', 60),
        ];
        $matches = ThreadMatch::nearest(Colour::ofHex('#c9302c'), $shelf, 40);

        self::assertSame(
            ['same', 'near', 'far'],
            array_map(static fn(ThreadMatch $m): string => $m->thread->code, $matches),
        );
        self::assertSame([Likeness::Same, Likeness::None], [$matches[0]->likeness, $matches[2]->likeness]);
        self::assertCount(4, ThreadMatch::nearest(Colour::ofHex('#c9302c'), $shelf));
    }

    #[Test]
    public function likeness_changes_at_one_two_and_a_half_and_five(): void
    {
        self::assertSame(
            [
                Likeness::Same,
                Likeness::Close,
                Likeness::Close,
                Likeness::Compromise,
                Likeness::Compromise,
                Likeness::None,
            ],
            array_map(Likeness::at(...), [0.9999, 1.0, 2.4999, 2.5, 4.9999, 5.0]),
        );
    }

    #[Test]
    public function a_thousand_stitches_of_four_millimetres_take_what_the_formula_says(): void
    {
        // 1.05 · 4000 + 1.6 · 1000 = 5800 mm; 0.6 · 4000 + 0.2 · 1000 = 2600 mm.
        $use = ThreadUse::of(4000, 1000, HouseRules::of()->threadUse());
        self::assertEqualsWithDelta([5.8, 2.6], [$use->topM, $use->bobbinM], 1e-9);
        self::assertEqualsWithDelta(
            6.38,
            ThreadUse::of(4000, 1000, HouseRules::of([HouseRule::ThreadWaste->value => 10])->threadUse())->topM,
            1e-9,
        );
    }
}
