<?php

declare(strict_types=1);

namespace App\Shop\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The school of a question that the shop follows.
 *
 * @property string $question
 * @property string $school
 */
final class ChosenSchool extends Model
{
    public $timestamps = false;
    public $incrementing = false;
    protected $table = 'house_schools';
    protected $primaryKey = 'question';
    protected $keyType = 'string';
    protected $guarded = [];
}
