<?php

declare(strict_types=1);

namespace Tests\Core\Needles;

use Hakama\Machine\NeedleType;
use Hakama\Needles\BatchNeedles;
use Hakama\Needles\Fittings;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class FittingsTest extends TestCase
{
    #[Test]
    public function a_needle_is_exchanged_only_where_a_batch_uses_it_and_finds_another(): void
    {
        [$sharp, $ball, $fine] = [
            new NeedleType('75/11', 'sharp'),
            new NeedleType('75/11', 'ballpoint'),
            NeedleType::forThread(60),
        ];
        // The first batch sews on 1, 2, 1; the second on 2 and 3; the third on 1, which is as the first left it.
        $fittings = Fittings::of(
            [1 => $sharp, 2 => $sharp, 3 => $fine, 4 => $ball],
            [
                new BatchNeedles('a', [], [1, 2, 1]),
                new BatchNeedles('b', [], [2, 3]),
                new BatchNeedles('c', [], [1, 5]),
            ],
            ['a' => [$ball, $ball, $ball], 'b' => [$sharp, $fine], 'c' => [$ball, $sharp]],
        );

        self::assertSame(['a' => [1 => $ball, 2 => $ball], 'b' => [2 => $sharp], 'c' => [5 => $sharp]], $fittings);
    }

    #[Test]
    public function fine_thread_keeps_its_needle_whatever_the_cloth_wants(): void
    {
        $thick = new NeedleType('80/12', 'sharp');

        self::assertSame('80/12 sharp', $thick->withThread(40)->code());
        self::assertSame('65/9 sharp', $thick->withThread(60)->code());
        // A design of fine thread throughout has the fine needle from its setup; one block of usual thread does not.
        self::assertSame('65/9 sharp', NeedleType::forThread(60)->withThread(60)->code());
        self::assertSame('75/11 sharp', NeedleType::forThread(60)->withThread(40)->code());
        self::assertSame(['65/9', '75/11'], [NeedleType::forThread(60)->rackSize(), $thick->rackSize()]);
        self::assertSame('75/11 ballpoint', NeedleType::read('75/11 ballpoint')->code());
    }
}
