<?php

declare(strict_types=1);

namespace App\Api\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What a program was answered to a request with a key: asked again with it, it is answered the same.
 *
 * @property int             $id
 * @property int             $connected_program_id
 * @property string          $key
 * @property string          $content SHA-256 of what was asked
 * @property int             $status
 * @property string          $location
 * @property string          $body
 * @property CarbonImmutable $made_at
 */
final class ProgramRequest extends Model
{
    protected $table = 'program_requests';
    public $timestamps = false;
    protected $guarded = [];
    // A link in it lets in whoever has it.
    protected $casts = ['made_at' => Moment::class, 'body' => 'encrypted'];
}
