<?php

declare(strict_types=1);

namespace Tests\Core\Artwork;

use Hakama\Artwork\OnCloth;
use Hakama\Thread\Colour;
use Hakama\Thread\ThreadSpec;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class OnClothTest extends TestCase
{
    #[Test]
    public function a_thread_near_to_its_cloth_hardly_shows(): void
    {
        $thread = static fn(string $code, string $hex): ThreadSpec => new ThreadSpec($code, Colour::ofHex($hex), 40);
        // White on black differ by a hundred, a colour from itself by nothing.
        $on = OnCloth::of(
            [$thread('W', '#ffffff'), $thread('B', '#000000'), null, $thread('N', '#05050a')],
            Colour::ofHex('#000000'),
            12.0,
        );
        self::assertEqualsWithDelta(100.0, $on->apart[0], 0.01);
        self::assertSame(0.0, $on->apart[1]);
        self::assertNull($on->apart[2]);
        self::assertSame([2, 4], $on->hidden);
        self::assertSame([], OnCloth::of([$thread('B', '#000000')], Colour::ofHex('#ffffff'), 12.0)->hidden);
    }
}
