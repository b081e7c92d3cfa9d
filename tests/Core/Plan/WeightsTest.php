<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Plan\Promise;
use Hakama\Plan\Weights;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WeightsTest extends TestCase
{
    /** Due at 16:00: eight hours of that day are left. Over an hour counts 30 more, another day 200, an event 480. */
    #[TestWith([0, false, 0.0])]
    #[TestWith([0, true, 0.0])]
    #[TestWith([1, false, 1.0])]
    #[TestWith([1, true, 481.0])]
    #[TestWith([60, false, 60.0])]
    #[TestWith([61, false, 91.0])]
    #[TestWith([479, false, 509.0])]
    #[TestWith([480, false, 710.0])]
    #[TestWith([480, true, 1190.0])]
    #[Test]
    public function lateness_counts_by_the_minute_and_in_steps(int $lateMin, bool $isEvent, float $counts): void
    {
        $weights = new Weights(10, 1, 0.01, hourMin: 30, dayMin: 200, eventMin: 480);
        $due = 3 * 86400 + 16 * 3600;
        self::assertSame($counts, $weights->lateMin(new Promise(0, $due, 1.0, $isEvent), 60 * $lateMin));
        self::assertSame(
            2.5 * $counts,
            $weights->lateMin(new Promise(0, $due, 2.5, $isEvent), 60 * $lateMin),
            'who counts more, counts more in all of it',
        );
        self::assertSame((float) $lateMin, (new Weights(10, 1, 0.01))->lateMin(new Promise(0, $due), 60 * $lateMin));
    }
}
