<?php

declare(strict_types=1);

namespace Hakama\Plan;

use Hakama\Calendar\Hands;
use Hakama\Needles\Assignment;
use Hakama\Needles\BatchNeedles;
use Hakama\Needles\ThreadNeeds;
use Hakama\Words\Text;

/** All that a plan is made from: machines, frames, hands, batches, and the moment from which it is made. */
final readonly class Workload
{
    /** @var array<string, Lane> */
    public array $lanes;
    /** @var array<string, FrameStock> */
    public array $frames;
    /** @var array<string, BatchJob> */
    public array $batches;
    /** @var \ArrayObject<string, Text|null> what obstacle() found: a plan is timed many times over the same work */
    private \ArrayObject $obstacles;
    /** @var \ArrayObject<string, list<BatchNeedles>> what needles() found: of all queues a move changes only one or two */
    private \ArrayObject $needles;

    /**
     * @param int              $now     seconds of local time
     * @param list<Lane>       $lanes   their order settles ties
     * @param list<FrameStock> $frames
     * @param list<BatchJob>      $batches in order of arrival
     */
    public function __construct(
        public int $now,
        array $lanes,
        array $frames,
        array $batches,
        public Changeover $changeover,
        public Hands $hands,
        public Weights $weights,
        public ThreadNeeds $needs = new ThreadNeeds(),
        public People $people = new People(),
    ) {
        /** @var \ArrayObject<string, Text|null> $none */
        $none = new \ArrayObject();
        $this->obstacles = $none;
        /** @var \ArrayObject<string, list<BatchNeedles>> $unknown */
        $unknown = new \ArrayObject();
        $this->needles = $unknown;
        $this->lanes = array_column(array_map(static fn(Lane $lane): array => [$lane->id, $lane], $lanes), 1, 0);
        $this->frames = array_column(
            array_map(static fn(FrameStock $frame): array => [$frame->id, $frame], $frames),
            1,
            0,
        );
        $this->batches = array_column(
            array_map(static fn(BatchJob $batch): array => [$batch->id, $batch], $batches),
            1,
            0,
        );
    }

    /** @return array<array-key, mixed> what was found out on the way is found out again: it is larger than the rest */
    public function __serialize(): array
    {
        return [...get_object_vars($this), 'obstacles' => new \ArrayObject(), 'needles' => new \ArrayObject()];
    }

    /**
     * The same shop with other work.
     *
     * @param list<BatchJob> $batches in order of arrival
     */
    public function with(array $batches): self
    {
        return new self(
            $this->now,
            array_values($this->lanes),
            array_values($this->frames),
            $batches,
            $this->changeover,
            $this->hands,
            $this->weights,
            $this->needs,
            $this->people,
        );
    }

    /**
     * The same shop, in which people have begun to prepare some batches.
     *
     * @param array<array-key, string> $prepared batch => the machine for which; moved it costs what the house says
     */
    public function preparedFor(array $prepared): self
    {
        return $this->staffed($this->people->having(array_map(
            fn(string $machine): Keep => new Keep($machine, null, $this->weights->moved),
            $prepared,
        )));
    }

    /**
     * The same shop, in which some batches are not moved any more, since somebody is about to set them up.
     *
     * @param array<array-key, string> $held batch => the machine on which it stands in front
     */
    public function holding(array $held): self
    {
        return $held === [] ? $this : $this->with(array_values(array_map(
            static fn(BatchJob $batch): BatchJob => isset($held[$batch->id])
                ? $batch->heldOn($held[$batch->id])
                : $batch,
            $this->batches,
        )));
    }

    /** The same shop with other people. */
    public function staffed(People $people): self
    {
        return new self(
            $this->now,
            array_values($this->lanes),
            array_values($this->frames),
            array_values($this->batches),
            $this->changeover,
            $this->hands,
            $this->weights,
            $this->needs,
            $people,
        );
    }

    /** What it costs that a batch does not begin where and when it was prepared or promised. */
    public function movedCost(string $batch, string $machine, int $startAt): float
    {
        return isset($this->people->keeps[$batch]) ? $this->people->keeps[$batch]->costAt($machine, $startAt) : 0.0;
    }

    /** What it costs wherever it stands on a machine: that it was prepared for another, and what is against it there. */
    public function placeCost(BatchJob $batch, string $machine): float
    {
        $keep = $this->people->keeps[$batch->id] ?? null;

        return ($keep?->costAt($machine, $keep->startAt ?? 0) ?? 0.0)
            + $this->weights->unfit * $batch->sewing->unfitMin($machine);
    }

    /**
     * Those who may tend a batch, for each skill that it wants and not everybody has.
     *
     * @return array<array-key, Hands> by skill
     */
    public function able(BatchJob $batch): array
    {
        return array_intersect_key($this->people->able, array_flip($batch->equipment->skills));
    }

    /** What it takes a machine to change drivers: its own time where it has one, else the house's. */
    public function driverS(Lane $lane, string $from, string $to): int
    {
        return $from === $to ? 0 : $lane->driverS["{$from}>{$to}"] ?? $this->changeover->driverS($from, $to);
    }

    /**
     * How many needles of each head are exchanged for others of another size or point before a batch: behind another
     * batch all that it uses or none, since that one has used the needles it found; at first by what is on them.
     */
    public function needleChanges(Lane $lane, BatchJob $batch, ?BatchJob $last): int
    {
        return match (true) {
            $batch->alreadySetUp, $batch->equipment->needle === '' => 0,
            $last === null => $lane->unlike($batch->equipment->needle, $batch->demand()->threads()),
            $last->equipment->needle === '', $last->equipment->needle === $batch->equipment->needle => 0,
            default => count($batch->demand()->threads()),
        };
    }

    /**
     * Which thread is on which needle for each batch of a queue, from the rack as it stands.
     *
     * @param list<string> $queue batches
     *
     * @return list<BatchNeedles>
     */
    public function needles(Lane $lane, array $queue): array
    {
        $key = implode("\n", [$lane->id, ...$queue]);
        $found = $this->needles->offsetExists($key) ? $this->needles[$key] : null;
        if ($found === null) {
            $demands = array_map(fn(string $id) => $this->batches[$id]->demand(), $queue);
            $found = Assignment::of($lane->rack, $demands, $this->needs)->batches;
            $this->needles[$key] = $found;
        }

        return $found;
    }

    /** Why this machine can never run this batch; null when it can. */
    public function obstacle(BatchJob $batch, Lane $lane): ?Text
    {
        // A batch that is not one of these may have the name of one that is.
        if (($this->batches[$batch->id] ?? null) !== $batch || ($this->lanes[$lane->id] ?? null) !== $lane) {
            return $this->findObstacle($batch, $lane);
        }
        $key = "{$batch->id}\n{$lane->id}";
        if (! $this->obstacles->offsetExists($key)) {
            $this->obstacles[$key] = $this->findObstacle($batch, $lane);
        }

        return $this->obstacles[$key];
    }

    private function findObstacle(BatchJob $batch, Lane $lane): ?Text
    {
        $frame = $this->frames[$batch->equipment->frame] ?? null;

        return match (true) {
            ! isset($batch->sewing->sewS[$lane->id]) => new Text('plan.unplaced.cannot_run', ['machine' => $lane->id]),
            $batch->fixed !== null && $batch->fixed->machine !== $lane->id
                => new Text('plan.unplaced.fixed', ['machine' => $batch->fixed->machine]),
            $batch->heldOn !== null && $batch->heldOn !== $lane->id
                => new Text('plan.unplaced.held', ['machine' => $batch->heldOn]),
            $frame === null => new Text('plan.unplaced.no_frame', ['frame' => $batch->equipment->frame]),
            $lane->heads * $batch->sewing->framesPerHead > $frame->count => new Text('plan.unplaced.too_few_frames', [
                'needed' => $lane->heads * $batch->sewing->framesPerHead,
                'frame' => $frame->id,
                'count' => $frame->count,
            ]),
            ! Assignment::holdsAtOnce($lane->rack, $batch->demand(), $this->needs) => new Text('plan.unplaced.too_many_threads', [
                'threads' => count($batch->demand()->threads()),
                'machine' => $lane->id,
            ]),
            default => null,
        };
    }
}
