<?php

declare(strict_types=1);

namespace Tests\Core\Setup;

use Hakama\Garment\Position;
use Hakama\House\HouseRules;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Hakama\Setup\Fit\CapFace;
use Hakama\Setup\Tube\Hooping;
use Hakama\Setup\Tube\Hoopings;
use Hakama\Setup\Tube\Motif;
use Hakama\Stitch\Band;
use Hakama\Stitch\Bounds;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Tests\Support\Said;

final class CapAndTubeTest extends TestCase
{
    #[Test]
    public function a_point_on_a_cap_sits_at_its_angle_and_is_seen_nearer_to_the_middle(): void
    {
        // 200π mm round: the radius is 100, and 50π/3 along the cloth is 30 degrees: seen at 100 · sin 30° = 50.
        $cap = CapFace::of(200 * M_PI, 90, 12, 57);

        self::assertEqualsWithDelta(100.0, $cap->radiusMm(), 1e-9);
        self::assertEqualsWithDelta(30.0, $cap->angleDeg((50 * M_PI) / 3), 1e-9);
        self::assertEqualsWithDelta(50.0, $cap->seenMm((50 * M_PI) / 3), 1e-9);
        self::assertEqualsWithDelta(-50.0, $cap->seenMm((-50 * M_PI) / 3), 1e-9);
        // 90 degrees to each side are a quarter of the way round.
        self::assertEqualsWithDelta(50 * M_PI, $cap->wrapMm(), 1e-9);
    }

    #[Test]
    public function the_side_is_sewn_in_its_middle_or_as_near_to_it_as_the_driver_reaches(): void
    {
        // 600 mm round: the side's middle is 150 from the front seam, its seams at 100 and 200.
        $far = CapFace::of(600, 120, 12, 57);
        self::assertSame(
            [150.0, false],
            [$far->centreMm(Position::CapSide, 60), $far->crossesSeam(Position::CapSide, 60)],
        );
        self::assertTrue($far->crossesSeam(Position::CapSide, 101));
        // 75 degrees reach 125 mm: a design of 40 lies from 85 to 125, over the seam at 100.
        $near = CapFace::of(600, 75, 12, 57);
        self::assertEqualsWithDelta(105.0, $near->centreMm(Position::CapSide, 40), 1e-9);
        self::assertTrue($near->crossesSeam(Position::CapSide, 40));
        // One of 25 just clears it.
        self::assertFalse($near->crossesSeam(Position::CapSide, 25));
        // The back is turned to the front of the ring: two panels are one field there.
        self::assertSame(
            [0.0, false, true, false],
            [
                $near->centreMm(Position::CapBack, 40),
                $near->crossesSeam(Position::CapBack, 200),
                $near->crossesSeam(Position::CapBack, 201),
                $near->crossesSeam(Position::CapFront, 240),
            ],
        );
    }

    #[Test]
    public function a_cap_holds_what_is_within_its_wrap_and_its_profile(): void
    {
        // 580 mm round, 75 degrees to each side: 580 / 360 · 75 = 120.83 mm.
        $cap = CapFace::of(580, 75, 12, 57);
        $box = static fn(float $width, float $height): Bounds => new Bounds(-$width / 2, $width / 2, 0, $height);

        self::assertTrue($cap->holds($box(241, 57)));
        self::assertFalse($cap->holds($box(242, 57)), 'further round than the driver reaches');
        self::assertFalse($cap->holds($box(100, 57.5)), 'higher than the profile');
        foreach ([[0.0, 75.0], [580.0, 0.0], [580.0, 181.0]] as [$round, $angle]) {
            try {
                CapFace::of($round, $angle, 12, 57);
                self::fail('there is no such cap');
            } catch (InvalidArgumentException $e) {
                self::assertStringContainsString('a cap has', $e->getMessage());
            }
        }
    }

    #[Test]
    public function four_letters_along_a_sleeve_take_two_hoopings_with_a_mark_in_the_middle_of_each(): void
    {
        // 30 mm letters, 12 apart: 0-30, 42-72, 84-114, 126-156. One reach of 75 holds the first two.
        $plan = Hoopings::of(
            [new Motif('A', 0, 30), new Motif('B', 42, 72), new Motif('C', 84, 114), new Motif('D', 126, 156)],
            75,
        );

        self::assertSame(
            [['A', 'B'], ['C', 'D']],
            array_map(static fn(Hooping $hooping): array => array_column($hooping->motifs, 'name'), $plan->hoopings),
        );
        self::assertSame([36.0, 120.0], array_column($plan->hoopings, 'markMm'));
        self::assertNull($plan->obstacle());
    }

    #[Test]
    public function a_motif_longer_than_the_reach_is_refused_with_the_reason_and_the_others_are_not(): void
    {
        $plan = Hoopings::of([new Motif('heron', 0, 90), new Motif('date', 100, 130)], 75);

        self::assertSame(['heron'], array_column($plan->refused, 'name'));
        self::assertStringContainsString(
            'heron is 90 mm along the tube and one hooping reaches 75',
            Said::of($plan->obstacle()),
        );
        self::assertCount(1, $plan->hoopings);
        self::assertSame([], Hoopings::of([], 75)->hoopings);
        // Exactly the reach is within it.
        self::assertCount(1, Hoopings::of([new Motif('full', 5, 80)], 75)->hoopings);
    }

    #[Test]
    public function no_way_of_sharing_out_random_motifs_takes_fewer_hoopings(): void
    {
        mt_srand(17);
        for ($round = 0; $round < 200; $round++) {
            $motifs = [];
            for ($i = 0; $i < mt_rand(1, 6); $i++) {
                $from = mt_rand(0, 220);
                $motifs[] = new Motif("m{$i}", $from, $from + mt_rand(5, 75));
            }
            $plan = Hoopings::of($motifs, 75);
            self::assertCount(self::fewest($motifs, 75), $plan->hoopings, "round {$round}");
            $sewn = array_merge(...array_map(static fn(Hooping $hooping): array => $hooping->motifs, $plan->hoopings));
            self::assertEqualsCanonicalizing(
                array_column($motifs, 'name'),
                array_column($sewn, 'name'),
                'every motif once',
            );
            foreach ($plan->hoopings as $hooping) {
                foreach ($hooping->motifs as $motif) {
                    self::assertTrue(
                        $motif->fromMm >= $hooping->fromMm && $motif->toMm <= $hooping->fromMm + 75,
                        'whole in its hooping',
                    );
                }
            }
        }
    }

    /**
     * By trying every way to share the motifs out.
     *
     * @param list<Motif> $motifs
     */
    private static function fewest(array $motifs, float $reach): int
    {
        $best = count($motifs);
        $share = static function (int $i, array $groups) use (&$share, &$best, $motifs, $reach): void {
            if (count($groups) > $best) {
                return;
            }
            if ($i === count($motifs)) {
                $best = min($best, count($groups));

                return;
            }
            foreach ([...array_keys($groups), count($groups)] as $g) {
                [$from, $to] = $groups[$g] ?? [INF, -INF];
                [$from, $to] = [min($from, $motifs[$i]->fromMm), max($to, $motifs[$i]->toMm)];
                if ($to - $from <= $reach) {
                    $share($i + 1, [...$groups, $g => [$from, $to]]);
                }
            }
        };
        $share(0, []);

        return $best;
    }

    #[Test]
    public function a_tube_is_hooped_as_often_as_its_bands_want_and_by_its_height_where_nobody_knows_them(): void
    {
        // Three bands of 30 mm with 20 between them are 130 mm high. At 85 mm a hooping the first two go together;
        // the height alone would make it two hoopings as well, at 60 mm three against three bands one by one.
        $bands = [new Band(0, 30), new Band(50, 80), new Band(100, 130)];
        self::assertSame([2, 2], [Hoopings::count(130, $bands, 85), Hoopings::count(130, [], 85)]);
        self::assertSame([3, 3], [Hoopings::count(130, $bands, 60), Hoopings::count(130, [], 60)]);
        // 45 mm apart: the sweep wants three where the height alone would say two.
        $apart = [new Band(0, 30), new Band(75, 105), new Band(120, 150)];
        self::assertSame([2, 2], [Hoopings::count(150, $apart, 75), Hoopings::count(150, [], 75)]);
        $late = [new Band(0, 30), new Band(60, 90), new Band(120, 150)];
        self::assertSame([3, 2], [Hoopings::count(150, $late, 75), Hoopings::count(150, [], 75)]);
        // A window of 80 less twice the margin of 7 reaches no further than 66.
        $frame = new FrameSpec('CYL', FrameKind::Cylinder, Driver::Cylinder, 100, 100, Window::rectangle(120, 80));
        self::assertSame(
            [75.0, 66.0],
            [Hoopings::reachMm(HouseRules::of(), null), Hoopings::reachMm(HouseRules::of(), $frame)],
        );
    }
}
