<?php

declare(strict_types=1);

namespace App\Orders\Models;

use App\Foundation\Clock\Moment;
use App\Orders\ImportState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A long list of orders that the worker takes in: all of it is looked through first, and nothing stored while something
 * is wrong with it.
 *
 * @property int                  $id
 * @property string               $file_name
 * @property string               $checksum
 * @property ImportState          $state
 * @property int                  $orders   that are in it
 * @property int                  $checked  of them so far
 * @property int                  $stored   of them so far
 * @property list<string>|null    $problems the first few
 * @property int|null             $first_number
 * @property int|null             $last_number
 * @property bool                 $stop
 * @property CarbonImmutable      $asked_at
 * @property CarbonImmutable|null $ended_at
 */
final class OrderImport extends Model
{
    protected $table = 'order_imports';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'state' => ImportState::class,
        'problems' => 'array',
        'stop' => 'boolean',
        'asked_at' => Moment::class,
        'ended_at' => Moment::class,
    ];

    public function path(): string
    {
        return "imports/{$this->checksum}.csv";
    }

    /** Of both passes, percent. */
    public function share(): int
    {
        return $this->orders === 0 ? 0 : intdiv(50 * ($this->checked + $this->stored), $this->orders);
    }
}
