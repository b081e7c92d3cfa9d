<?php

declare(strict_types=1);

namespace App\Floor\Models;

use Hakama\Floor\BatchRun;
use Hakama\Floor\EventKind;
use Hakama\Floor\Load;
use Hakama\Floor\Stage;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What the events of a batch come to, kept from one to the next so that a report need not read them all.
 *
 * @property int            $batch_id
 * @property int            $seq        of the last event in it
 * @property Stage          $stage
 * @property int            $load
 * @property string|null    $load_event
 * @property int            $stitch
 * @property float          $clock_s
 * @property EventKind|null $halted_by
 * @property int            $done
 * @property int            $spoiled
 * @property int            $hooping    of the pieces in that load, from 1
 * @property list<int>      $on_frame
 * @property list<int>      $hooped
 * @property bool           $holds      a frame, in the machine or beside it
 */
final class BatchProgress extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $table = 'batch_runs';
    protected $primaryKey = 'batch_id';
    protected $guarded = [];
    protected $casts = [
        'stage' => Stage::class,
        'halted_by' => EventKind::class,
        'on_frame' => 'array',
        'hooped' => 'array',
        'holds' => 'boolean',
    ];

    /** @return HasMany<FloorEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(FloorEvent::class, 'batch_id', 'batch_id');
    }

    /** @return list<int> pieces of a batch that are in a frame */
    public static function hoopedOf(int $batchId): array
    {
        return self::query()->find($batchId)->hooped ?? [];
    }

    /** @param int $pieces that the batch has now */
    public function toCore(int $pieces): BatchRun
    {
        return BatchRun::kept(
            $pieces,
            $this->stage,
            new Load($this->load, $this->load_event, $this->stitch, $this->clock_s, $this->halted_by, $this->hooping),
            $this->on_frame,
            $this->hooped,
            $this->done,
            $this->spoiled,
        );
    }

    public static function keep(int $batchId, int $seq, BatchRun $run): void
    {
        self::query()->upsert(
            [
                'batch_id' => $batchId,
                'seq' => $seq,
                'stage' => $run->stage->value,
                'load' => $run->load->number,
                'load_event' => $run->load->event,
                'stitch' => $run->load->stitch,
                'clock_s' => $run->load->clockS,
                'halted_by' => $run->load->haltedBy?->value,
                'hooping' => $run->load->hooping,
                'done' => $run->done,
                'spoiled' => $run->spoiled,
                'on_frame' => json_encode($run->onFrame, JSON_THROW_ON_ERROR),
                'hooped' => json_encode($run->hooped, JSON_THROW_ON_ERROR),
                'holds' => $run->onFrame !== [] || $run->hooped !== [],
            ],
            ['batch_id'],
        );
    }
}
