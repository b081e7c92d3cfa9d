<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use Hakama\Floor\Act;
use Hakama\Floor\Acts;
use Hakama\Floor\FramesNow;
use Hakama\Floor\HandTimes;
use Hakama\Floor\MachineNow;
use Hakama\Floor\Shares;
use Hakama\Floor\Stage;
use Hakama\House\HouseRules;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Simulator\Day;
use Tests\Support\Said;

/** What hands are wanted for, and who does it. */
final class ActsTest extends TestCase
{
    #[Test]
    public function once_a_batch_is_hooped_out_the_next_one_is_made_ready(): void
    {
        $now = static fn(int $ahead, int $waiting): MachineNow => new MachineNow(
            'M1',
            Stage::Sewing,
            null,
            600.0,
            new FramesNow($ahead, 1, $waiting, 3, 90.0),
            0.0,
            'for B-112: fetch D-03, cut 12 of mesh',
            240.0,
        );
        $acts = static fn(MachineNow $of): array => array_map(
            static fn(Act $act): array => [Said::of($act->what), $act->slackS],
            Acts::of([$of], self::times()),
        );
        self::assertSame([['hoop one more', 510.0]], $acts($now(0, 4)));
        self::assertSame([], $acts($now(1, 4)), 'three more are to be hooped, but the next load is');
        self::assertSame([['for B-112: fetch D-03, cut 12 of mesh', 360.0]], $acts($now(1, 1)));
        self::assertSame([['for B-112: fetch D-03, cut 12 of mesh', 360.0]], $acts($now(0, 0)));
    }

    #[Test]
    public function each_act_falls_to_whoever_is_free_first_and_of_two_to_who_stands_there(): void
    {
        $act = static fn(string $machine, float $takesS): Act => new Act($machine, 'do it', true, 0.0, '', $takesS);
        $shares = static fn(array $acts, array $people, array $stands): array => array_map(
            static fn(array $of): array => array_map(static fn(Act $act): string => $act->machine, $of),
            Shares::of($acts, $people, $stands),
        );
        // Odo stands at M2: M1 is for Ilse. She is busy for 90 s there, he for 40: the third is his.
        self::assertSame(
            ['Ilse' => ['M1'], 'Odo' => ['M2', 'M3']],
            $shares([$act('M1', 90), $act('M2', 40), $act('M3', 60)], ['Ilse', 'Odo'], ['Ilse' => 'M1', 'Odo' => 'M2']),
        );
        // Nobody stands anywhere yet: in the order of the names.
        self::assertSame(
            ['Ilse' => ['M1'], 'Odo' => ['M2']],
            $shares([$act('M1', 90), $act('M2', 40)], ['Ilse', 'Odo'], []),
        );
        self::assertSame(['Odo' => []], $shares([], ['Odo'], []));
        // One who is at it for long has no more until the other has done as much.
        self::assertSame(
            ['Ilse' => ['M1'], 'Odo' => ['M2', 'M2', 'M2']],
            $shares(
                [$act('M1', 300), $act('M2', 90), $act('M2', 90), $act('M2', 90)],
                ['Ilse', 'Odo'],
                ['Odo' => 'M2'],
            ),
        );
    }

    #[Test]
    public function hands_that_follow_the_list_let_machines_stand_less_than_first_come_first_served(): void
    {
        $list = $first = 0.0;
        $worse = 0;
        for ($seed = 1; $seed <= 40; $seed++) {
            mt_srand($seed);
            $day = Day::byChance(3, self::times());
            $by = [$day->stoodMin(2, 4 * 3600, true), $day->stoodMin(2, 4 * 3600, false)];
            $list += $by[0];
            $first += $by[1];
            $worse += $by[0] > 1.1 * $by[1] ? 1 : 0;
        }
        self::assertGreaterThan(0.0, $list, 'breaks and swaps cannot be helped');
        self::assertLessThan($first, $list);
        self::assertLessThanOrEqual(4, $worse, 'now and then chance is on the other side');
    }

    #[Test]
    public function with_a_hand_for_every_machine_it_stands_for_swaps_and_breaks_alone(): void
    {
        // Ten pieces of 300 s, hooped in 60: the first one is hooped while it stands, then a swap of 40 s each.
        $day = new Day([['sewS' => 300.0, 'hoopS' => 60.0, 'pieces' => 10, 'breakS' => [1e9]]], self::times());
        self::assertEqualsWithDelta((60 + 10 * 40) / 60, $day->stoodMin(1, 8 * 3600, true), 1.0);
        // With a break each 500 s of sewing, six in 3000 s, at 90 s each.
        $day = new Day([['sewS' => 300.0, 'hoopS' => 60.0, 'pieces' => 10, 'breakS' => [500.0]]], self::times());
        self::assertEqualsWithDelta((60 + 10 * 40 + 5 * 90) / 60, $day->stoodMin(1, 8 * 3600, true), 1.5);
    }

    private static function times(): HandTimes
    {
        return HandTimes::of(HouseRules::of());
    }
}
