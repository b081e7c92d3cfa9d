<?php

declare(strict_types=1);

namespace Tests\Core\Floor\Care;

use Hakama\Floor\Care\CareDue;
use Hakama\Floor\Care\CareTask;
use Hakama\Floor\Care\NeedleWear;
use Hakama\House\HouseRules;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** When needles, hook and tension want a hand. */
final class CareTest extends TestCase
{
    #[Test]
    public function a_run_wears_the_needle_that_holds_the_thread_of_each_block(): void
    {
        // Blocks 1 and 3 in red, 2 in blue, 4 in a thread that is on no needle; red is on needles 2 and 5.
        self::assertSame(
            [1 => 300, 2 => 1_700],
            NeedleWear::of(
                [1 => 1_000, 2 => 300, 3 => 700, 4 => 50],
                [1 => 'red', 2 => 'blue', 3 => 'red', 4 => 'gold'],
                [1 => 'blue', 2 => 'red', 3 => null, 5 => 'red'],
            ),
        );
        // Of a hooping that sews only the second block.
        self::assertSame([1 => 300], NeedleWear::of([2 => 300], [1 => 'red', 2 => 'blue'], [1 => 'blue', 2 => 'red']));
    }

    #[Test]
    public function what_is_nearest_comes_first_and_is_due_at_its_number(): void
    {
        $rules = HouseRules::of([
            'needle_changed_after_stitches' => 400_000.0,
            'hook_oiled_after_stitches' => 150_000.0,
            'tension_tried_after_days' => 7.0,
        ]);
        $all = CareDue::of($rules, [1 => 399_999, 2 => 400_001, 3 => 0], 75_000, 7);
        self::assertSame(
            [
                ['needle', 2, true],
                ['tension', null, true],
                ['needle', 1, false],
                ['oil', null, false],
                ['needle', 3, false],
            ],
            self::told($all),
        );
        self::assertSame(0.5, $all[3]->share());
        // What nobody has noted is due; a day less is not.
        self::assertTrue(self::tension(CareDue::of($rules, [], 0, null))->isDue());
        self::assertFalse(self::tension(CareDue::of($rules, [], 0, 6))->isDue());
    }

    #[Test]
    public function it_becomes_due_during_the_batch_that_reaches_its_number(): void
    {
        $rules = HouseRules::of(['hook_oiled_after_stitches' => 150_000.0]);
        $oil = static fn(int $since): CareDue => array_values(
            array_filter(
                CareDue::of($rules, [], $since, 0),
                static fn(CareDue $one): bool => $one->task === CareTask::Oil,
            ),
        )[0];
        // 100 000 are sewn: 30 000 more are too few, with 20 000 behind them it is just reached.
        $ahead = ['B-1' => 30_000, 'B-2' => 20_000, 'B-3' => 90_000];
        self::assertSame('B-2', $oil(100_000)->during($ahead));
        self::assertSame('B-1', $oil(120_000)->during($ahead));
        self::assertSame('B-3', $oil(99_999)->during($ahead));
        self::assertNull($oil(9_999)->during($ahead), 'it lasts beyond them');
        self::assertNull($oil(150_000)->during($ahead), 'it is due already');
        self::assertNull(self::tension(CareDue::of($rules, [], 0, 1))->during($ahead), 'days are not sewn');
    }

    /** @param list<CareDue> $all */
    private static function tension(array $all): CareDue
    {
        return array_values(array_filter($all, static fn(CareDue $one): bool => $one->isDays))[0];
    }

    /**
     * @param list<CareDue> $all
     *
     * @return list<array{string, int|null, bool}>
     */
    private static function told(array $all): array
    {
        return array_map(static fn(CareDue $one): array => [$one->task->value, $one->needle, $one->isDue()], $all);
    }
}
