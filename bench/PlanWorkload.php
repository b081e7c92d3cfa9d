<?php

declare(strict_types=1);

namespace Bench;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\House\HouseRules;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Changeover;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Promise;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;

/**
 * A busy shop by chance, the same each time: families of threads and frames come back, some blanks are late, promises
 * press.
 */
final class PlanWorkload
{
    private const FRAMES = [
        'R' => ['flat', 4],
        'S' => ['flat', 3],
        'G' => ['flat', 2],
        'K' => ['cap', 2],
        'T' => ['cylinder', 1],
    ];
    private const DRIVER_MIN = ['flat' => 10, 'cap' => 15, 'cylinder' => 12];

    public static function of(
        int $batches,
        int $machines,
        int $needles,
        int $threads,
        float $room,
        int $seed,
    ): Workload {
        mt_srand($seed);
        $hours = [];
        for ($day = 0; $day < 40; $day++) {
            if ($day % 7 < 5) {
                $hours[] = [$day * 86400 + 28800, $day * 86400 + 43200];
                $hours[] = [$day * 86400 + 45000, $day * 86400 + 59400];
            }
        }
        $lanes = [];
        for ($i = 1; $i <= $machines; $i++) {
            $codes = range(1, $threads);
            shuffle($codes);
            $rack = [];
            foreach (range(1, $needles) as $needle) {
                if (isset($codes[$needle]) && mt_rand(0, 9) > 0) {
                    $rack[$needle] = "t{$codes[$needle]}";
                }
            }
            $lanes[] = new Lane(
                "M{$i}",
                $i % 4 === 0 ? 2 : 1,
                Rack::of($needles, $rack, [1, 2]),
                $i % 3 === 0 ? 'cap' : 'flat',
                $i % 3 === 0 ? 'K' : 'R',
                Hours::of($hours),
            );
        }
        $drawn = [];
        for ($i = 1; $i <= $batches; $i++) {
            $drawn[] = [
                ['R', 'R', 'R', 'S', 'S', 'G', 'K', 'K', 'T'][mt_rand(0, 8)],
                mt_rand(180, 900),
                mt_rand(4, 24),
            ];
        }
        $days =
            array_sum(array_map(static fn(array $one): int => $one[2] * ($one[1] + 30), $drawn)) / $machines / 28800;

        return new Workload(
            28800,
            $lanes,
            array_map(
                static fn(string $id, array $of): FrameStock => new FrameStock($id, $of[0], $of[1] * $machines),
                array_keys(self::FRAMES),
                self::FRAMES,
            ),
            array_map(
                static fn(array $one, int $i): BatchJob => self::batch(
                    'B'.($i + 1),
                    $one,
                    $lanes,
                    $threads,
                    $days,
                    $room,
                ),
                $drawn,
                array_keys($drawn),
            ),
            new Changeover(180, 240, 150, self::driverS()),
            Hands::always($machines),
            Weights::of(HouseRules::of()),
        );
    }

    /**
     * @param array{string, int, int} $drawn frame, run time of a load, pieces
     * @param list<Lane>              $lanes
     */
    private static function batch(
        string $id,
        array $drawn,
        array $lanes,
        int $threads,
        float $days,
        float $room,
    ): BatchJob {
        [$frame, $sewS, $pieces] = $drawn;
        $on = [];
        foreach ($lanes as $k => $lane) {
            if (! ($frame === 'K' && $k % 2 === 1) && ! ($frame === 'T' && $k % 2 === 0)) {
                $on[$lane->id] = (int) ($sewS * (1 + 0.1 * ($k % 3)));
            }
        }
        $family = 6 * mt_rand(0, intdiv($threads, 6) - 1);
        $blocks = ['t'.($family + mt_rand(1, 6))];
        for ($i = mt_rand(0, 5); $i > 0; $i--) {
            $blocks[] = 't'.(mt_rand(0, 2) > 0 ? $family + mt_rand(1, 6) : mt_rand(1, $threads));
        }
        $day = mt_rand(0, (int) ceil($days * $room));
        $due = ($day % 7 > 4 ? $day + 2 : $day) * 86400 + 28800 + 3600 * mt_rand(3, 8);

        return new BatchJob(
            $id,
            $pieces,
            new BatchSewing($on, mt_rand(40, 120), 30, 2),
            new Equipment($blocks, $frame),
            new Promise(
                28800 + (mt_rand(0, 4) === 0 ? mt_rand(0, (int) $days) * 86400 : 0),
                $due,
                [1.0, 1.0, 1.0, 2.0, 3.0][mt_rand(0, 4)],
            ),
        );
    }

    /** @return array<string, int> */
    private static function driverS(): array
    {
        $driverS = [];
        foreach (self::DRIVER_MIN as $from => $one) {
            foreach (self::DRIVER_MIN as $to => $other) {
                if ($from !== $to) {
                    $driverS["{$from}>{$to}"] = 60 * max($one, $other);
                }
            }
        }

        return $driverS;
    }
}
