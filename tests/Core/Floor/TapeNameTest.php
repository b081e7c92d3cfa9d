<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\Folder\FolderFile;
use Hakama\Floor\Folder\TapeName;
use Hakama\Stitch\Bounds;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class TapeNameTest extends TestCase
{
    /** Five bits a letter, by hand: 1000 0000 0000 000 is 16, 0, 0. */
    #[Test]
    public function it_is_eight_letters_of_place_batch_and_content(): void
    {
        self::assertSame('01106000.DST', TapeName::of(1, 'B-106', str_repeat('0', 64)));
        self::assertSame('99012ZZZ.DST', TapeName::of(99, 'B-12', str_repeat('f', 64)));
        self::assertSame('07234G00.DST', TapeName::of(7, 'B-10234', '8'.str_repeat('0', 63)));
    }

    /** 0000 0000 0000 000|0 1000 …: the first fifteen bits are those of nought; five further on they are 0, 0, 16. */
    #[Test]
    public function what_was_changed_has_no_name_that_one_before_it_had(): void
    {
        $nought = str_repeat('0', 64);
        $like = '00000'.str_repeat('8', 59);
        self::assertSame('01106000.DST', TapeName::of(1, 'B-106', $like));
        // 0000 0000 0000 0000 0000 1000 1000 …: from bit 5 nought again, from bit 10: 00000 00000 10001 is 0, 0, 17.
        self::assertSame('0110600H.DST', TapeName::of(1, 'B-106', $like, [$nought]));
        // The old file again is what it was: its own earlier place among those before it takes nothing away.
        self::assertSame('01106000.DST', TapeName::of(1, 'B-106', $nought, [$nought]));

        $seen = [];
        $before = [];
        for ($i = 0; $i < 400; $i++) {
            // Only four bits of the first fifteen differ: by chance alone sixteen of them would be alike.
            $checksum = '000'.substr(hash('sha256', (string) $i), 0, 61);
            $name = TapeName::of(1, 'B-106', $checksum, $before);
            self::assertNotContains($name, $seen);
            self::assertMatchesRegularExpression('/^[0-9A-Z]{8}\.DST$/', $name);
            $seen[] = $name;
            $before[] = $checksum;
        }
    }

    #[Test]
    public function a_file_says_what_is_set_at_the_panel(): void
    {
        $file = new FolderFile(
            '01106000.DST',
            'B-106',
            'Lantern',
            '',
            'polo',
            'left chest',
            12,
            str_repeat('0', 64),
            3512,
            1000,
            'R-15',
            180,
            750,
            new Bounds(-10.0, 40.0, -5.0, 25.0),
            [['needle' => 10, 'thread' => 'T-204'], ['needle' => 3, 'thread' => 'T-118']],
            [400],
        );
        self::assertSame('10-3', $file->program());
        $facts = $file->facts();
        self::assertSame([15.0, 10.0], $facts['centre_mm']);
        self::assertSame([50.0, 30.0], [$facts['width_mm'], $facts['height_mm']]);
        self::assertSame(['block' => 2, 'needle' => 3, 'thread' => 'T-118'], $facts['needles'][1]);
    }
}
