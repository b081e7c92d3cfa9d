<?php

declare(strict_types=1);

namespace App\Floor\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * An event that stood in the log of the floor and cannot have happened, taken out of it whole, with who did it and why.
 *
 * @property int                  $seq      that it had in the log
 * @property string               $event_id
 * @property array<string, mixed> $row      as it stood there
 * @property string               $who
 * @property string               $reason
 * @property CarbonImmutable      $voided_at
 */
final class VoidedEvent extends Model
{
    protected $table = 'voided_events';
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'seq';
    protected $guarded = [];
    protected $casts = ['row' => 'array', 'voided_at' => Moment::class];
}
