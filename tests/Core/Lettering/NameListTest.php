<?php

declare(strict_types=1);

namespace Tests\Core\Lettering;

use Hakama\Lettering\NameList;
use Hakama\Lettering\UnfitText;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class NameListTest extends TestCase
{
    private const SIZES = ['S', 'M', 'L', 'one'];

    #[Test]
    public function lists_are_read_as_people_write_them(): void
    {
        $list = NameList::read("Name;Size\r\n\"Marlies\";M\n\n  L,  Jón Þór \nBo\tm\nde Vries, Ada\n", self::SIZES);
        self::assertSame([['Marlies', 'M'], ['Jón Þór', 'L'], ['Bo', 'M'], ['de Vries, Ada', null]], $list->names);
        // One word that is a size is a text all the same: somebody may be called so.
        self::assertSame([['L', null]], NameList::read('L', self::SIZES)->names);
        self::assertSame([], NameList::read(" \n;;\n", self::SIZES)->names);
    }

    #[Test]
    public function a_text_goes_to_a_piece_of_its_size(): void
    {
        $pieces = [11 => 'S', 12 => 'M', 13 => 'M', 14 => 'L'];
        self::assertSame(
            [11 => 'Di', 12 => 'Ann', 13 => 'Ben', 14 => 'Cem'],
            NameList::read("Ann;M\nCem;L\nBen;M\nDi;S", self::SIZES)->paired($pieces),
        );
        // Without sizes they go by the order of the pieces, with some of them to what is left.
        self::assertSame(
            [11 => 'Ann', 12 => 'Ben', 13 => 'Cem', 14 => 'Di'],
            NameList::read("Ann\nBen\nCem\nDi", self::SIZES)->paired($pieces),
        );
        self::assertSame(
            [11 => 'Ann', 12 => 'Di', 13 => 'Ben', 14 => 'Cem'],
            NameList::read("Ann\nDi;M\nBen\nCem", self::SIZES)->paired($pieces),
        );
    }

    #[Test]
    public function no_piece_is_lost_and_none_has_two(): void
    {
        mt_srand(14);
        for ($round = 0; $round < 300; $round++) {
            $pieces = $lines = [];
            for ($id = 1, $n = mt_rand(1, 40); $id <= $n; $id++) {
                $pieces[100 + $id] = self::SIZES[mt_rand(0, 3)];
                $lines[] = "T{$id}".(mt_rand(0, 1) === 1 ? ';'.$pieces[100 + $id] : '');
            }
            shuffle($lines);
            $paired = NameList::read(implode("\n", $lines), self::SIZES)->paired($pieces);
            self::assertSame(array_keys($pieces), array_keys($paired));
            self::assertCount(count($pieces), array_unique($paired));
            foreach ($lines as $line) {
                [$text, $size] = [...explode(';', $line), null];
                if ($size !== null) {
                    self::assertSame($size, $pieces[array_search($text, $paired, true)]);
                }
            }
        }
    }

    #[Test]
    public function too_many_and_too_few_are_said_by_size(): void
    {
        $pieces = [1 => 'S', 2 => 'M', 3 => 'M'];
        foreach (
            [
                "A;S\nB;M" => '2 texts for 3 pieces: one text a piece, still without: 1 of M',
                "A;S\nB;S\nC;M\nD;M" => '1 more text for size S than there are pieces of it',
                "A\nB\nC\nD" => '4 texts for 3 pieces',
            ] as $typed => $says
        ) {
            try {
                NameList::read($typed, self::SIZES)->paired($pieces);
                self::fail($typed);
            } catch (UnfitText $e) {
                self::assertStringContainsString($says, Said::of($e->text));
            }
        }
    }
}
