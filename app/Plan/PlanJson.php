<?php

declare(strict_types=1);

namespace App\Plan;

use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use App\Foundation\Words\Words;
use Hakama\Calendar\Hands;
use Hakama\Calendar\Hours;
use Hakama\House\HouseRules;
use Hakama\Machine\Rack;
use Hakama\Plan\BatchJob;
use Hakama\Plan\BatchSewing;
use Hakama\Plan\Changeover;
use Hakama\Plan\Equipment;
use Hakama\Plan\FixedStart;
use Hakama\Plan\FrameStock;
use Hakama\Plan\Keep;
use Hakama\Plan\Lane;
use Hakama\Plan\Odds\Spread;
use Hakama\Plan\People;
use Hakama\Plan\Promise;
use Hakama\Plan\Sequence;
use Hakama\Plan\Unfit;
use Hakama\Plan\Weights;
use Hakama\Plan\Workload;
use InvalidArgumentException;

/**
 * A shop as `plan:solve` is given it. Times are local and have no zone: seconds are counted as if it were universal
 * time.
 */
final readonly class PlanJson
{
    private const LONG = 100_000;

    private function __construct(public Workload $workload, public ?Sequence $sequence) {}

    public static function of(Json $json): self
    {
        $now = self::time($json, 'now');
        $lanes = array_map(self::lane(...), $json->objects('machines'));
        $machines = array_column($lanes, 'id');
        self::unique($json, 'machines', $machines);
        $frames = [];
        foreach ($json->objects('frames') as $one) {
            $frames[] = new FrameStock($one->string('id'), $one->string('driver'), $one->int('count', 0, self::LONG));
            $one->done();
        }
        self::unique($json, 'frames', array_column($frames, 'id'));
        $tends = $json->int('tends', 1, 1000);
        $able = $json->has('skills') ? self::able($json->inner('skills'), $tends) : null;
        $batches = array_map(
            static fn(Json $one): BatchJob => self::batch($one, $machines, $able === null ? null : array_keys($able)),
            $json->objects('batches'),
        );
        self::unique($json, 'batches', array_column($batches, 'id'));
        $cost = $json->has('cost') ? $json->inner('cost') : null;
        $workload = new Workload(
            $now,
            $lanes,
            $frames,
            $batches,
            self::changeover($json->inner('changeover')),
            Hands::of($json->int('people', 1, 1000), $tends),
            $cost === null
                ? Weights::of(HouseRules::of())
                : new Weights(
                    $cost->number('late', 0, 1e6),
                    $cost->number('setup', 0, 1e6),
                    $cost->number('flow', 0, 1e6),
                    unfit: $cost->has('unfit') ? $cost->number('unfit', 0, 1e6) : 1.0,
                ),
            people: new People(keeps: self::keeps($json, $machines, array_column($batches, 'id')), able: $able ?? []),
        );
        $cost?->done();
        $sequence = $json->has('sequence') ? self::sequence($json->inner('sequence'), $workload) : null;
        $json->done();

        return new self($workload, $sequence);
    }

    /** How far its times spread, as `plan:odds` is given it; what is left out does not spread. To be read before `of`. */
    public static function spread(Json $json): Spread
    {
        $given = $json->inner('spread');
        $number = static fn(string $key, float $most): float => $given->has($key)
            ? $given->number($key, 0, $most)
            : 0.0;
        $ids = array_map(static fn(Json $one): string => $one->string('id'), $json->objects('batches'));
        $stitches = [];
        if ($given->has('stitches')) {
            $of = $given->inner('stitches');
            foreach (array_keys($of->values()) as $id) {
                if (! in_array((string) $id, $ids, true)) {
                    throw UnfitInput::at($of->where((string) $id), 'there is no such batch');
                }
                $stitches[$id] = $of->int((string) $id, 0, 10_000_000);
            }
        }
        $spread = new Spread(
            $number('sew_cv', 5),
            $number('hoop_cv', 5),
            $number('setup_cv', 5),
            $number('breaks_per_1000', 100),
            $number('break_s', 1e5),
            $stitches,
            $number('spoil', 0.5),
        );
        $given->done();

        return $spread;
    }

    private static function lane(Json $one): Lane
    {
        $needles = $one->int('needles', 1, 200);
        $hours = array_map(
            static fn(mixed $span): array => is_array($span) && count($span) === 2
                ? [
                    self::seconds($one->where('hours'), $span[0] ?? null),
                    self::seconds($one->where('hours'), $span[1] ?? null),
                ]
                : throw UnfitInput::at($one->where('hours'), 'pairs of times are wanted here'),
            $one->list('hours'),
        );
        try {
            $rack = Rack::of(
                $needles,
                $one->has('rack') ? $one->needles('rack', $needles) : [],
                $one->has('pinned') ? $one->numbers('pinned', 1, $needles) : [],
            );
            $lane = new Lane(
                $one->string('id'),
                $one->int('heads', 1, 100),
                $rack,
                $one->string('driver'),
                $one->has('frame') ? $one->string('frame') : '',
                Hours::of($hours),
            );
        } catch (InvalidArgumentException $e) {
            throw UnfitInput::at($one->where('hours'), Words::why($e));
        }
        $one->done();

        return $lane;
    }

    /**
     * @param list<string>          $machines
     * @param list<array-key>|null  $skills   of which it is said who has them; null where nothing is said of anybody
     */
    private static function batch(Json $one, array $machines, ?array $skills): BatchJob
    {
        $skill = $one->has('skill') ? $one->string('skill') : '';
        if ($skill !== '' && $skills !== null && ! in_array($skill, array_map(strval(...), $skills), true)) {
            throw UnfitInput::at($one->where('skill'), 'skills does not say who has it');
        }
        $sewS = [];
        $given = $one->inner('sew_s');
        foreach (array_keys($given->values()) as $machine) {
            if (! in_array((string) $machine, $machines, true)) {
                throw UnfitInput::at($given->where((string) $machine), 'there is no such machine');
            }
            $sewS[$machine] = (int) round($given->number((string) $machine, 0, 1e6));
        }
        $threads = $one->strings('threads');
        $fixed = null;
        if ($one->has('fixed')) {
            $at = $one->inner('fixed');
            $fixed = new FixedStart($at->string('machine'), self::time($at, 'start'));
            $at->done();
            if (! in_array($fixed->machine, $machines, true)) {
                throw UnfitInput::at($at->where('machine'), 'there is no such machine');
            }
        }
        $batch = new BatchJob(
            $one->string('id'),
            $one->int('pieces', 1, self::LONG),
            new BatchSewing(
                $sewS,
                (int) round($one->number('hoop_s', 0, 1e5)),
                (int) round($one->number('swap_s', 0, 1e5)),
                $one->int('frames_per_head', 1, 2),
                $one->has('unfit_min') ? self::unfit($one->inner('unfit_min'), $machines) : [],
            ),
            new Equipment(
                $threads !== []
                    ? $threads
                    : throw UnfitInput::at($one->where('threads'), 'at least one thread is wanted here'),
                $one->string('frame'),
                skills: $skill === '' ? [] : [$skill],
            ),
            new Promise(
                self::time($one, 'ready'),
                self::time($one, 'due'),
                $one->has('weight') ? $one->number('weight', 0, 1e6) : 1.0,
            ),
            fixed: $fixed,
        );
        $one->done();

        return $batch;
    }

    /**
     * @param int $tends machines that one person tends
     *
     * @return array<array-key, Hands> skill => those who have it
     */
    private static function able(Json $of, int $tends): array
    {
        $able = [];
        foreach (array_keys($of->values()) as $skill) {
            $where = $of->where((string) $skill);
            $able[$skill] = Hands::able(0, $tends, array_map(
                static fn(mixed $row): array => is_array($row)
                    && count($row) === 3
                    && is_int($row[2] ?? null)
                    && $row[2] >= 0
                        ? [self::seconds($where, $row[0] ?? null), self::seconds($where, $row[1] ?? null), $row[2]]
                        : throw UnfitInput::at($where, 'rows of from, to and how many people are wanted here'),
                $of->list((string) $skill),
            ));
        }

        return $able;
    }

    /**
     * @param list<string> $machines
     *
     * @return array<string, list<Unfit>>
     */
    private static function unfit(Json $of, array $machines): array
    {
        $unfit = [];
        foreach (array_keys($of->values()) as $machine) {
            if (! in_array((string) $machine, $machines, true)) {
                throw UnfitInput::at($of->where((string) $machine), 'there is no such machine');
            }
            $unfit[$machine] = [new Unfit($of->number((string) $machine, 0, 1e6))];
        }

        return $unfit;
    }

    /**
     * @param list<string> $machines
     * @param list<string> $batches
     *
     * @return array<string, Keep> by batch
     */
    private static function keeps(Json $json, array $machines, array $batches): array
    {
        $keeps = [];
        foreach ($json->has('keep') ? $json->objects('keep') : [] as $one) {
            $batch = $one->string('batch');
            $machine = $one->string('machine');
            match (true) {
                ! in_array($batch, $batches, true) => throw UnfitInput::at($one->where('batch'), 'there is no such batch'),
                isset($keeps[$batch]) => throw UnfitInput::at($one->where('batch'), "{$batch} stands here twice"),
                ! in_array($machine, $machines, true) => throw UnfitInput::at($one->where('machine'), 'there is no such machine'),
                default => $keeps[$batch] = new Keep(
                    $machine,
                    $one->has('start') ? self::time($one, 'start') : null,
                    $one->number('min', 0, 1e6),
                ),
            };
            $one->done();
        }

        return $keeps;
    }

    private static function changeover(Json $of): Changeover
    {
        $s = static fn(string $key): int => (int) round(60 * $of->number($key, 0, 1e4));
        $driverS = [];
        foreach ($of->has('driver_min') ? $of->list('driver_min') : [] as $row) {
            if (
                ! is_array($row)
                || count($row) !== 3
                || ! is_string($row[0] ?? null)
                || ! is_string($row[1] ?? null)
                || ! is_numeric($row[2] ?? null)
                || $row[2] < 0
            ) {
                throw UnfitInput::at($of->where('driver_min'), 'rows of from, to and minutes are wanted here');
            }
            $driverS["{$row[0]}>{$row[1]}"] = (int) round(60 * $row[2]);
        }
        $changeover = new Changeover($s('load_min'), $s('frame_min'), $s('thread_min'), $driverS);
        $of->done();

        return $changeover;
    }

    private static function sequence(Json $of, Workload $workload): Sequence
    {
        $lanes = $seen = [];
        foreach (array_keys($of->values()) as $machine) {
            if (! isset($workload->lanes[$machine])) {
                throw UnfitInput::at($of->where((string) $machine), 'there is no such machine');
            }
            $lanes[$machine] = $of->strings((string) $machine);
            foreach ($lanes[$machine] as $id) {
                if (! isset($workload->batches[$id]) || isset($seen[$id])) {
                    throw UnfitInput::at(
                        $of->where((string) $machine),
                        isset($seen[$id]) ? "{$id} stands here twice" : "there is no batch {$id}",
                    );
                }
                $seen[$id] = true;
            }
        }

        return new Sequence($lanes);
    }

    private static function time(Json $json, string $key): int
    {
        return self::seconds($json->where($key), $json->string($key));
    }

    private static function seconds(string $where, mixed $text): int
    {
        $time = is_string($text)
            ? \DateTimeImmutable::createFromFormat('!Y-m-d\TH:i', substr($text, 0, 16), new \DateTimeZone('UTC'))
            : false;
        $whole = is_string($text) && preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d)?$/', $text) === 1;
        if ($time === false || ! $whole || $time->format('Y-m-d\TH:i') !== substr($text, 0, 16)) {
            throw UnfitInput::at($where, 'a local time such as 2026-03-02T08:00 is wanted here');
        }

        return $time->getTimestamp() + (int) substr($text, 17);
    }

    /** @param list<string> $ids */
    private static function unique(Json $json, string $key, array $ids): void
    {
        $twice = array_diff_key($ids, array_unique($ids));
        if ($twice !== []) {
            throw UnfitInput::at($json->where($key), reset($twice).' stands here twice');
        }
    }
}
