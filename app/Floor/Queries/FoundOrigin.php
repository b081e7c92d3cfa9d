<?php

declare(strict_types=1);

namespace App\Floor\Queries;

use App\Floor\Models\FloorEvent;
use App\Foundation\Words\Dates;
use App\Machine\Models\Machine;
use App\Setup\Models\Origin;
use App\Shop\Figure;
use Carbon\CarbonImmutable;
use Hakama\Floor\EventKind;

/** Where this artwork was sewn in this frame on this machine before, and whether the frame was off since. */
final readonly class FoundOrigin
{
    private function __construct(
        public float $xMm,
        public float $yMm,
        public string $who,
        public CarbonImmutable $at,
        public bool $wasOff,
    ) {}

    public static function of(Running $running, Machine $machine): ?self
    {
        $origin = Origin::query()
            ->select('origins.*')
            ->join('frames', 'frames.id', '=', 'origins.frame_id')
            ->where('artwork_id', $running->batch->design->id)
            ->where('frames.code', $running->batch->batch->equipment->frame)
            ->where('machine_id', $machine->id)
            ->first();

        return $origin === null
            ? null
            : new self(
                $origin->x_mm,
                $origin->y_mm,
                $origin->who,
                $origin->kept_at,
                // Another batch was set up here since: the frame, or even the driver, has been changed.
                FloorEvent::query()
                    ->where('machine_id', $machine->id)
                    ->where('kind', EventKind::PreflightDone)
                    ->where('batch_id', '!=', $running->batch->id)
                    ->where('recorded_at', '>', $origin->kept_at)
                    ->exists(),
            );
    }

    public function words(): string
    {
        return __('floor.found_origin.sewn_here_in_this_frame_at', [
            'x_mm' => Figure::words($this->xMm, 1),
            'y_mm' => Figure::words($this->yMm, 1),
            'value' => $this->who === '' ? '' : "{$this->who}, ",
            'at' => Dates::dateTime($this->at),
            'value_2' => $this->wasOff ? ' '.__('floor.found_origin.the_frame_was_off_since_then') : '',
        ]);
    }
}
