<?php

declare(strict_types=1);

namespace App\Setup\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How long a load of a setup sews on one machine. Kept by `KeepSetupTimes`, never written elsewhere.
 *
 * @property int $setup_id
 * @property int $machine_id
 * @property int $seconds
 */
final class SetupTime extends Model
{
    protected $table = 'setup_times';
    public $timestamps = false;
    public $incrementing = false;
    protected $guarded = [];
    protected $casts = ['seconds' => 'integer'];
}
