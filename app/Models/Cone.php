<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One cone of a thread.
 *
 * @property int    $id
 * @property int    $thread_id
 * @property int    $number
 * @property string $place
 * @property int    $metres_left
 */
final class Cone extends Model
{
    public $timestamps = false;
    protected $guarded = [];
}
