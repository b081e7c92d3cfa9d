<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\ClothSpec;
use Hakama\Garment\Fabric;
use Hakama\Garment\Garment;
use Hakama\Garment\Position;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Setup\Advice;
use Hakama\Setup\BlockAdvice;
use Hakama\Setup\Facts\Design;
use Hakama\Setup\Facts\Facts;
use Hakama\Setup\Facts\Item;
use Hakama\Setup\Facts\Letters;
use Hakama\Setup\Facts\OnMachine;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** Thread and needle by the block: small letters in one do not make the others fine. */
final class BlockAdviceTest extends TestCase
{
    #[Test]
    public function letters_in_one_block_make_that_one_fine_and_leave_the_others(): void
    {
        $advice = self::advice(Fabric::Canvas, new Letters(4.0, true));
        self::assertSame(['80/12 sharp', 40], [$advice->needle->code(), $advice->threadWeight]);
        self::assertSame(['80/12 sharp', 40], self::plain($advice->block(40, null)));
        self::assertSame(['65/9 sharp', 60], self::plain($advice->block(40, 4.0)));
        self::assertSame(
            ['80/12 sharp', 40],
            self::plain($advice->block(40, 8.0)),
            'letters of 8 mm are no small ones',
        );
        self::assertSame(['65/9 sharp', 60], self::plain($advice->block(60, null)), 'fine thread chosen already');
        // What is minded is minded for the design: its smallest letters stand in the warning all the same.
        self::assertContains('small_lettering', array_column($advice->warnings, 'code'));
    }

    #[Test]
    public function letters_that_nobody_has_found_the_block_of_may_be_in_any(): void
    {
        $advice = self::advice(Fabric::Canvas, new Letters(4.0));
        self::assertSame(['65/9 sharp', 60], [$advice->needle->code(), $advice->threadWeight]);
    }

    /** @return array{string, int} */
    private static function plain(BlockAdvice $block): array
    {
        return [$block->needle->code(), $block->threadWeight];
    }

    private static function advice(Fabric $fabric, Letters $letters): Advice
    {
        return Advice::of(
            new Facts(
                new Design(80, 40, 4000, 40, 3, $letters),
                new Item(Garment::Bag, Position::Centre, new ClothSpec($fabric)),
                new OnMachine([Driver::Flat]),
            ),
            HouseRules::of(),
        );
    }
}
