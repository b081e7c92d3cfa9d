<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Setup\Trial;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

/** What is sewn on scrap before the first garment, and how long that keeps a machine. */
final class TrialTest extends TestCase
{
    #[Test]
    public function cloth_that_is_new_here_is_practised_and_a_new_artwork_is_sewn_out_once(): void
    {
        $wanted = static fn(bool $practised, bool $sewnOut): ?Trial => Trial::wanted(
            $practised,
            $sewnOut,
            3,
            180,
            400,
            90,
        );
        self::assertNull($wanted(true, true));
        // 3 min to load, then 490 s a piece: 670 s are 12 minutes begun, 1 650 s are 28.
        $sewOut = $wanted(true, false);
        self::assertSame(
            [false, 1, 12, 'sew-out for B-7'],
            [$sewOut?->isPractice, $sewOut?->pieces, $sewOut?->minutes, Said::of($sewOut?->words('B-7'))],
        );
        foreach ([true, false] as $sewnOut) {
            $practice = $wanted(false, $sewnOut);
            self::assertSame(
                [true, 3, 28, 'practice on scrap for B-7'],
                [$practice?->isPractice, $practice?->pieces, $practice?->minutes, Said::of($practice?->words('B-7'))],
            );
        }
    }
}
