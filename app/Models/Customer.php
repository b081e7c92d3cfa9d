<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int    $id
 * @property string $name
 */
final class Customer extends Model
{
    public $timestamps = false;
    protected $guarded = [];
}
