<?php

declare(strict_types=1);

namespace App\Api\Models;

use App\Api\NewsKind;
use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What programs are told: appended, never changed.
 *
 * @property int             $id
 * @property string          $sign    the same is the same news
 * @property NewsKind        $kind
 * @property int             $number  of the order or of the invoice
 * @property string          $body    to the last sign, as it is sent
 * @property CarbonImmutable $made_at
 */
final class News extends Model
{
    protected $table = 'news';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['kind' => NewsKind::class, 'made_at' => Moment::class];
}
