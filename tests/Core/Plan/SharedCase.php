<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Changeover;
use Hakama\Plan\Equipment;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Lane;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;

/** A shop made, priced and searched by a program that shares no code with this one. */
final class SharedCase
{
    private const FOLDER = __DIR__.'/../../fixtures/plans';

    public static function sequence(int $case): Sequence
    {
        return new Sequence(self::given($case)['sequence'] ?? self::best($case)['sequence']);
    }

    /** What the best sequence costs that the other program found. */
    public static function leastCost(int $case): float
    {
        return self::best($case)['cost'];
    }

    /** Its first machines, with so many of the batches that one of them can run, those that are due first. */
    public static function part(int $case, int $batches, int $machines): Workload
    {
        $whole = self::workload($case);
        $lanes = array_slice(array_values($whole->lanes), 0, $machines);
        $able = array_filter(
            array_values($whole->batches),
            static fn(BatchJob $batch): bool => array_filter(
                $lanes,
                static fn(Lane $lane): bool => $whole->obstacle($batch, $lane) === null,
            ) !== [],
        );
        usort($able, static fn(BatchJob $a, BatchJob $b): int => $a->promise->dueAt <=> $b->promise->dueAt);

        return new Workload(
            $whole->now,
            $lanes,
            array_values($whole->frames),
            array_slice($able, 0, $batches),
            $whole->changeover,
            $whole->hands,
            $whole->weights,
        );
    }

    public static function workload(int $case): Workload
    {
        $given = self::given($case);
        $at = static fn(string $time): int => (int) strtotime("{$time} UTC");
        $drivers = [];
        foreach ($given['changeover']['driver_min'] as [$from, $to, $minutes]) {
            $drivers["{$from}>{$to}"] = $minutes * 60;
        }

        return new Workload(
            $at($given['now']),
            array_map(
                static fn(array $m): Lane => new Lane(
                    $m['id'],
                    $m['heads'],
                    Rack::of($m['needles'], $m['rack'], $m['pinned']),
                    $m['driver'],
                    $m['frame'],
                    Hours::of(array_map(static fn(array $h): array => [$at($h[0]), $at($h[1])], $m['hours'])),
                ),
                $given['machines'],
            ),
            array_map(
                static fn(array $f): FrameStock => new FrameStock($f['id'], $f['driver'], $f['count']),
                $given['frames'],
            ),
            array_map(
                static fn(array $b): BatchJob => new BatchJob(
                    $b['id'],
                    $b['pieces'],
                    new BatchSewing($b['sew_s'], $b['hoop_s'], $b['swap_s'], $b['frames_per_head']),
                    new Equipment($b['threads'], $b['frame']),
                    new Promise($at($b['ready']), $at($b['due']), $b['weight']),
                ),
                $given['batches'],
            ),
            new Changeover(
                $given['changeover']['load_min'] * 60,
                $given['changeover']['frame_min'] * 60,
                (int) ($given['changeover']['thread_min'] * 60),
                $drivers,
            ),
            Hands::of($given['people'], $given['tends']),
            new Weights(...array_values($given['cost'])),
        );
    }

    /** @return array<string, mixed> */
    private static function given(int $case): array
    {
        return json_decode((string) file_get_contents(self::FOLDER."/case-{$case}.json"), true);
    }

    /** @return array{cost: float, sequence: array<string, list<string>>} */
    private static function best(int $case): array
    {
        return json_decode((string) file_get_contents(self::FOLDER.'/best.json'), true)["case-{$case}"];
    }
}
