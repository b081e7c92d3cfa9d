<?php

declare(strict_types=1);

namespace App\Artwork\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\Words\Words;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Hakama\Setup\Backing\Backing;
use Illuminate\Database\Eloquent\Model;

/**
 * An artwork sewn on scrap at real size: on what, how, and whether it came out.
 *
 * @property int             $id
 * @property int             $artwork_id
 * @property int             $revision
 * @property Fabric          $fabric
 * @property Backing          $backing
 * @property int             $layers
 * @property string          $needle
 * @property int             $speed_spm
 * @property bool            $passed
 * @property string          $remark
 * @property string          $who
 * @property string|null     $photo
 * @property CarbonImmutable $sewn_at
 */
final class SewOut extends Model
{
    protected $table = 'sew_outs';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'fabric' => Fabric::class,
        'backing' => Backing::class,
        'passed' => 'boolean',
        'sewn_at' => Moment::class,
    ];

    public function fabricLabel(): string
    {
        return Words::say($this->fabric->label());
    }

    public function backingLabel(): string
    {
        return "{$this->layers} × ".Words::say($this->backing->label());
    }
}
