<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\House\HouseRules;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Vector\NotADrawing;
use Hakama\Stitch\Vector\SvgReader;
use Hakama\Stitch\Vector\VectorRules;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class SvgReaderTest extends TestCase
{
    #[Test]
    public function very_many_lines_are_refused_at_once_and_as_many_as_are_taken_are_read_fast(): void
    {
        $drawing = static fn(
            int $count,
        ): string => '<svg xmlns="http://www.w3.org/2000/svg" width="99mm" height="99mm" viewBox="0 0 990 990">'.
            implode(
                '',
                array_map(
                    static fn(int $i): string => sprintf(
                        '<rect x="%d" y="%d" width="5" height="5"/>',
                        ($i * 9) % 980,
                        intdiv($i, 100) % 980,
                    ),
                    range(1, $count),
                ),
            ).
            '</svg>';
        $begun = hrtime(true);
        try {
            (new SvgReader())->fromString($drawing(50_000));
            self::fail('fifty thousand are taken');
        } catch (NotADrawing $e) {
            self::assertStringContainsString('more than 10000 separate lines', Said::of($e->text));
        }
        self::assertLessThan(3.0, (hrtime(true) - $begun) / 1e9);
        self::assertCount(1, (new SvgReader())->fromString($drawing(9_000))->colours);
        // It was a minute when each line cost as much as all before it.
        self::assertLessThan(6.0, (hrtime(true) - $begun) / 1e9);
    }

    #[Test]
    public function a_line_of_ten_millimetres_is_four_equal_stitches_and_grows_upwards(): void
    {
        $drawing = self::read('<g stroke="#123456"><polyline points="0,0 0,10"/></g>');
        $figures = PatternFigures::of($drawing->pattern, HouseRules::of()->measuring());

        self::assertSame(4, $figures->counts->stitches);
        self::assertEqualsWithDelta(
            [2.5, 10.0],
            [$figures->lengths->longestMm(), $figures->lengths->totalMm()],
            0.05,
        );
        self::assertSame(['#123456'], $drawing->colours);
        // Down on the paper is down on the cloth: it begins at the upper end.
        self::assertSame([0, 50], $drawing->pattern->before(1));
    }

    #[Test]
    public function a_group_is_a_block_and_one_colour_goes_on_without_a_stop(): void
    {
        $drawing = self::read(
            '<g stroke="red"><path d="M0 0h20"/><path d="M0 9h20"/></g><g style="fill:none;stroke:#00F"><path d="M0 '.
            '20h20"/></g><g stroke="#0000ff"><path d="M0 30h20"/></g>',
        );
        $figures = PatternFigures::of($drawing->pattern, HouseRules::of()->measuring());

        self::assertSame(['#ff0000', '#0000ff'], $drawing->colours);
        self::assertSame([14, 14], array_map(static fn($block): int => $block->stitches, $figures->blocks));
        self::assertSame(
            [1, 3],
            [$figures->counts->changes, $figures->counts->trims],
            'cut between lines, once in each block and on the way between them',
        );
    }

    #[Test]
    public function curves_keep_within_a_tenth_of_a_millimetre(): void
    {
        // Half a circle by an arc and half by two cubic curves; every stitch and every middle of one lies on the
        // radius.
        $k = 20 * 0.5522847;
        $drawing = self::read(
            sprintf(
                '<path stroke="#000" d="M-20 0A20 20 0 0 1 20 0C20 %F %F 20 0 20C%F 20 -20 %F -20 0Z"/>',
                $k,
                $k,
                -$k,
                $k,
            ),
            new VectorRules(flatMm: 0.1, stitchMm: 12),
        );
        $points = [];
        foreach ($drawing->pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                $kind === 0 ? ($points[] = [$chunk->xs[$i] / 10, $chunk->ys[$i] / 10]) : null;
            }
        }
        self::assertGreaterThan(16, count($points));
        foreach ($points as $i => [$x, $y]) {
            self::assertEqualsWithDelta(20.0, hypot($x, $y), 0.11, 'a tenth for rounding to the tape');
            [$nextX, $nextY] = $points[($i + 1) % count($points)];
            self::assertEqualsWithDelta(20.0, hypot(($x + $nextX) / 2, ($y + $nextY) / 2), 0.21);
        }
        $figures = PatternFigures::of($drawing->pattern, HouseRules::of()->measuring());
        self::assertEqualsWithDelta(2 * M_PI * 20, $figures->lengths->totalMm(), 1.0);
    }

    #[Test]
    public function sizes_come_from_the_page_and_its_view_box(): void
    {
        $width = static fn(string $svg): float => PatternFigures::of(
            (new SvgReader())->fromString($svg)->pattern,
            HouseRules::of()->measuring(),
        )->bounds->width();
        $line = '<path stroke="#000" d="M0 0h50M50 0h0M0 1h50"/></svg>';

        self::assertSame(
            10.6,
            round($width('<svg xmlns="http://www.w3.org/2000/svg">'.$line), 1),
            'a unit is a pixel, 96 to the inch: 13.2 mm in 5 stitches, the first ending 2.6 on',
        );
        // Half the size: 25 mm in 9 stitches; ten inches: 127 mm in 43.
        self::assertEqualsWithDelta(
            25 - 25 / 9,
            $width('<svg width="50mm" height="50mm" viewBox="0 0 100 100">'.$line),
            0.11,
        );
        self::assertEqualsWithDelta(127 - 127 / 43, $width('<svg width="10in" viewBox="0 0 100 100">'.$line), 0.11);
    }

    #[Test]
    public function what_is_not_sewn_as_it_is_drawn_is_said(): void
    {
        $findings = static fn(string $svg): array => Said::each((new SvgReader())->fromString($svg)->findings());
        $sized = '<svg width="50mm" viewBox="0 0 50 50">';
        $line = '<path d="M0 0h20" stroke="#000" fill="none"/>';
        self::assertSame([], $findings($sized.$line.'</svg>'));
        self::assertSame(
            [
                'Left out, because only lines can be sewn: text, image.',
                '2 filled areas are sewn along their edges only.',
            ],
            $findings(
                "{$sized}{$line}<text>Hello</text><image/><rect width='9' height='9' fill='#f00'/>".
                    "<circle r='4' stroke='#00f' fill='#0f0'/></svg>",
            ),
        );
        self::assertSame(
            ['One filled area is sewn along its edge only.'],
            $findings($sized.'<path d="M0 0h9v9z"/></svg>'),
            'what says nothing of a colour is filled black',
        );
        self::assertStringContainsString(
            '96 of its units are an inch',
            $findings("<svg viewBox='0 0 50 50'>{$line}</svg>")[0],
        );
    }

    #[Test]
    public function transforms_compose_from_the_outside_in(): void
    {
        // (10, 0) scaled to (20, 0), turned a quarter to (0, 20) on the paper, moved to (5, 27): a line from (5, 7).
        $drawing = self::read(
            '<path stroke="#000" d="M5 7H5V7"/><g stroke="#000" transform="translate(5 7) rotate(90) '.
            'scale(2)"><path d="M0 0H10"/></g>',
        );
        $figures = PatternFigures::of($drawing->pattern, HouseRules::of()->measuring());

        self::assertSame(0.0, $figures->bounds->width());
        self::assertEqualsWithDelta(20, $figures->lengths->totalMm(), 0.1);
    }

    #[Test]
    public function what_cannot_be_sewn_is_named_and_what_is_hidden_is_not_sewn(): void
    {
        $drawing = self::read(
            '<defs><path d="M0 0h99"/></defs><text>a</text><image href="file:///etc/passwd"/><g '.
            'display="none"><path d="M0 0h99"/></g><circle r="5" stroke="none" fill="teal"/>',
        );

        self::assertSame(['text', 'image'], $drawing->leftOut);
        self::assertSame(['#008080'], $drawing->colours);
        self::assertEqualsWithDelta(
            10,
            PatternFigures::of($drawing->pattern, HouseRules::of()->measuring())->bounds->width(),
            0.2,
        );
    }

    #[Test]
    public function random_curves_stay_within_a_tenth_of_a_millimetre_of_where_they_are_sampled_densely(): void
    {
        mt_srand(21);
        for ($round = 0; $round < 60; $round++) {
            $p = array_map(static fn(): float => mt_rand(-400, 400) / 10, range(1, 8));
            $pattern = self::read(
                vsprintf('<path stroke="#000" d="M%F %F C%F %F %F %F %F %F"/>', $p),
                new VectorRules(flatMm: 0.1, stitchMm: 500),
            )->pattern;
            // Where it begins is where its first stitch comes from; the drawing was moved to its own middle.
            $sewn = [[$p[0], $p[1]]];
            [$startX, $startY] = $pattern->before($pattern->blockSpans()[0]->from);
            foreach ($pattern->chunks() as $chunk) {
                foreach ($chunk->kinds as $i => $kind) {
                    $kind === 0
                        ? ($sewn[] = [
                            $p[0] + ($chunk->xs[$i] - $startX) / 10,
                            $p[1] - ($chunk->ys[$i] - $startY) / 10,
                        ])
                        : null;
                }
            }
            for ($step = 0; $step <= 400; $step++) {
                $t = $step / 400;
                $at = [];
                foreach ([0, 1] as $axis) {
                    $at[] =
                        (1 - $t) ** 3 * $p[$axis] +
                        3 * (1 - $t) ** 2 * $t * $p[2 + $axis] +
                        3 * (1 - $t) * $t ** 2 * $p[4 + $axis] +
                        $t ** 3 * $p[6 + $axis];
                }
                $nearest = INF;
                for ($i = 1; $i < count($sewn); $i++) {
                    $nearest = min($nearest, self::fromLine($at, $sewn[$i - 1], $sewn[$i]));
                }
                // A tenth for the curve, and what rounding to the tape's tenths may add.
                self::assertLessThan(0.1 + 0.15, $nearest, "round {$round}");
            }
        }
    }

    /**
     * @param array{float, float} $p
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    private static function fromLine(array $p, array $a, array $b): float
    {
        $square = ($b[0] - $a[0]) ** 2 + ($b[1] - $a[1]) ** 2;
        $t =
            $square > 0
                ? max(0, min(1, (($p[0] - $a[0]) * ($b[0] - $a[0]) + ($p[1] - $a[1]) * ($b[1] - $a[1])) / $square))
                : 0;

        return hypot($p[0] - $a[0] - $t * ($b[0] - $a[0]), $p[1] - $a[1] - $t * ($b[1] - $a[1]));
    }

    #[Test]
    public function arcs_bulge_the_way_their_flags_say(): void
    {
        // From (0, 0) to (20, 0) on a circle of 10: sweeping goes over the top of the paper, which is up on the cloth.
        $height = static fn(string $flags): float => PatternFigures::of(
            self::read("<path stroke='#000' d='M0 0A10 10 0 {$flags} 20 0'/>")->pattern,
            HouseRules::of()->measuring(),
        )->bounds->height();
        self::assertEqualsWithDelta(10, $height('0 1'), 0.2);
        self::assertEqualsWithDelta(10, $height('0 0'), 0.2);
        // With a radius of 12.5 the small arc rises 5 mm and the large one 20.
        $rise = static fn(string $flags): float => PatternFigures::of(
            self::read("<path stroke='#000' d='M0 0A12.5 12.5 0 {$flags} 20 0'/>")->pattern,
            HouseRules::of()->measuring(),
        )->bounds->height();
        self::assertEqualsWithDelta(5, $rise('0 1'), 0.3);
        self::assertEqualsWithDelta(20, $rise('1 1'), 0.3);
        // Too small a radius grows until it reaches; flags may stand without spaces.
        self::assertEqualsWithDelta(
            10,
            PatternFigures::of(
                self::read('<path stroke="#000" d="M0,0a1,1,0,01,20,0"/>')->pattern,
                HouseRules::of()->measuring(),
            )->bounds->height(),
            0.2,
        );
    }

    #[Test]
    public function smooth_forms_and_relative_moves_draw_the_same_as_spelled_out(): void
    {
        $same = [
            ['M5 5C10 0 20 0 25 5S40 10 45 5', 'M5 5C10 0 20 0 25 5C30 10 40 10 45 5'],
            ['M5 5Q10 0 15 5T25 5', 'M5 5Q10 0 15 5Q20 10 25 5'],
            ['m5 5 10 0 0 10', 'M5 5L15 5L15 15'],
            ['M5,5h10v10H5V5', 'M5 5 15 5 15 15 5 15 5 5'],
            ['M5 5h9zm20 0h9', 'M5 5L14 5L5 5M25 5L34 5'],
            ['M5 5L1.5e1 5-5-5', 'M5 5L15 5L-5 -5'],
        ];
        foreach ($same as [$short, $long]) {
            $sewn = static fn(string $path): \Hakama\Stitch\Pattern => self::read("<path stroke='#000' d='{$path}'/>")
                ->pattern;
            self::assertTrue($sewn($short)->sewsLike($sewn($long)), $short);
        }
    }

    #[Test]
    #[DataProvider('refused')]
    public function what_is_no_drawing_is_refused_with_its_reason(string $svg, string $reason): void
    {
        self::assertStringContainsString(
            $reason,
            Said::refusalOf(fn(): mixed => (new SvgReader(new VectorRules(bytes: 200_000, stitches: 5000)))->fromString($svg)),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        $in = static fn(string $inside): string => "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'>{$inside}</svg>";
        yield 'nothing' => ['', 'it is empty'];
        yield 'cut off' => ['<svg><path d="M0 0h5"/>', 'no well-formed SVG'];
        yield 'another thing' => ['<html><body/></html>', 'outermost element is “html”'];
        yield 'no lines' => [$in('<g/>'), 'no line, path or shape'];
        yield 'huge' => [$in(str_repeat('<g/>', 60_000)), 'at most 200000 are read'];
        yield 'too many stitches' => [
            $in('<path d="M0 0'.str_repeat('h9h-9', 3000).'"/>'),
            'more than 5000 stitches',
        ];
        yield 'nested too deep' => [$in(str_repeat('<g>', 100).str_repeat('</g>', 100)), 'more than 64 deep'];
        yield 'a script' => [$in('<script>alert(1)</script>'), 'carries a script'];
        yield 'a script in a namespace' => [
            $in('<s:script xmlns:s="http://www.w3.org/2000/svg">1</s:script>'),
            'carries a script',
        ];
        yield 'a handler' => [$in('<path onload="alert(1)" d="M0 0h9"/>'), 'carries a script (onload)'];
        yield 'a scripted link' => [$in('<a href=" javascript:alert(1)"><path d="M0 0h9"/></a>'), 'carries a script'];
        yield 'another page inside' => [$in('<foreignObject><iframe/></foreignObject>'), 'carries a script'];
        yield 'an entity bomb' => [
            '<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;"><!ENTITY c '.
            '"&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;">]><svg><path d="&c;&c;"/></svg>',
            'declarations of its own',
        ];
        yield 'a file from outside' => [
            '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg><text>&x;</text></svg>',
            'declarations of its own',
        ];
        yield 'a document type' => [
            '<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "svg11.dtd"><svg><path d="M0 0h9"/></svg>',
            'declarations of its own',
        ];
        yield 'a broken path' => [$in('<path d="M0 0 L5"/>'), 'a path breaks off'];
        yield 'a path without a start' => [$in('<path d="L5 5"/>'), 'a path breaks off'];
        yield 'a strange transform' => [
            $in('<g transform="spin(3)"><path d="M0 0h9"/></g>'),
            '“spin(3)” is no transform',
        ];
        yield 'miles' => [$in('<path d="M0 0h90000"/>'), 'more than 2000 mm wide'];
        yield 'beyond numbers' => [$in('<path d="M0 0h1e308h1e308"/>'), 'a number that is too large'];
        yield 'a dot' => [$in('<path d="M0 0h0"/>'), 'no line, path or shape'];
    }

    private static function read(
        string $inside,
        VectorRules $rules = new VectorRules(),
    ): \Hakama\Stitch\Vector\Drawing {
        return (new SvgReader($rules))->fromString("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' viewBox='0 0 100 100'>{$inside}</svg>");
    }
}
