<?php

declare(strict_types=1);

namespace Tests\Core\Lettering;

use Hakama\Lettering\Alphabet;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\StitchReader;

/** What is sewn can be read: by a reader that was not made from the same outlines. */
#[Group('slow')]
final class ReadableTest extends TestCase
{
    private const LEAST = 0.97;

    /** Every letter beside others, in no order that a word would give away: each four times, in rows of up to seven. */
    private const CAPITALS = [
        'JLYMFAI', 'ZKGPVDQ', 'NUBRT', 'XOWECHS', 'FMWXVOK', 'CTRNULY', 'GIZBJAP', 'EDHSQ', 'YZENHRP', 'QUVKSAG',
        'WMLTJ', 'DCFIBXO', 'VYKEXRJ', 'OTCSLBQ', 'AMIUW', 'PGHZDNF',
    ];

    /** In script nobody writes letters beside each other that do not belong there. */
    private const WORDS = [
        'quick brown fox jumps', 'over the lazy dog', 'pack my box with five', 'dozen liquor jugs',
        'sphinx of black quartz', 'judge my vow', 'Harbour Choir Lantern', 'Ferry Crew Night Bakery',
        'Ivy Quentin Uma Jim', 'Wendy Xavier Olga', 'Vera Karl Peter Sam',
    ];

    protected function setUp(): void
    {
        if (! StitchReader::isThere()) {
            self::markTestSkipped('there is nothing here that reads printed text');
        }
    }

    /** @param list<float> $heights */
    #[Test]
    #[TestWith([Alphabet::Block, [6.0, 8.0, 12.0, 20.0]])]
    #[TestWith([Alphabet::Rounded, [6.0, 8.0, 12.0, 20.0]])]
    #[TestWith([Alphabet::Small, [4.0, 5.0, 6.0, 8.0]])]
    public function letters_are_read_at_every_height_they_are_sewn_in(Alphabet $alphabet, array $heights): void
    {
        $small = array_map(strtolower(...), self::CAPITALS);
        $this->assertRead($alphabet, $heights, [self::CAPITALS, $small]);
    }

    #[Test]
    public function script_is_read_its_capitals_alone_and_its_small_letters_in_words(): void
    {
        $apart = array_map(static fn(string $row): string => implode(' ', str_split($row)), self::CAPITALS);
        $this->assertRead(Alphabet::Script, [8.0, 12.0, 20.0], [$apart, self::WORDS]);
    }

    #[Test]
    #[TestWith([Alphabet::Block])]
    #[TestWith([Alphabet::Rounded])]
    public function figures_are_read(Alphabet $alphabet): void
    {
        $this->assertRead($alphabet, [8.0, 12.0], [['2946538', '7253864', '8439675', '6582347', '9372684', '5647293']]);
    }

    /**
     * @param list<float>        $heights
     * @param list<list<string>> $pages
     */
    private function assertRead(Alphabet $alphabet, array $heights, array $pages): void
    {
        [$right, $letters, $wrong] = [0, 0, []];
        foreach ($heights as $height) {
            foreach ($pages as $lines) {
                $score = StitchReader::score($lines, $alphabet, $height);
                $right += $score[0];
                $letters += $score[1];
                array_push($wrong, ...array_map(static fn(string $one): string => "{$one} ({$height} mm)", $score[2]));
            }
        }
        self::assertGreaterThanOrEqual(
            self::LEAST,
            $right / $letters,
            sprintf("%s: %d of %d read\n%s", $alphabet->value, $right, $letters, implode("\n", $wrong)),
        );
    }
}
