<?php

declare(strict_types=1);

namespace App\Books\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What was learned of a house rule, offered and left.
 *
 * @property string               $about
 * @property array<string, float> $figures rule => value that was offered
 * @property string               $who
 * @property CarbonImmutable      $left_at
 */
final class DismissedSuggestion extends Model
{
    protected $table = 'left_offers';
    public $timestamps = false;
    public $incrementing = false;
    protected $primaryKey = 'about';
    protected $keyType = 'string';
    protected $guarded = [];
    protected $casts = ['figures' => 'array', 'left_at' => Moment::class];
}
