<?php

declare(strict_types=1);

namespace App\Plan\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One row with a number that every change of the plan raises: a move made on an older plan is seen as such.
 *
 * @property int $id
 * @property int $version
 */
final class Plan extends Model
{
    protected $table = 'plans';
    public $timestamps = false;
    protected $guarded = [];

    public static function version(): int
    {
        return (int) self::query()->value('version');
    }
}
