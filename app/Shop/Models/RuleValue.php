<?php

declare(strict_types=1);

namespace App\Shop\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A figure that the shop has set otherwise than the house starts with.
 *
 * @property string $name
 * @property float  $value
 */
final class RuleValue extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $table = 'house_rules';
    protected $primaryKey = 'name';
    protected $keyType = 'string';
    protected $guarded = [];
}
