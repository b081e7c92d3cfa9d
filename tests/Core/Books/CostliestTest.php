<?php

declare(strict_types=1);

namespace Tests\Core\Books;

use Hakama\Books\Costliest;
use Hakama\Books\Entry;
use Hakama\Books\MachineUse;
use Hakama\Floor\EventKind;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class CostliestTest extends TestCase
{
    #[Test]
    public function the_three_dearest_things_are_added_up_and_put_in_order(): void
    {
        $entries = [
            new Entry('2026-03-02', 'M1', 'A1', 0, 10, ['puckering' => 2], 3600, 5400),
            new Entry('2026-03-03', 'M1', 'A1', 0, 10, ['puckering' => 1, 'cloth_cut' => 1], 3600, 3600),
            new Entry('2026-03-03', 'M2', 'A2', 0, 10, ['cloth_cut' => 1], 7200, 3600),
        ];
        // An hour of changing: from the last piece to the next preflight.
        $hours = [
            'M1' => MachineUse::of(
                [[0, EventKind::LoadStarted], [60, EventKind::Sewn], [3660, EventKind::PreflightDone]],
                [[0, 7200]],
                7200,
            ),
        ];

        self::assertSame(
            [
                // Three at 20.00, then the hour at 18.00 and 24.00, then 20.00 and 5.00.
                ['Spoiled: puckered', 6000],
                ['Changeovers on M1', 4200],
                ['Spoiled: cloth cut', 2500],
            ],
            array_map(
                static fn(array $one): array => [Said::of($one[0]), $one[1]],
                Costliest::of($entries, $hours, ['A1' => 2000, 'A2' => 500], 1800, 2400),
            ),
        );
        // Half an hour slower on M1 is 9.00; what went faster costs nothing.
        self::assertSame([['Sewn slower than planned on M1', 900]], array_map(
            static fn(array $one): array => [Said::of($one[0]), $one[1]],
            Costliest::of($entries, [], [], 1800, 2400),
        ));
        self::assertSame([], Costliest::of([], [], [], 1800, 2400));
    }
}
