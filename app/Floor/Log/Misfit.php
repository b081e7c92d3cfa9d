<?php

declare(strict_types=1);

namespace App\Floor\Log;

use App\Floor\Models\FloorEvent;
use App\Foundation\Words\Dates;
use App\Foundation\Words\Words;
use App\Machine\Models\Machine;
use App\Plan\Models\Batch;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;
use Hakama\Floor\OutOfTurn;

/** An event in the log that cannot have followed on those before it: its batch cannot be worked out until it is voided. */
final readonly class Misfit
{
    /** What is older is nothing a person at the machine can still tell. */
    private const DAYS = 90;

    private function __construct(public Batch $batch, public FloorEvent $event, public string $why) {}

    /** The first of a batch; null where its events follow on each other. */
    public static function of(Batch $batch): ?self
    {
        try {
            FloorLog::fold($batch->id, FloorLog::pieces($batch));
        } catch (OutOfTurn $e) {
            return self::named($batch, $e);
        }

        return null;
    }

    public static function named(Batch $batch, OutOfTurn $e): self
    {
        return new self(
            $batch,
            FloorEvent::query()->with('batch')->where('event_id', $e->event)->firstOrFail(),
            Words::why($e),
        );
    }

    /** @return list<self> of batches in which one load was told to be sewn twice at this machine, or told of last */
    public static function at(Machine $machine): array
    {
        $twice = FloorEvent::query()
            ->where('machine_id', $machine->id)
            ->where('kind', EventKind::Sewn)
            ->where('recorded_at', '>=', CarbonImmutable::now()->subDays(self::DAYS))
            ->groupBy('batch_id', 'load')
            ->havingRaw('count(*) > 1')
            ->pluck('batch_id');
        $last = FloorEvent::query()->where('machine_id', $machine->id)->orderByDesc('seq')->value('batch_id');
        $found = [];
        foreach (Batch::query()->whereKey($twice->push($last)->unique())->orderBy('id')->get() as $batch) {
            $found[] = self::of($batch);
        }

        return array_values(array_filter($found));
    }

    public function words(): string
    {
        return __('floor.misfit.load_at_by', [
            'code' => $this->batch->code,
            'load' => $this->event->load,
            'value' => __("floor.event.{$this->event->kind->value}"),
            'recorded_at' => Dates::dayTime($this->event->recorded_at),
            'value_2' => $this->event->source === 'machine' ? __('floor.misfit.the_machine') : __('floor.misfit.hand'),
        ]);
    }
}
