<?php

declare(strict_types=1);

namespace Tests\Core\Lettering;

use Hakama\House\HouseRules;
use Hakama\Lettering\Alphabet;
use Hakama\Lettering\Arc;
use Hakama\Lettering\Lettered;
use Hakama\Lettering\LetterRules;
use Hakama\Lettering\LetterStyle;
use Hakama\Lettering\UnderDesign;
use Hakama\Lettering\UnfitText;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Figures\Verdict;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\RecordKind;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class LetteringTest extends TestCase
{
    private const NAMES = [
        'Marlies',
        'ØVREVIK',
        'Żaneta',
        'Nuño & Zoë',
        'Großjörg',
        'Łucja',
        'HMS 24-7',
        "D'Arcy",
        'quizzing',
    ];

    /** @return iterable<string, array{Alphabet, float, string}> */
    public static function names(): iterable
    {
        foreach (
            [
                [Alphabet::Block, [6.0, 10.0, 25.0]],
                [Alphabet::Script, [8.0, 14.0, 25.0]],
                [Alphabet::Small, [3.0, 4.0, 6.0]],
            ] as [$alphabet, $heights]
        ) {
            foreach (self::NAMES as $i => $name) {
                $height = $heights[$i % 3];
                yield "{$name}, {$alphabet->value}, {$height}" => [$alphabet, $height, $name];
            }
        }
    }

    #[Test, DataProvider('names')]
    public function a_name_comes_back_from_its_tape_as_it_was_drawn(
        Alphabet $alphabet,
        float $height,
        string $name,
    ): void {
        $rules = self::rules();
        $lettered = (new LetterStyle($alphabet, $height, $rules))->of($name);
        $stitches = self::stitches(self::backFromTape($lettered->pattern));

        // No needle point lies further from a middle line than half a column, what it is widened by, and half a column
        // beyond an end; lines that are sewn there and back have their points on them.
        $half = $lettered->columnMm / 2 + ($alphabet->isSatin() ? $rules->pullMm : 0.0);
        $corner = hypot($half, $lettered->columnMm / 2);
        foreach ($stitches as [$from, $to]) {
            self::assertLessThan($corner + 0.1, self::toLines($to, $lettered->lines), "{$name}: strays");
        }
        // And every millimetre of every line is crossed by thread.
        foreach ($lettered->lines as $line) {
            foreach (self::along($line, 0.7) as $point) {
                self::assertLessThan(
                    $alphabet->isSatin() ? 0.26 : 0.13,
                    self::toStitches($point, $stitches),
                    "{$name}: a gap",
                );
            }
        }
    }

    #[Test]
    public function the_letter_i_is_counted_by_hand(): void
    {
        // 10 mm high, a column of 1.5: its middle line is 8.5 long, the column 10. Out in five stitches of 1.7, back in 51
        // points 0.2 apart, to the middle of the end, and four stitches to fasten the thread at either end.
        $lettered = self::block(10.0)->of('I');
        self::assertSame(1.5, $lettered->columnMm);
        self::assertSame(4 + 5 + 51 + 1 + 4, self::figures($lettered)->counts->stitches);
        self::assertSame(0, self::figures($lettered)->counts->trims);
        $bounds = self::figures($lettered)->bounds;
        self::assertEqualsWithDelta(10.0, $bounds->height(), 0.11);
        self::assertEqualsWithDelta(1.5 + 2 * 0.15, $bounds->width(), 0.11);
        self::assertEqualsWithDelta(0.0, $bounds->centre()->x, 0.06);
        self::assertEqualsWithDelta(0.0, $bounds->centre()->y, 0.06);
    }

    #[Test]
    public function the_thread_is_cut_only_where_the_way_is_long(): void
    {
        // The ends of two I stand 1.3 + 1.5 mm apart; cut or not, by the house's rule.
        $trims = static fn(float $over): int => self::figures(
            (new LetterStyle(Alphabet::Block, 10.0, HouseRules::of(['letter_trim_mm' => $over])->letters()))->of('II'),
        )->counts->trims;
        self::assertSame(0, $trims(3.0));
        self::assertSame(1, $trims(2.5));
        // Script runs on: a word is one thread but for its dots.
        $script = static fn(string $text): int => self::figures(
            (new LetterStyle(Alphabet::Script, 14.0, self::rules()))->of($text),
        )->counts->trims;
        self::assertSame(0, $script('lune'));
        self::assertSame(0, $script('hand'));
    }

    /** The middles of two I stand 1.3 + 1.5 mm apart: which of them a needle point is in is its way over that. */
    #[Test]
    public function on_a_cap_letters_are_sewn_from_the_middle_outwards(): void
    {
        foreach (
            [
                ['IIIII', false, [-2, -1, 0, 1, 2]],
                ['IIIII', true, [0, 1, 2, -1, -2]],
                ['III', true, [0, 1, -1]],
                ['I', true, [0]],
            ] as [$text, $centreOut, $order]
        ) {
            $lettered = (new LetterStyle(Alphabet::Block, 10.0, self::rules(), centreOut: $centreOut))->of($text);
            $sewn = [];
            foreach (self::stitches(self::backFromTape($lettered->pattern)) as [, $to]) {
                $letter = (int) round($to[0] / 2.8);
                if (end($sewn) !== $letter) {
                    $sewn[] = $letter;
                }
            }
            self::assertSame($order, $sewn, $text);
        }
        // As the order of sewing is judged for caps.
        $judged = static fn(bool $centreOut): Verdict => self::figures(
            (new LetterStyle(Alphabet::Block, 12.0, self::rules(), centreOut: $centreOut))->of('HARBOUR'),
        )->order->centreOut;
        self::assertSame([Verdict::No, Verdict::Yes], [$judged(false), $judged(true)]);
        // And all of it is there, whichever half comes first.
        foreach ([Alphabet::Block, Alphabet::Script] as $alphabet) {
            $lettered = (new LetterStyle($alphabet, 14.0, self::rules(), centreOut: true))->of('Marlies');
            $stitches = self::stitches(self::backFromTape($lettered->pattern));
            foreach ($lettered->lines as $line) {
                foreach (self::along($line, 0.7) as $point) {
                    self::assertLessThan(0.26, self::toStitches($point, $stitches), $alphabet->value);
                }
            }
        }
    }

    #[Test]
    public function a_long_name_is_narrowed_first_then_made_lower(): void
    {
        $free = self::block(12.0)->of('Wilhelmina');
        self::assertSame([1.0, 12.0], [$free->narrowed, $free->heightMm]);
        $narrow = self::block(12.0, 0.95 * $free->widthMm)->of('Wilhelmina');
        self::assertLessThan(1.0, $narrow->narrowed);
        self::assertSame(12.0, $narrow->heightMm);
        $low = self::block(12.0, 0.6 * $free->widthMm)->of('Wilhelmina');
        self::assertEqualsWithDelta(0.8, $low->narrowed, 1e-9);
        self::assertLessThan(12.0, $low->heightMm);
        foreach ([[$narrow, 0.95], [$low, 0.6]] as [$one, $share]) {
            // What is sewn is as wide as it is said to be, but for what it is widened by against the pull.
            self::assertLessThanOrEqual($share * $free->widthMm + 2 * 0.15 + 0.1, self::figures($one)->bounds->width());
        }
        self::assertStringContainsString(
            'at the least height of 6.0 mm',
            Said::refusalOf(fn(): mixed => self::block(12.0, 0.3 * $free->widthMm)->of('Wilhelmina')),
        );
    }

    #[Test]
    public function what_cannot_be_sewn_is_said(): void
    {
        $says = static function (LetterStyle $lettering, string $text): string {
            try {
                $lettering->of($text);
            } catch (UnfitText $e) {
                return Said::of($e->text);
            }

            return '';
        };
        $block = self::block(10.0);
        self::assertStringContainsString('“愛” (U+611B) is not in the block alphabet', $says($block, 'Ai 愛'));
        self::assertStringContainsString('type the text', $says($block, "  \t "));
        self::assertStringContainsString('61 characters', $says($block, str_repeat('a', 61)));
        self::assertStringContainsString('take the small one', $says(self::block(5.9), 'Ann'));
        self::assertStringContainsString(
            'starts at 3.0 mm',
            $says(new LetterStyle(Alphabet::Small, 2.0, self::rules()), 'Ann'),
        );
        self::assertStringContainsString(
            'too tight',
            $says(new LetterStyle(Alphabet::Block, 10.0, self::rules(), arc: Arc::over(12.0)), 'Wilhelmina'),
        );
    }

    #[Test]
    public function letters_with_marks_are_there_however_they_are_typed(): void
    {
        $block = self::block(10.0);
        self::assertTrue($block->of("Zoe\u{0308}")->pattern->sewsLike($block->of('Zoë')->pattern));
        foreach (
            [
                'ÀÁÂÃÄÅÆÇÈÉÊËÌÍÎÏÐÑÒÓÔÕÖØÙÚÛÜÝÞß',
                'àáâãäåæçèéêëìíîïðñòóôõöøùúûüýþÿ',
                'ĄĆĘŁŃŚŹŻąćęłńśźż',
                'ČĎĚŇŘŠŤŮŽčďěňřšťůž',
                'ĞİŞğışŐőŰűŒœĐđȘșȚț',
            ] as $signs
        ) {
            foreach (Alphabet::cases() as $alphabet) {
                foreach (mb_str_split($signs) as $sign) {
                    $sewn = (new LetterStyle($alphabet, 12.0, self::rules()))->of($sign);
                    self::assertGreaterThan(10, count($sewn->pattern), "{$sign} in {$alphabet->value}");
                }
            }
        }
        // An i with a mark has no dot: as many lines as one without.
        self::assertCount(count($block->of('i')->lines) + 1, $block->of('ï')->lines);
    }

    #[Test]
    public function the_size_of_a_text_is_known_without_its_stitches(): void
    {
        foreach (['Wilhelmina', 'Bo'] as $text) {
            $lettered = self::block(12.0, 50.0)->of($text);
            self::assertSame([$lettered->heightMm, $lettered->widthMm], self::block(12.0, 50.0)->size($text));
        }
    }

    #[Test]
    public function under_a_design_the_text_stands_in_the_middle_with_the_gap_and_a_halt(): void
    {
        // A row of needle points at the height of 25, from 102 to 140 mm.
        $design = (new \Hakama\Stitch\PatternBuilder('ROW'))->jumpTo(1000, 250);
        for ($x = 1020; $x <= 1400; $x += 20) {
            $design->stitchTo($x, 250);
        }
        $rules = HouseRules::of()->measuring();
        $text = self::block(10.0)->of('HI');
        $both = UnderDesign::of(
            $design->pattern(),
            PatternFigures::of($design->pattern(), $rules)->bounds,
            $text,
            self::figures($text)->bounds,
            4.0,
            $rules->trimJumps,
        );
        $figures = PatternFigures::of($both, $rules);
        self::assertSame(1, $figures->counts->changes);
        self::assertSame(20 + self::figures($text)->counts->stitches, $figures->counts->stitches);
        $sewn = PatternFigures::of($both->slice(22, count($both)), $rules)->bounds;
        self::assertEqualsWithDelta(121.0, $sewn->centre()->x, 0.1);
        self::assertEqualsWithDelta(21.0, $sewn->top, 0.1);
        self::assertEqualsWithDelta(11.0, $sewn->bottom, 0.2);
    }

    #[Test]
    public function on_an_arc_the_feet_stand_on_the_circle(): void
    {
        foreach ([Arc::over(60.0), Arc::under(60.0)] as $arc) {
            $lettered = (new LetterStyle(Alphabet::Block, 10.0, self::rules(), arc: $arc))->of('HARBOUR');
            $centreY = $arc->over ? -60.0 : 60.0;
            foreach (self::stitches($lettered->pattern) as [, [$x, $y]]) {
                // Half the height up or down from the circle through the middle of the letters.
                self::assertEqualsWithDelta(60.0, hypot($x, $y - $centreY), 5.0 + 0.5);
            }
            $bounds = self::figures($lettered)->bounds;
            self::assertGreaterThan(10.5, $bounds->height());
            self::assertEqualsWithDelta(0.0, $bounds->centre()->x, 1.0);
        }
    }

    #[Test]
    public function no_two_letters_touch_and_none_stands_alone(): void
    {
        foreach (['AVATAR', 'LTO', 'Tj', 'fig', 'WAVY', 'rl', 'OO', 'II', '1 1'] as $text) {
            $lettered = self::block(20.0)->of($text);
            $narrower = 0.0;
            foreach (mb_str_split(str_replace(' ', '', $text)) as $sign) {
                $narrower += self::block(20.0)->of($sign)->widthMm;
            }
            // Overhanging letters may tuck in, by three tenths of the height a pair at most.
            $pairs = mb_strlen($text) - 1;
            self::assertGreaterThan($narrower - 6.0 * $pairs, $lettered->widthMm, $text);
            self::assertLessThan($narrower + 13.0 * $pairs, $lettered->widthMm, $text);
        }
    }

    private static function rules(): LetterRules
    {
        return HouseRules::of()->letters();
    }

    private static function block(float $height, ?float $most = null): LetterStyle
    {
        return new LetterStyle(Alphabet::Block, $height, self::rules(), $most);
    }

    private static function figures(Lettered $lettered): PatternFigures
    {
        return PatternFigures::of($lettered->pattern, HouseRules::of()->measuring());
    }

    private static function backFromTape(Pattern $pattern): Pattern
    {
        $stream = fopen('php://memory', 'w+b');
        assert($stream !== false);
        fwrite($stream, (new TapeWriter())->toString($pattern));
        rewind($stream);

        return (new TapeReader())->fromStream($stream);
    }

    /** @return list<array{array{float, float}, array{float, float}}> from, to, mm */
    private static function stitches(Pattern $pattern): array
    {
        $stitches = [];
        $at = [0.0, 0.0];
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                $to = [$chunk->xs[$i] / 10, $chunk->ys[$i] / 10];
                if ($kind === RecordKind::Stitch->value) {
                    $stitches[] = [$at, $to];
                }
                $at = $to;
            }
        }

        return $stitches;
    }

    /**
     * @param array{float, float}             $point
     * @param list<list<array{float, float}>> $lines
     */
    private static function toLines(array $point, array $lines): float
    {
        $least = INF;
        foreach ($lines as $line) {
            for ($i = 1; $i < count($line) && $least > 0.05; $i++) {
                $least = min($least, self::toSegment($point, $line[$i - 1], $line[$i]));
            }
        }

        return $least;
    }

    /**
     * @param array{float, float}                                  $point
     * @param list<array{array{float, float}, array{float, float}}> $stitches
     */
    private static function toStitches(array $point, array $stitches): float
    {
        $least = INF;
        foreach ($stitches as [$from, $to]) {
            if (min($from[0], $to[0]) > $point[0] + 1 || max($from[0], $to[0]) < $point[0] - 1) {
                continue;
            }
            $least = min($least, self::toSegment($point, $from, $to));
        }

        return $least;
    }

    /**
     * @param list<array{float, float}> $line
     *
     * @return iterable<array{float, float}>
     */
    private static function along(array $line, float $step): iterable
    {
        for ($i = 1; $i < count($line); $i++) {
            [$a, $b] = [$line[$i - 1], $line[$i]];
            $parts = max(1, (int) ceil(hypot($b[0] - $a[0], $b[1] - $a[1]) / $step));
            for ($k = 0; $k <= $parts; $k++) {
                yield [$a[0] + (($b[0] - $a[0]) * $k) / $parts, $a[1] + (($b[1] - $a[1]) * $k) / $parts];
            }
        }
    }

    /**
     * @param array{float, float} $p
     * @param array{float, float} $a
     * @param array{float, float} $b
     */
    private static function toSegment(array $p, array $a, array $b): float
    {
        [$dx, $dy] = [$b[0] - $a[0], $b[1] - $a[1]];
        $square = $dx * $dx + $dy * $dy;
        $t = $square > 0 ? max(0.0, min(1.0, (($p[0] - $a[0]) * $dx + ($p[1] - $a[1]) * $dy) / $square)) : 0.0;

        return hypot($a[0] + $t * $dx - $p[0], $a[1] + $t * $dy - $p[1]);
    }
}
