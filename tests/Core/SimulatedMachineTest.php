<?php

declare(strict_types=1);

namespace Tests\Core;

use Hakama\House\HouseRules;
use Hakama\Machine\SpeedCurve;
use Hakama\Machine\Timeline;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Simulator\Happening;
use Simulator\SimulatedMachine;

final class SimulatedMachineTest extends TestCase
{
    #[Test]
    public function it_sews_at_the_speed_that_is_set(): void
    {
        $machine = $this->loaded(breaks: 0);

        // 1.5 s to get up to speed, then 10 stitches a second at 600 a minute.
        self::assertSame(Happening::Nothing, $machine->sew(1.5 + 5.05));
        self::assertSame(50, $machine->stitch());
        self::assertSame(Happening::Sewn, $machine->sew(1000));
        self::assertSame(3000, $machine->stitch());
        self::assertEqualsWithDelta(1.5 + 300, $machine->clockS(), 0.01);
    }

    #[Test]
    public function its_thread_breaks_at_the_same_stitches_for_the_same_seed(): void
    {
        $stitches = array_map(
            function (): int {
                $machine = $this->loaded(breaks: 1);
                self::assertSame(Happening::ThreadBroke, $machine->sew(10_000));

                return $machine->stitch();
            },
            [1, 2],
        );

        self::assertSame($stitches[0], $stitches[1]);
        self::assertGreaterThan(0, $stitches[0]);
    }

    #[Test]
    public function standing_still_takes_time_but_sews_nothing_and_it_can_take_up_where_it_was_left(): void
    {
        $machine = $this->loaded(breaks: 0);
        $machine->sew(11.55);
        $machine->wait(60);
        self::assertSame(100, $machine->stitch());
        self::assertEqualsWithDelta(71.55, $machine->clockS(), 0.01);

        $other = new SimulatedMachine(0);
        $other->load(self::timeline(), 1, 1, stitch: $machine->stitch(), clockS: $machine->clockS());
        $other->sew(10.05);
        self::assertSame(200, $other->stitch());
        self::assertEqualsWithDelta(81.6, $other->clockS(), 0.01);
    }

    #[Test]
    public function it_stands_still_where_a_hand_is_wanted_and_does_not_halt_there_twice(): void
    {
        $machine = new SimulatedMachine(0);
        $machine->load(self::timeline(), 1, 1, halts: [120, 2000]);

        self::assertSame([Happening::HandStop, 120], [$machine->sew(10_000), $machine->stitch()]);
        $machine->wait(30);
        self::assertSame([Happening::HandStop, 2000], [$machine->sew(10_000), $machine->stitch()]);
        self::assertSame([Happening::Sewn, 3000], [$machine->sew(10_000), $machine->stitch()]);
        // 1.5 s to get up to speed, 300 s of sewing, and the half minute at the halt.
        self::assertEqualsWithDelta(331.5, $machine->clockS(), 0.01);

        // Switched off at a halt and on again, it goes on behind it.
        $other = new SimulatedMachine(0);
        $other->load(self::timeline(), 1, 1, stitch: 120, halts: [120, 2000]);
        self::assertSame([Happening::HandStop, 2000], [$other->sew(10_000), $other->stitch()]);
    }

    private static function timeline(): Timeline
    {
        return Timeline::of(self::pattern(), 600, SpeedCurve::usual(1000), HouseRules::of()->runTime(), 3);
    }

    private function loaded(float $breaks): SimulatedMachine
    {
        $machine = new SimulatedMachine($breaks);
        $machine->load(self::timeline(), 1, 42);

        return $machine;
    }

    private static function pattern(): Pattern
    {
        $builder = new PatternBuilder('LINE');
        for ($i = 1; $i <= 3000; $i++) {
            $builder->stitchTo(20 * ($i % 2), 0);
        }

        return $builder->pattern();
    }
}
