<?php

declare(strict_types=1);

namespace App\Setup\Actions;

use App\Floor\Models\FloorEvent;
use App\Foundation\Clock\Moment;
use App\Machine\Models\Frame;
use App\Machine\Models\Machine;
use App\Setup\ClampRow;
use App\Setup\Models\ClampCheck;
use App\Shop\House;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Hakama\House\HouseRule;
use Hakama\Machine\Clamp\ClampCalibration;
use Hakama\Machine\Clamp\ProvingDesign;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Illuminate\Database\Eloquent\Collection;

/** The clamps of the shop on the machines that take them: what was found, and what has to be found again. */
final readonly class Clamps
{
    public function __construct(private House $house) {}

    /** @return list<ClampRow> */
    public function all(): array
    {
        $frames = Frame::query()->whereNull('retired_at')->where('kind', FrameKind::Clamp)->orderBy('code')->get();
        $checks = ClampCheck::query()
            ->whereIn('frame_id', $frames->modelKeys())
            ->orderBy('id')
            ->get()
            ->groupBy(static fn(ClampCheck $one): string => "{$one->frame_id} {$one->machine_id}");
        $changed = $this->lastSetUp(array_map(intval(...), array_values($frames->modelKeys())));
        $rows = [];
        foreach (Machine::working()->get() as $machine) {
            foreach (in_array(Driver::Clamp->value, $machine->drivers, true) ? $frames : [] as $frame) {
                $rows[] = self::row(
                    $machine,
                    $frame,
                    $checks["{$frame->id} {$machine->id}"] ?? new Collection(),
                    $changed[$machine->id] ?? [],
                );
            }
        }

        return $rows;
    }

    /** One clamp on one machine; null where the frame is none. */
    public function on(Machine $machine, Frame $frame): ?ClampRow
    {
        return ! $frame->kind->hasCentreToFind()
            ? null
            : self::row(
                $machine,
                $frame,
                ClampCheck::query()
                    ->where('frame_id', $frame->id)
                    ->where('machine_id', $machine->id)
                    ->orderBy('id')
                    ->get(),
                $this->lastSetUp([$frame->id])[$machine->id] ?? [],
            );
    }

    public function proving(): ?ProvingDesign
    {
        return ProvingDesign::of(
            array_values(
                Frame::query()
                    ->whereNull('retired_at')
                    ->get()
                    ->map(static fn(Frame $frame): FrameSpec => $frame->toCore())
                    ->all(),
            ),
            $this->house->rules()->value(HouseRule::Margin),
        );
    }

    /**
     * @param Collection<int, ClampCheck>    $checks oldest first
     * @param array<int, CarbonImmutable>    $setUp  frame => when it was set up last on that machine
     */
    private static function row(Machine $machine, Frame $frame, Collection $checks, array $setUp): ClampRow
    {
        $found = $checks->where('dropped', false)->last();
        $dropped = $checks->where('dropped', true)->last();
        $others = array_filter($setUp, static fn(int $one): bool => $one !== $frame->id, ARRAY_FILTER_USE_KEY);

        return new ClampRow(
            $machine,
            $frame,
            $found,
            (new ClampCalibration(
                $found?->checked_at->getTimestamp(),
                $dropped?->checked_at->getTimestamp(),
                $others === [] ? null : max($others)->getTimestamp(),
            ))->due(),
        );
    }

    /**
     * When each frame was set up last on each machine: the last time its list was confirmed.
     *
     * @param list<int> $clamps nothing is asked where there are none
     *
     * @return array<int, array<int, CarbonImmutable>> machine => frame => when
     */
    private function lastSetUp(array $clamps): array
    {
        $last = [];
        $rows =
            $clamps === []
                ? []
                : FloorEvent::query()
                    ->join('batches as b', 'b.id', '=', 'floor_events.batch_id')
                    ->join('setups as s', 's.decoration_id', '=', 'b.decoration_id')
                    ->where('floor_events.kind', EventKind::PreflightDone)
                    ->groupBy('floor_events.machine_id', 's.frame_id')
                    ->selectRaw('floor_events.machine_id, s.frame_id, max(floor_events.recorded_at) as at')
                    ->toBase()
                    ->get();
        foreach ($rows as $row) {
            $last[(int) $row->machine_id][(int) $row->frame_id] = Moment::read((string) $row->at);
        }

        return $last;
    }
}
