<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\House\HouseRules;
use Hakama\Machine\Rack;
use Hakama\Needles\ThreadNeeds;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Changeover;
use Hakama\Plan\Equipment;
use Hakama\Plan\FixedStart;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Promise;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;

/** A shop drawn by `mt_rand`: seed it first. */
final class RandomWorkload
{
    public const EIGHT = 28800;

    /**
     * @param bool $fixed the first batch is fixed to the fourth day
     * @param bool $fine  two needles are fine ones, for the threads of even number
     * @param bool $goes  people come and go
     */
    public static function of(
        int $batches,
        int $machines,
        int $hands,
        bool $fixed = false,
        bool $fine = false,
        bool $goes = false,
    ): Workload {
        $spans = [];
        for ($day = 0; $day < 20; $day++) {
            $spans[] = [$day * 86400 + self::EIGHT, $day * 86400 + 43200];
            $spans[] = [$day * 86400 + 45000, $day * 86400 + 59400];
        }
        $lanes = $made = [];
        for ($m = 1; $m <= $machines; $m++) {
            $rack = [];
            foreach (range(1, 4) as $needle) {
                if (mt_rand(0, 4) > 0) {
                    $rack[$needle] = 't'.mt_rand(0, 7);
                }
            }
            // Every other shop keeps two fine needles, for the threads of even number.
            $lanes[] = new Lane(
                "M{$m}",
                mt_rand(1, 2),
                Rack::of(
                    $fine ? 6 : 4,
                    $rack,
                    mt_rand(0, 1) === 1 && isset($rack[1]) ? [1] : [],
                    $fine ? [1 => '75/11', 2 => '65/9', 3 => '75/11', 4 => '65/9', 5 => '75/11', 6 => '65/9'] : [],
                ),
                ['flat', 'cap'][mt_rand(0, 1)],
                ['F', 'G'][mt_rand(0, 1)],
                Hours::of($spans),
                fitted: [[], [1 => '75/11 sharp', 3 => '80/12 sharp'], array_fill(1, $fine ? 6 : 4, '70/10')][$m % 3],
            );
        }
        $frames = [
            new FrameStock('F', 'flat', 6),
            new FrameStock('G', 'flat', 4),
            new FrameStock('K', 'cap', 4),
            new FrameStock('T', 'cylinder', 4),
        ];
        for ($b = 1; $b <= $batches; $b++) {
            $sewS = ['M1' => mt_rand(120, 900)];
            foreach ($lanes as $lane) {
                if (mt_rand(0, 4) > 0) {
                    $sewS[$lane->id] = mt_rand(120, 900);
                }
            }
            $pieces = mt_rand(3, 30);
            $sewing = new BatchSewing($sewS, mt_rand(40, 120), 40, mt_rand(1, 2));
            // No more than three colours: one needle of four may be pinned.
            $threads = array_map(static fn(): string => 't'.mt_rand(0, 7), range(1, mt_rand(1, 3)));
            $frame = ['F', 'G', 'K', 'T'][mt_rand(0, 3)];
            $made[] = new BatchJob(
                "B{$b}",
                $pieces,
                $sewing,
                new Equipment(
                    $threads,
                    $frame,
                    needle: ['', '75/11 sharp', '80/12 sharp'][$b % 3],
                    design: ['', '', 'x', 'y'][$b % 4],
                    style: $frame === 'K' ? ['low', 'high'][$b % 2] : '',
                ),
                new Promise(
                    self::EIGHT + (mt_rand(0, 3) === 0 ? mt_rand(0, 2) * 86400 : 0),
                    self::EIGHT + mt_rand(4, 60) * 3600,
                    (float) mt_rand(1, 3),
                ),
                fixed: $fixed && $b === 1 ? new FixedStart('M1', 3 * 86400 + self::EIGHT + 3600) : null,
            );
        }
        $driverS = [];
        foreach (['flat', 'cap', 'cylinder'] as $from) {
            foreach (['flat', 'cap', 'cylinder'] as $to) {
                $driverS["{$from}>{$to}"] = $from === $to ? 0 : 60 * mt_rand(8, 15);
            }
        }

        return new Workload(
            self::EIGHT,
            $lanes,
            $frames,
            $made,
            new Changeover(180, 240, 150, $driverS, needleS: 60, againS: 60, styleS: 120),
            $goes ? self::comeAndGo($hands) : Hands::always($hands),
            Weights::of(HouseRules::of()),
            needs: new ThreadNeeds(
                $fine
                    ? array_column(
                        array_map(static fn(int $t): array => ["t{$t}", $t % 2 === 0 ? '65/9' : '75/11'], range(0, 7)),
                        1,
                        0,
                    )
                    : [],
            ),
        );
    }

    /** One more on some days, one fewer in some hours, never nobody. */
    private static function comeAndGo(int $people): Hands
    {
        $changes = [];
        for ($day = 0; $day < 5; $day++) {
            $from = $day * 86400 + self::EIGHT + mt_rand(0, 6) * 3600;
            $changes[] = [$from, $from + mt_rand(1, 9) * 1800, mt_rand(0, 1) === 1 && $people > 1 ? -1 : 1];
        }

        return Hands::of($people, 1, $changes);
    }
}
