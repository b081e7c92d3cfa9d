<?php

declare(strict_types=1);

namespace App\Api\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as Known;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Laravel\Sanctum\HasApiTokens;

/**
 * A program of somebody else that was let in: a web shop, a bookkeeping program.
 *
 * @property int                          $id
 * @property string                       $name
 * @property string                       $form_id    the same again is the same program
 * @property string                       $who        let it in
 * @property CarbonImmutable              $made_at
 * @property CarbonImmutable|null         $revoked_at
 * @property Collection<int, ProgramToken> $tokens
 * @property Webhook|null                 $webhook
 */
final class ConnectedProgram extends Model implements Known
{
    use Authenticatable;

    /** @use HasApiTokens<ProgramToken> */
    use HasApiTokens;

    protected $table = 'connected_programs';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['made_at' => Moment::class, 'revoked_at' => Moment::class];

    /** @return HasOne<Webhook, $this> */
    public function webhook(): HasOne
    {
        return $this->hasOne(Webhook::class);
    }
}
