<?php

declare(strict_types=1);

namespace Tests\Core\Stitch;

use Hakama\Stitch\Band;
use Hakama\Stitch\PatternBuilder;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class BandTest extends TestCase
{
    #[Test]
    public function a_design_falls_into_the_bands_between_which_nothing_is_sewn(): void
    {
        // Two satin bars, sewn in stitches 8 mm high: 0 to 8 mm and 20 to 28 mm; a jump lies between.
        $builder = new PatternBuilder('BARS');
        foreach ([0, 200] as $bottom) {
            $builder->trimTo(0, $bottom);
            for ($i = 1; $i <= 12; $i++) {
                $builder->stitchTo(4 * $i, $bottom + ($i % 2 === 0 ? 0 : 80));
            }
        }
        $pattern = $builder->pattern();

        self::assertEquals([new Band(0.0, 8.0), new Band(20.0, 28.0)], Band::of($pattern, 3.0));
        self::assertEquals([new Band(0.0, 28.0)], Band::of($pattern, 12.5), 'a smaller gap is none');
        self::assertEquals(
            [new Band(0.0, 8.0), new Band(20.0, 28.0)],
            Band::of($pattern, 12.0),
            'exactly the gap is one',
        );
        self::assertSame([], Band::of((new PatternBuilder('NOTHING'))->pattern(), 3.0));
    }
}
