<?php

declare(strict_types=1);

namespace Tests\Core\Garment;

use Hakama\Garment\Size;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SizeTest extends TestCase
{
    /**
     * @param array<string, int> $sizes
     * @param array<string, int> $shared
     */
    #[Test]
    #[TestWith([['S' => 2, 'M' => 5, 'L' => 4], 11, ['S' => 2, 'M' => 5, 'L' => 4]])]
    #[TestWith([['S' => 2, 'M' => 5, 'L' => 4], 22, ['S' => 4, 'M' => 10, 'L' => 8]])]
    // By hand: 10/11 of 2, 5 and 4 are 1 and 9, 4 and 6, 3 and 7 elevenths; two are left, for the largest: S and L.
    #[TestWith([['S' => 2, 'M' => 5, 'L' => 4], 10, ['S' => 2, 'M' => 4, 'L' => 4]])]
    #[TestWith([['one' => 16], 3, ['one' => 3]])]
    #[TestWith([['S' => 1, 'M' => 1], 1, ['S' => 1]])]
    public function garments_are_shared_out_in_the_sizes_of_the_others(array $sizes, int $pieces, array $shared): void
    {
        self::assertSame($shared, Size::shared($sizes, $pieces));
    }
}
