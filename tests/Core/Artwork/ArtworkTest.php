<?php

declare(strict_types=1);

namespace Tests\Core\Artwork;

use Hakama\Artwork\ColourFindings;
use Hakama\Artwork\DigitiserNote;
use Hakama\Artwork\Making;
use Hakama\Artwork\Paper;
use Hakama\Artwork\Template;
use Hakama\House\HouseRules;
use Hakama\Stitch\Bounds;
use Hakama\Stitch\Copies\DoesNotFit;
use Hakama\Stitch\Copies\Grid;
use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Inspection\Crossing;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Point;
use Hakama\Stitch\Spot;
use Hakama\Stitch\Turn;
use Hakama\Thread\Colour;
use Hakama\Thread\Cones;
use Hakama\Thread\ShelfForecast;
use Hakama\Thread\ThreadDemand;
use Hakama\Thread\ThreadSpec;
use Hakama\Words\Text;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class ArtworkTest extends TestCase
{
    #[Test]
    public function two_cones_that_look_the_same_are_named(): void
    {
        // #c9302c against #c0302c: below 5. The same thread twice is no pair, and navy is far from both.
        $threads = [
            self::thread('A', '#c9302c'),
            self::thread('B', '#1f3f66'),
            self::thread('C', '#c0302c'),
            self::thread('A', '#c9302c'),
            null,
        ];
        $findings = ColourFindings::of($threads, [], 5.0);

        self::assertCount(1, $findings);
        self::assertSame(FindingCode::ThreadsAlike, $findings[0]->code);
        self::assertStringStartsWith('A and C differ by only', Said::of($findings[0]->message));
        self::assertSame([1, 3, 4], $findings[0]->blocks);
        self::assertSame([], ColourFindings::of($threads, [], alike: 0.5), 'the house says what is alike');
    }

    #[Test]
    public function dark_thread_over_light_shows_and_light_over_dark_does_not(): void
    {
        $over = [
            new Crossing(new Spot(new Point(3, 4), 50), 2, 1, 6.0),
            new Crossing(new Spot(new Point(5, 4), 80), 2, 1, 9.0),
        ];
        [$white, $navy, $grey] = [
            self::thread('W', '#f4f2ea'),
            self::thread('N', '#1d2433'),
            self::thread('G', '#d8d8d8'),
        ];
        $findings = ColourFindings::of([$white, $navy], $over, 5.0);

        self::assertSame(FindingCode::TravelOverLight, $findings[0]->code);
        self::assertStringContainsString('9.0 mm of block 2 over block 1', Said::of($findings[0]->message));
        self::assertSame([80, 50], array_map(static fn(Spot $spot): int => $spot->stitch, $findings[0]->spots));
        self::assertSame([], ColourFindings::of([$navy, $white], $over, 5.0));
        self::assertSame([], ColourFindings::of([$white, $grey], $over, 5.0), 'hardly darker');
        self::assertSame([], ColourFindings::of([$white, null], $over, 5.0), 'no thread, no colour');
    }

    #[Test]
    public function the_note_to_the_digitiser_holds_what_is_to_be_asked_and_where(): void
    {
        $note = implode("\n", Said::each(DigitiserNote::of(
            'Lantern row',
            'lantern.dst',
            5399,
            91.24,
            52,
            [
                new Finding(FindingCode::LongJump, new Text('artwork.finding_text.long_jump', ['count' => 1, 'over' => '7']), [
                    new Spot(new Point(7, -2.5), 12),
                ]),
                new Finding(FindingCode::ThreadsAlike, new Text('artwork.finding_text.threads_alike')),
            ],
            HouseRules::of()->measuring(),
        )));

        self::assertStringStartsWith(
            "About “Lantern row” (lantern.dst, 5399 stitches, 91.2 × 52.0 mm):\n1. 1 jump over 7 mm without a ".
            'trim: the thread lies across and has to be cut by hand. Seen at (7.0, -2.5) at stitch 12. Please put a trim',
            $note,
        );
        self::assertStringNotContainsString('A and C', $note, 'the rack is the shop’s own affair');
        self::assertSame(
            [],
            DigitiserNote::of(
                'x',
                'x.dst',
                1,
                1,
                1,
                [new Finding(FindingCode::ThreadsAlike, new Text('artwork.finding_text.threads_alike'))],
                HouseRules::of()->measuring(),
            ),
        );
    }

    #[Test]
    public function copies_keep_the_threads_of_their_blocks(): void
    {
        $pattern = (new PatternBuilder('TWO'))
            ->stitchTo(0, 20)
            ->stitchTo(30, 20)
            ->stop()
            ->stitchTo(30, 60)
            ->stitchTo(0, 60)
            ->pattern();
        $grid = Grid::of(3, 1, 4);

        self::assertSame(
            [1, 2, 1, 2, 1, 2],
            (new Making(grid: $grid))->of($pattern, HouseRules::of()->measuring())->origins,
        );
        $made = (new Making(grid: $grid, regroup: true, stopsAfter: [1]))->of(
            $pattern,
            HouseRules::of()->measuring(),
        );
        self::assertSame([1, 1, 2], $made->origins, 'a halt put into a block leaves both halves its thread');
        self::assertSame(
            [8, 2, 6],
            [$made->before->counts->changes, $made->after->counts->changes, $made->changesSaved()],
        );
        // Six changes of 7 s with a start of 1.5 s each; and what the trims cost or save besides.
        self::assertEqualsWithDelta(
            6 * 8.5 + $made->trimsSaved() * 7.5,
            $made->secondsSaved(800, HouseRules::of()->runTime()),
            1e-6,
        );
    }

    #[Test]
    public function turned_copies_are_laid_in_the_field_as_they_are_turned(): void
    {
        $pattern = (new PatternBuilder('WIDE'))->stitchTo(0, 10)->stitchTo(400, 10)->stitchTo(400, 110)->pattern();
        $made = (new Making(Turn::Quarter, false, Grid::of(4, 1, 5), [60, 50]))->of(
            $pattern,
            HouseRules::of()->measuring(),
        );

        self::assertEqualsWithDelta(
            [4 * 10 + 3 * 5, 40],
            [$made->after->bounds->width(), $made->after->bounds->height()],
            1e-6,
        );
        $this->expectException(DoesNotFit::class);
        (new Making(Turn::None, false, Grid::of(4, 1, 5), [60, 50]))->of($pattern, HouseRules::of()->measuring());
    }

    #[Test]
    public function one_of_a_pattern_is_the_pattern_itself(): void
    {
        $pattern = (new PatternBuilder('SAME'))
            ->trimTo(50, 50)
            ->stitchTo(60, 60)
            ->stop()
            ->stitchTo(10, 10)
            ->pattern();
        $made = (new Making())->of($pattern, HouseRules::of()->measuring());

        self::assertTrue($made->pattern->sewsLike($pattern));
        self::assertSame(0, $made->changesSaved());
        self::assertSame(0.0, $made->secondsSaved(800, HouseRules::of()->runTime()));
    }

    #[Test]
    public function a_template_goes_on_one_sheet_or_on_several_that_overlap(): void
    {
        // A4 leaves 186 × 241 mm; a design of 80 × 60 stands in the middle of it.
        $small = Template::of(new Bounds(-40, 40, -30, 30), Paper::A4);
        self::assertCount(1, $small->tiles);
        self::assertEquals(new Point(105, 30 + 241 / 2), $small->tiles[0]->onPaper(new Point(0, 0)));

        // 300 mm and 8 on either side: two sheets of 186 that share 10 reach 362; three of 241 reach 703 for 500.
        $large = Template::of(new Bounds(-150, 150, -250, 250), Paper::A4);
        self::assertSame([2, 3], [$large->columns, $large->rows]);
        [$first, $second] = $large->tiles;
        self::assertEqualsWithDelta(
            176,
            $first->onPaper(new Point(0, 0))->x - $second->onPaper(new Point(0, 0))->x,
            1e-9,
            '186 less the overlap',
        );
        // Every place of the design lies on at least one sheet's area, 10 mm of them on two.
        for ($x = -150.0; $x <= 150; $x += 7.5) {
            for ($y = -250.0; $y <= 250; $y += 12.5) {
                $on = array_filter(
                    $large->tiles,
                    static fn($tile): bool => $x >= $tile->left - 1e-9
                        && $x <= $tile->left + $large->areaWidthMm() + 1e-9
                        && $y <= $tile->top + 1e-9
                        && $y >= $tile->top - $large->areaHeightMm() - 1e-9,
                );
                self::assertNotSame([], $on, "({$x}, {$y})");
            }
        }
    }

    #[Test]
    public function a_thread_runs_short_at_the_batch_that_finds_too_little(): void
    {
        $forecast = ShelfForecast::of(
            ['navy' => 500, 'red' => 100],
            [
                new ThreadDemand('navy', 300, 200, 'B-2'),
                new ThreadDemand('navy', 150, 100, 'B-1'),
                new ThreadDemand('navy', 80, 300, 'B-3'),
                new ThreadDemand('navy', 10, 400, 'B-4'),
                new ThreadDemand('red', 100, 100, 'B-1'),
                new ThreadDemand('gone', 1, 50, 'B-1'),
            ],
        );

        self::assertSame(
            ['navy' => 'B-3', 'gone' => 'B-1'],
            array_map(static fn(ThreadDemand $demand): string => $demand->for, array_reverse($forecast->short)),
        );
        self::assertEqualsWithDelta(['navy' => -40.0, 'red' => 0.0, 'gone' => -1.0], $forecast->left, 1e-9);
        self::assertEqualsWithDelta(540, $forecast->needed['navy'], 1e-9);
        self::assertSame(
            [0, 1, 1, 2],
            array_map(static fn(float $m): int => ShelfForecast::bobbins($m, 90), [0.0, 1.0, 90.0, 90.1]),
        );
    }

    #[Test]
    public function cones_are_used_up_one_after_the_other_and_never_below_nothing(): void
    {
        self::assertSame([1 => 0.0, 2 => 70.0], Cones::sewnFrom([1 => 30.0, 2 => 100.0], 60.0));
        self::assertSame([1 => 25.0], Cones::sewnFrom([1 => 30.0], 5.0));
        self::assertSame([1 => 0.0, 2 => 0.0], Cones::sewnFrom([1 => 3.0, 2 => 4.0], 60.0));
    }

    private static function thread(string $code, string $hex): ThreadSpec
    {
        return new ThreadSpec($code, Colour::ofHex($hex), 40);
    }
}
