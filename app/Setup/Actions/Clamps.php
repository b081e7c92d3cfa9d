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
use Illuminate\Support\Collection as BaseCollection;

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
        $changed = self::lastSetUp($checks->flatten());
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
        if (! $frame->kind->hasCentreToFind()) {
            return null;
        }
        $checks = ClampCheck::query()
            ->where('frame_id', $frame->id)
            ->where('machine_id', $machine->id)
            ->orderBy('id')
            ->get();

        return self::row($machine, $frame, $checks, self::lastSetUp($checks)[$machine->id] ?? []);
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
     * Since the clamps were found, that is: what was set up before moved none of them, and what was never found is due.
     *
     * @param BaseCollection<int, ClampCheck> $checks
     *
     * @return array<int, array<int, CarbonImmutable>> machine => frame => when
     */
    private static function lastSetUp(BaseCollection $checks): array
    {
        $since = $checks->where('dropped', false)->min('checked_at');
        $last = [];
        $rows =
            $since === null
                ? []
                : FloorEvent::query()
                    ->join('batches as b', 'b.id', '=', 'floor_events.batch_id')
                    ->join('setups as s', 's.decoration_id', '=', 'b.decoration_id')
                    ->where('floor_events.kind', EventKind::PreflightDone)
                    ->where('floor_events.recorded_at', '>=', $since)
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
