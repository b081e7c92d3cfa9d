<?php

declare(strict_types=1);

namespace Hakama\Plan\Internal;

use Hakama\Calendar\Hands;
use Hakama\Machine\BatchTime;
use Hakama\Plan\BatchJob;
use Hakama\Plan\Lane;
use Hakama\Plan\Workload;

/**
 * A shop with its machines, batches, frames, drivers, threads and needles counted from 0, so that a sequence is priced
 * without a name being looked up.
 *
 * @internal
 */
final class Numbers
{
    /** Where the span begins that comes after the last: a place there is none. */
    public const FAR = 1 << 60;
    public const NEVER = PHP_INT_MAX;

    /** @var list<string> */
    public readonly array $machines;
    /** @var list<string> */
    public readonly array $batches;
    /**
     * @var array<int, array<int, array{int, int, int, int}|null>> machine, batch => first load, each later one, how
     *     many of these, the last; null where it cannot go
     */
    public array $loads = [];
    /** @var array<int, array<int, list<int>>> machine, batch => threads that no pinned needle has */
    public array $threads = [];
    /** @var array<int, list<int>> batch => threads, on pinned needles too */
    public array $colours = [];
    /** @var array<int, int> machine => needles that are not pinned */
    public array $needles = [];
    /** @var array<int, array<int, int>> machine, batch => frames it holds */
    public array $frames = [];
    /** @var array<int, int> batch => */
    public array $ready = [];
    /** @var array<int, int> */
    public array $due = [];
    /** @var array<int, float> for a second late */
    public array $weight = [];
    /** @var array<int, list<array{int, float}>> seconds late past which it costs so much more */
    public array $lateSteps = [];
    /** @var array<int, int> */
    public array $frame = [];
    /** @var array<int, int> */
    public array $driver = [];
    /** @var array<int, int> batch => the needle it wants, −1 where any will do */
    public array $needle = [];
    /** @var array<int, int> batch => its design in its frame, −1 where nobody knows */
    public array $design = [];
    /** @var array<int, int> batch => the style of cap its frame is set to, −1 where there is none */
    public array $style = [];
    /** @var array<int, array<int, int>> machine, batch => seconds to fit its needles, if they are others */
    public array $needleS = [];
    /** @var array<int, array<int, int>> machine, batch => seconds to fit needles for it, if it is the first there */
    public array $firstS = [];
    /** @var array<int, array<int, float>> machine, batch => what it costs there, whenever it begins */
    public array $placeCost = [];
    /** @var array<int, array{int, int, float}|null> batch => machine and start that it costs so much to leave */
    public array $keep = [];
    /** @var array<int, list<int>> batch => skills that not everybody has */
    public array $skills = [];
    /** @var list<Hands> skill => those who have it */
    public array $able;
    /** @var array<int, int|null> batch => the start it is fixed to */
    public array $fixed = [];
    /** @var array<int, bool> batch => it stands on its machine now */
    public array $standing = [];
    /** @var array<int, bool> batch => nothing goes before it */
    public array $inFront = [];
    /** @var array<int, int> frame => how many there are */
    public array $stock = [];
    /**
     * @var array<int, array<int, int>> machine => where its spans begin and end, one more past them that holds
     *     anything
     */
    public array $from = [];
    /** @var array<int, array<int, int>> */
    public array $to = [];
    /** @var array<int, array<int, array<int, int>>> machine, driver from, to => seconds */
    public array $driverS = [];
    /** @var array<int, int> machine => seconds for one cone */
    public array $threadS = [];
    public readonly float $perChangeoverS;
    public readonly float $perFlowS;
    /** @var array<int, array{frame: int, driver: int}> machine => what is on it now */
    public array $mounted = [];
    /** @var array<int, NeedleCount|NeedleGroups> machine => its needles as they stand */
    public array $racks = [];

    public function __construct(private readonly Workload $workload)
    {
        $this->machines = array_map(strval(...), array_keys($workload->lanes));
        $this->batches = array_map(strval(...), array_keys($workload->batches));
        $this->perChangeoverS = $workload->weights->changeover / 60;
        $this->perFlowS = $workload->weights->flow / 60;
        $frames = array_flip(array_map(strval(...), array_keys($workload->frames)));
        $drivers = $kinds = $designs = $styles = $threads = $wants = [];
        foreach (
            [...array_column($workload->frames, 'driver'), ...array_column($workload->lanes, 'driver')] as $driver
        ) {
            $drivers[$driver] ??= count($drivers);
        }
        foreach ($workload->frames as $stock) {
            $this->stock[] = $stock->count;
        }
        $this->able = array_values($workload->people->able);
        $skills = array_flip(array_keys($workload->people->able));
        foreach (array_values($workload->batches) as $batch) {
            $this->skills[] = array_values(array_intersect_key($skills, array_flip($batch->equipment->skills)));
            $this->ready[] = $batch->promise->readyAt;
            $this->due[] = $batch->promise->dueAt;
            $this->weight[] = ($workload->weights->late * $batch->promise->weight) / 60;
            $this->lateSteps[] = array_map(
                static fn(array $step): array => [
                    $step[0],
                    $workload->weights->late * $batch->promise->weight * $step[1],
                ],
                $workload->weights->steps($batch->promise),
            );
            $this->frame[] = $frames[$batch->equipment->frame] ?? -1;
            $this->driver[] = isset($workload->frames[$batch->equipment->frame])
                ? $drivers[$workload->frames[$batch->equipment->frame]->driver]
                : -1;
            $this->needle[] =
                $batch->equipment->needle === '' ? -1 : ($kinds[$batch->equipment->needle] ??= count($kinds));
            $this->design[] =
                $batch->equipment->design === ''
                    ? -1
                    : ($designs["{$batch->equipment->frame} {$batch->equipment->design}"] ??= count($designs));
            $this->style[] =
                $batch->equipment->style === '' ? -1 : ($styles[$batch->equipment->style] ??= count($styles));
            $this->fixed[] = $batch->fixed?->startAt;
            $this->standing[] = $batch->alreadySetUp;
            $this->inFront[] = $batch->isInFront();
            $keep = $workload->people->keeps[$batch->id] ?? null;
            $this->keep[] = $keep?->startAt === null
                ? null
                : [(int) array_search($keep->machine, $this->machines, true), $keep->startAt, $keep->cost];
            $colours = [];
            foreach ($batch->equipment->threads as $thread) {
                $colours[] = $threads[$thread] ??= count($threads);
                $wants[$threads[$thread]] = $workload->needs->size($thread);
            }
            $this->colours[] = array_values(array_unique($colours));
        }
        foreach (array_values($workload->lanes) as $m => $lane) {
            $this->mounted[$m] = ['frame' => $frames[$lane->frame] ?? -1, 'driver' => $drivers[$lane->driver]];
            $this->lane($m, $lane, $drivers, $threads, $wants);
        }
    }

    /** How long a batch runs on a machine, breaks and nights left out, seconds. */
    public function runS(int $m, int $batch): int
    {
        [$first, $each, $count, $last] = $this->loads[$m][$batch] ?? [self::FAR, 0, 0, 0];

        return $first + $each * $count + $last;
    }

    /** How long a batch runs on the machine that is quickest with it, seconds. */
    public function shortestRunS(int $batch): int
    {
        $shortest = self::FAR;
        foreach (array_keys($this->machines) as $m) {
            $shortest = min($shortest, $this->runS($m, $batch));
        }

        return $shortest;
    }

    /**
     * @param array<string, int>         $drivers
     * @param array<array-key, int>      $threads filled on the way
     * @param array<int, string|null>    $wants   thread => the size of needle it wants
     */
    private function lane(int $m, Lane $lane, array $drivers, array &$threads, array $wants): void
    {
        // Needles of known sizes under threads that all want one are racks by themselves; else any needle goes with
        // any thread.
        $apart = ! in_array(null, array_column($lane->rack->needles, 'size'), true) && ! in_array(null, $wants, true);
        $pinned = $free = $standing = [];
        foreach ($lane->rack->needles as $needle) {
            if (
                $needle->pinned
                && $needle->thread !== null
                && $this->workload->needs->allow($needle->thread, $needle)
            ) {
                $pinned[$needle->thread] = true;
            }
        }
        foreach ($lane->rack->needles as $needle) {
            $size = $apart ? (string) $needle->size : '';
            $free[$size] = ($free[$size] ?? 0) + ($needle->pinned ? 0 : 1);
            if (
                ! $needle->pinned
                && $needle->thread !== null
                && ! isset($pinned[$needle->thread])
                && $this->workload->needs->allow($needle->thread, $needle)
            ) {
                $standing[$size][($threads[$needle->thread] ??= count($threads))] = true;
            }
        }
        $this->needles[$m] = array_sum($free);
        $standing = array_map(array_keys(...), $standing);
        $sizes = array_map(strval(...), $wants);
        $this->racks[$m] = $apart
            ? NeedleGroups::of($free + array_fill_keys($sizes, 0), $standing, $sizes)
            : NeedleCount::of($free[''], $standing[''] ?? []);
        foreach (array_values($this->workload->batches) as $batch) {
            $this->loads[$m][] = $this->workload->obstacle($batch, $lane) === null ? self::blocks($batch, $lane) : null;
            $this->placeCost[$m][] = $this->workload->placeCost($batch, $lane->id);
            $this->frames[$m][] = $lane->heads * $batch->sewing->framesPerHead;
            $wanted = array_filter(
                $batch->demand()->threads(),
                static fn(string $thread): bool => ! isset($pinned[$thread]),
            );
            $this->threads[$m][] = array_values(
                array_map(static fn(string $thread): int => $threads[$thread], $wanted),
            );
            $each = $this->workload->changeover->needleS * $lane->heads;
            $this->needleS[$m][] = $each * count($batch->demand()->threads());
            $this->firstS[$m][] =
                $each * $this->workload->needleChanges($lane, $batch, null) +
                ($batch->equipment->style === '' ? 0 : $this->workload->changeover->styleS);
        }
        foreach ($lane->hours->spans as [$from, $to]) {
            $this->from[$m][] = $from;
            $this->to[$m][] = $to;
        }
        $this->from[$m][] = self::FAR;
        $this->to[$m][] = self::NEVER;
        foreach ($drivers as $from => $i) {
            foreach ($drivers as $to => $j) {
                $this->driverS[$m][$i][$j] = $this->workload->driverS($lane, $from, $to);
            }
        }
        $this->threadS[$m] = $this->workload->changeover->threadS * $lane->heads;
    }

    /** @return array{int, int, int, int} */
    private static function blocks(BatchJob $batch, Lane $lane): array
    {
        $loads = (new BatchTime(
            $batch->pieces,
            $lane->heads,
            $batch->sewing->framesPerHead,
            $batch->sewing->hoopS,
            $batch->sewing->swapS,
            $batch->sewing->sewS[$lane->id],
        ))->loadsS();
        $first = $loads[0];
        $each = $loads[1] ?? 0;
        $count = count($loads) - 1;
        $last = $loads[$count];

        return $count > 1 && $last !== $each ? [$first, $each, $count - 1, $last] : [$first, $each, $count, 0];
    }
}
