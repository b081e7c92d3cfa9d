<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\House\HouseRules;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\Header;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class TapeWriterTest extends TestCase
{
    #[Test]
    public function the_records_are_those_of_the_table(): void
    {
        // Right 1; up 9; left 3 and down 3 as a jump; a stop; the furthest one record reaches, both ways.
        $tape = (new TapeWriter())->toString(
            (new PatternBuilder('TABLE'))
                ->stitchTo(1, 0)
                ->stitchTo(1, 9)
                ->jumpTo(-2, 6)
                ->stop()
                ->stitchTo(119, 127)
                ->stitchTo(-2, 6)
                ->pattern(),
        );

        self::assertSame(
            ['010003', '200003', '004283', '0000c3', 'a5a527', '5a5a1b', '0000f3'],
            array_map(bin2hex(...), str_split(substr($tape, Header::LENGTH), 3)),
        );
    }

    #[Test]
    public function every_move_one_record_can_make_is_written_and_read_back(): void
    {
        $builder = new PatternBuilder('ALL');
        [$x, $y] = [0, 0];
        for ($move = -121; $move <= 121; $move++) {
            [$x, $y] = [$x + $move, $y - $move];
            $builder->stitchTo($x, $y);
            [$x, $y] = [$x - $move, $y + intdiv($move, 2)];
            $builder->stitchTo($x, $y);
        }
        $tape = (new TapeWriter())->toString($builder->pattern());

        self::assertSame(Header::LENGTH + 3 * (2 * 243 + 1), strlen($tape), 'no move had to be split');
        self::assertTrue($builder->pattern()->sewsLike((new TapeReader())->fromString($tape)));
    }

    #[Test]
    public function the_header_says_what_is_true(): void
    {
        $tape = (new TapeWriter())->toString(
            (new PatternBuilder('Lantern über alles long name'))
                ->stitchTo(50, -20)
                ->stop()
                ->jumpTo(-30, 40)
                ->stitchTo(-30, 70)
                ->pattern(),
        );
        $fields = explode("\r", substr($tape, 0, (int) strpos($tape, "\x1a")));

        self::assertSame('LA:Lantern ??ber al', $fields[0]);
        self::assertSame(
            ['ST:      4', 'CO:  1', '+X:   50', '-X:   30', '+Y:   70', '-Y:   20', 'AX:-   30', 'AY:+   70'],
            array_slice($fields, 1, 8),
        );
        self::assertSame(str_repeat(' ', 200), substr($tape, 300, 200));
        self::assertSame([], (new TapeReader())->fromString($tape)->findings);
    }

    #[Test]
    public function trims_stay_trims_and_stops_stay_stops(): void
    {
        $pattern = (new PatternBuilder('CUTS'))
            ->stitchTo(20, 0)
            ->trimTo(900, 400, 8)
            ->stitchTo(920, 400)
            ->stop()
            ->trimTo(100, 0, 7)
            ->stitchTo(120, 0)
            ->pattern();
        $figures = PatternFigures::of(
            (new TapeReader())->fromString((new TapeWriter())->toString($pattern)),
            HouseRules::of()->measuring(),
        );

        self::assertSame(
            [2, 1, 15, 3],
            [$figures->counts->trims, $figures->counts->changes, $figures->counts->jumps, $figures->counts->stitches],
        );
        self::assertSame([1, 1], [$figures->blocks[0]->trims, $figures->blocks[1]->trims]);
    }

    #[Test]
    public function a_long_stop_keeps_its_flag_on_the_last_part_only(): void
    {
        $packed = Pattern::ofPacked('STOP', pack('l*', 10, 400, 410), pack('l*', 0, 0, 0), "\x00\x02\x00");
        $figures = PatternFigures::of(
            (new TapeReader())->fromString((new TapeWriter())->toString($packed)),
            HouseRules::of()->measuring(),
        );

        self::assertSame(1, $figures->counts->changes);
        self::assertCount(2, $figures->blocks);
    }

    #[Test]
    public function a_header_of_strange_bytes_gives_a_name_that_can_be_shown(): void
    {
        $tape = str_pad("LA:caf\xe9 au lait    \rST:      1\r\x1a", 512)."\x01\x00\x03\x00\x00\xF3";

        self::assertSame('café au lait', (new TapeReader())->fromString($tape)->name);
    }
}
