<?php

declare(strict_types=1);

namespace Tests\Core\Books;

use Hakama\Books\MachineUse;
use Hakama\Floor\EventKind as K;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class MachineUseTest extends TestCase
{
    private const HOUR = 3600;

    /** Eight to twelve and one to five; all times in minutes after eight. */
    #[Test]
    public function a_day_is_shared_out_minute_by_minute(): void
    {
        $use = self::use([
            [10, K::PreflightDone],
            [15, K::LoadStarted],
            [20, K::PieceHooped],
            [25, K::ThreadBroke],
            [28, K::Resumed],
            [40, K::Sewn],
            [42, K::PieceDone],
            [44, K::LoadStarted],
            [60, K::Sewn],
            [61, K::PieceDone],
            [80, K::PreflightDone],
            // Sews on over noon.
            [90, K::LoadStarted],
            [250, K::Sewn],
        ]);

        self::assertSame(
            [
                'sewing' => (10 + 12 + 16 + 160) * 60,
                'stopped' => 3 * 60,
                // Until the first load, between two of them, and until the first of the next batch.
                'hands' => (5 + 4 + 10) * 60,
                'changing' => 20 * 60,
                // 480 minutes, less 82 that are told of before half past nine and 150 of the sewing in working hours.
                'idle' => (480 - 5 - 10 - 3 - 12 - 4 - 16 - 20 - 10 - 150) * 60,
            ],
            get_object_vars($use),
        );
    }

    #[Test]
    public function what_stands_long_or_says_nothing_is_idle(): void
    {
        // Sewn, and counted two hours later; and nothing at all.
        $use = self::use([
            [0, K::LoadStarted],
            [10, K::Sewn],
            [130, K::PieceDone],
            [131, K::LoadStarted],
            [141, K::Sewn],
        ]);
        self::assertSame([20 * 60, 0, 460 * 60], [$use->sewing, $use->hands, $use->idle]);
        self::assertSame(
            ['sewing' => 0, 'stopped' => 0, 'hands' => 0, 'changing' => 0, 'idle' => 480 * 60],
            get_object_vars(self::use([])),
        );
        // Halted at the end of the day and taken up the next morning: the night is nobody's.
        $use = self::use(
            [[470, K::LoadStarted], [535, K::ThreadBroke], [1440 + 5, K::Resumed], [1440 + 15, K::Sewn]],
            days: 2,
        );
        self::assertSame([75 * 60, 10 * 60], [$use->sewing, $use->stopped]);
        self::assertSame((2 * 480 - 65 - 10 - 10) * 60, $use->idle);
    }

    /** @param list<array{int, K}> $events minutes after eight */
    private static function use(array $events, int $days = 1): MachineUse
    {
        $worked = [];
        for ($day = 0; $day < $days; $day++) {
            $from = $day * 24 * self::HOUR;
            array_push($worked, [$from, $from + 4 * self::HOUR], [$from + 5 * self::HOUR, $from + 9 * self::HOUR]);
        }

        return MachineUse::of(
            array_map(static fn(array $one): array => [$one[0] * 60, $one[1]], $events),
            $worked,
            45 * 60,
        );
    }
}
