<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\House\HouseRules;
use Hakama\Stitch\Figures\PatternFigures;
use Hakama\Stitch\Finding;
use Hakama\Stitch\FindingCode;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\RecordKind;
use Hakama\Stitch\Tape\NotATape;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class TapeReaderTest extends TestCase
{
    private const END = "\x00\x00\xF3";

    /** One unit right; nine up; nothing: three stitches, from the table by hand. */
    private const RIGHT_1 = "\x01\x00\x03";
    private const UP_9 = "\x20\x00\x03";

    #[Test]
    public function a_tape_written_by_hand_reads_to_the_record(): void
    {
        $tape =
            self::header('ST:      7', 'CO:  1').
            "\x01\x00\x03". // stitch, x +1
            "\x00\x04\x03". // stitch, x +27
            "\x10\x20\x03". // stitch, y -9 +27 = +18
            "\x00\x00\x97". // jump: 1001 0111, y -81 (bit 4), x +81 (bit 2)
            "\x00\x00\xC3". // stop, no move
            "\x86\x00\x03". // stitch: 1000 0110, y +1, x +9 -1
            "\x55\x55\x17". // stitch: y -1 -9 -3 -27 -81 = -121, x +9 +1 +27 +3 +81 = +121
            self::END;

        self::assertSame(
            [
                [1, 0, RecordKind::Stitch],
                [28, 0, RecordKind::Stitch],
                [28, 18, RecordKind::Stitch],
                [109, -63, RecordKind::Jump],
                [109, -63, RecordKind::Stop],
                [117, -62, RecordKind::Stitch],
                [238, -183, RecordKind::Stitch],
            ],
            self::records((new TapeReader())->fromString($tape)),
        );
    }

    #[Test]
    public function a_second_tape_written_by_hand_has_a_trim_and_the_other_signs(): void
    {
        $tape =
            self::header().
            "\x08\x00\x03". // stitch, x -9
            "\x00\x02\x83". // jump, x -3
            "\x00\x08\x83". // jump, x -27
            "\x00\x00\x8B". // jump, x -81
            "\x40\x80\x23". // stitch, y -1 +3 +81 = +83
            "\x00\x41\x03". // stitch, y -3, x +3
            self::END;
        $pattern = (new TapeReader())->fromString($tape);

        self::assertSame(
            [
                [-9, 0, RecordKind::Stitch],
                [-12, 0, RecordKind::Jump],
                [-39, 0, RecordKind::Jump],
                [-120, 0, RecordKind::Jump],
                [-120, 83, RecordKind::Stitch],
                [-117, 80, RecordKind::Stitch],
            ],
            self::records($pattern),
        );
        self::assertSame(1, PatternFigures::of($pattern, HouseRules::of()->measuring())->counts->trims);
    }

    /** @return iterable<string, array{string}> */
    public static function othersTapes(): iterable
    {
        foreach (
            ['badge', 'badge-blank-header', 'badge-no-end', 'bars-centre-out', 'bars-left-to-right', 'leaf-applique'] as $name
        ) {
            yield $name => ["{$name}.dst"];
        }
    }

    #[Test]
    #[DataProvider('othersTapes')]
    public function tapes_of_another_writer_have_their_true_figures(string $file): void
    {
        $true = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/tapes/figures.json'), true)[$file];
        $figures = PatternFigures::of(self::fixture($file), HouseRules::of()->measuring());

        self::assertSame($true['stitches'], $figures->counts->stitches);
        self::assertSame($true['jumps'], $figures->counts->jumps);
        self::assertSame($true['trims'], $figures->counts->trims);
        self::assertSame($true['colour_changes'], $figures->counts->changes);
        self::assertCount(count($true['blocks']), $figures->blocks);
        foreach ($true['blocks'] as $i => $block) {
            self::assertSame($block['stitches'], $figures->blocks[$i]->stitches);
            self::assertSame($block['trims'], $figures->blocks[$i]->trims);
            self::assertEqualsWithDelta($block['length_mm'], $figures->blocks[$i]->lengthMm, 0.05);
        }
        self::assertEqualsWithDelta(
            array_values($true['bounds_mm']),
            [$figures->bounds->left, $figures->bounds->right, $figures->bounds->bottom, $figures->bounds->top],
            1e-9,
        );
    }

    #[Test]
    #[DataProvider('othersTapes')]
    public function what_was_read_is_the_same_after_writing_and_reading_again(string $file): void
    {
        $pattern = self::fixture($file);

        self::assertTrue($pattern->sewsLike((new TapeReader())->fromString((new TapeWriter())->toString($pattern))));
    }

    #[Test]
    public function a_random_walk_survives_writing_and_reading(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 30; $round++) {
            $builder = new PatternBuilder("WALK {$round}");
            [$x, $y] = [0, 0];
            for ($i = 0; $i < 300; $i++) {
                [$x, $y] = [$x + mt_rand(-121, 121), $y + mt_rand(-121, 121)];
                match (mt_rand(0, 9)) {
                    0 => $builder->jumpTo($x, $y),
                    1 => $builder->stop()->stitchTo($x, $y),
                    default => $builder->stitchTo($x, $y),
                };
            }
            $read = (new TapeReader())->fromString((new TapeWriter())->toString($builder->pattern()));
            self::assertTrue($builder->pattern()->sewsLike($read));
            self::assertSame("WALK {$round}", $read->name);
            self::assertNotContains(
                FindingCode::HeaderWrong,
                self::codes($read),
                'the writer fills the header truthfully',
            );
        }
    }

    #[Test]
    public function a_move_beyond_one_record_is_split_and_ends_where_it_should(): void
    {
        $pattern = (new PatternBuilder('LONG'))
            ->stitchTo(10, 0)
            ->jumpTo(400, -250)
            ->stitchTo(400, 0)
            ->pattern();
        $read = self::records((new TapeReader())->fromString((new TapeWriter())->toString($pattern)));

        // 390 by 250 takes four jumps, 250 upwards three stitches.
        self::assertCount(1 + 4 + 3, $read);
        self::assertSame([400, -250, RecordKind::Jump], $read[4]);
        self::assertSame([400, 0, RecordKind::Stitch], $read[7]);
    }

    /** @return iterable<string, array{string, list<FindingCode>}> */
    public static function oddities(): iterable
    {
        $sewn = self::RIGHT_1.self::UP_9;
        yield 'none' => [self::header('ST:      2', 'CO:  0').$sewn.self::END, []];
        yield 'no end record' => [self::header('ST:      2').$sewn, [FindingCode::NoEndRecord]];
        yield 'bytes after the end' => [
            self::header().$sewn.self::END.'left over',
            [FindingCode::BytesAfterEnd],
        ];
        yield 'half a record after the end' => [
            self::header().$sewn.self::END."\x00",
            [FindingCode::BytesAfterEnd],
        ];
        yield 'blank header' => [str_repeat(' ', 512).$sewn.self::END, [FindingCode::HeaderBlank]];
        yield 'header that lies about its count' => [
            self::header('ST:     99').$sewn.self::END,
            [FindingCode::HeaderWrong],
        ];
        yield 'header that lies about its size' => [
            self::header('ST:      2', '+X:  900').$sewn.self::END,
            [FindingCode::HeaderWrong],
        ];
        yield 'labels in lower case' => [
            self::header('st:      2').$sewn.self::END,
            [FindingCode::LabelsLowerCase],
        ];
        yield 'a stop just before the end' => [
            self::header().$sewn."\x00\x00\xC3".self::END,
            [FindingCode::StopBeforeEnd],
        ];
        yield 'jumps before the first stitch' => [
            self::header()."\x01\x00\x83".$sewn.self::END,
            [FindingCode::JumpsBeforeFirst],
        ];
        yield 'a record without its two bits' => [
            self::header().str_repeat($sewn, 9)."\x01\x00\x00".self::END,
            [FindingCode::OddBits],
        ];
    }

    /** @param list<FindingCode> $codes */
    #[Test]
    #[DataProvider('oddities')]
    public function what_can_be_read_is_read_and_its_oddity_listed(string $tape, array $codes): void
    {
        self::assertSame($codes, self::codes((new TapeReader())->fromString($tape)));
    }

    #[Test]
    public function a_stop_just_before_the_end_is_no_colour_change(): void
    {
        $figures = PatternFigures::of(
            (new TapeReader())->fromString(
                self::header().self::RIGHT_1."\x00\x00\xC3".self::UP_9."\x00\x00\xC3".self::END,
            ),
            HouseRules::of()->measuring(),
        );

        self::assertSame(1, $figures->counts->changes);
        self::assertCount(2, $figures->blocks);
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function noTapes(): iterable
    {
        yield 'empty' => ['', 0, 'ends after 0 of the 512 bytes'];
        yield 'shorter than the header' => [str_repeat(' ', 511), 511, 'ends after 511 of the 512 bytes'];
        yield 'half a record and no end' => [
            self::header().self::RIGHT_1."\x01\x00",
            515,
            'breaks off 2 bytes into a record',
        ];
        yield 'nothing but the header' => [self::header(), 512, 'no stitches'];
        yield 'jumps only' => [self::header()."\x01\x00\x83".self::END, 512, 'no stitches'];
        yield 'a page of text' => [
            str_repeat('All work is sewn by hand and by lamp. ', 60),
            512,
            'lack the two bits',
        ];
    }

    #[Test]
    #[DataProvider('noTapes')]
    public function what_is_no_tape_is_refused_with_offset_and_reason(
        string $bytes,
        int $offset,
        string $reason,
    ): void {
        // Only a length that leaves whole records can come as far as its bits.
        $bytes = str_contains($reason, 'bits') ? substr($bytes, 0, 512 + 3 * 300) : $bytes;
        try {
            (new TapeReader())->fromString($bytes);
            self::fail('it was read');
        } catch (NotATape $e) {
            self::assertSame($offset, $e->offset);
            self::assertStringContainsString($reason, Said::of($e->text));
            self::assertStringContainsString("byte {$offset}", Said::of($e->text));
        }
    }

    private static function header(string ...$fields): string
    {
        return str_pad(implode("\r", ['LA:BY HAND         ', ...$fields])."\r\x1a", 512);
    }

    private static function fixture(string $file): Pattern
    {
        $stream = fopen(__DIR__."/../../fixtures/tapes/{$file}", 'rb');
        self::assertNotFalse($stream);

        return (new TapeReader())->fromStream($stream);
    }

    /** @return list<array{int, int, RecordKind}> */
    private static function records(Pattern $pattern): array
    {
        $records = [];
        foreach ($pattern->chunks() as $chunk) {
            foreach ($chunk->kinds as $i => $kind) {
                $records[] = [$chunk->xs[$i], $chunk->ys[$i], RecordKind::from($kind)];
            }
        }

        return $records;
    }

    /** @return list<FindingCode> */
    private static function codes(Pattern $pattern): array
    {
        return array_map(static fn(Finding $finding): FindingCode => $finding->code, $pattern->findings);
    }
}
