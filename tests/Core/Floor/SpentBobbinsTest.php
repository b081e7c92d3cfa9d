<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\EventKind;
use Hakama\Floor\SpentBobbins;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What bobbins had sewn when they ran out. */
final class SpentBobbinsTest extends TestCase
{
    #[Test]
    public function a_load_in_which_one_ran_out_counts_to_both_by_its_share(): void
    {
        $at = static fn(EventKind $kind, float $share = 0.0, int $machine = 1): array => [
            'machine' => $machine,
            'kind' => $kind,
            'share' => $share,
            'lengthMm' => 1000.0,
            'stitches' => 400,
        ];
        [$sewn, $out, $new] = [EventKind::Sewn, EventKind::BobbinRanOut, EventKind::BobbinChanged];
        // Nobody knows when the first was begun. The second: three quarters of a load, a whole one, half of one.
        self::assertSame(
            [[2250.0, 900.0]],
            SpentBobbins::of([$at($sewn), $at($out, 0.25), $at($sewn), $at($sewn), $at($out, 0.5), $at($sewn)]),
        );
        // One that is changed before it ran out tells nothing, and the next begins whole.
        self::assertSame(
            [[1100.0, 440.0]],
            SpentBobbins::of([$at($out, 0.9), $at($sewn), $at($new), $at($sewn), $at($out, 0.1)]),
        );
        // Machines do not mix.
        self::assertSame([], SpentBobbins::of([$at($out, 0.5), $at($sewn, machine: 2), $at($out, 0.5, 2)]));
        self::assertSame([], SpentBobbins::of([]));
    }
}
