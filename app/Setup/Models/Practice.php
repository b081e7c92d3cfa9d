<?php

declare(strict_types=1);

namespace App\Setup\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\Words\Words;
use Carbon\CarbonImmutable;
use Hakama\Garment\Fabric;
use Hakama\Garment\Position;
use Illuminate\Database\Eloquent\Model;

/**
 * What one person has done with one cloth in one kind of frame.
 *
 * @property int             $id
 * @property Fabric          $fabric
 * @property string          $frame_kind
 * @property string          $position   '' where it is not known
 * @property string          $who
 * @property bool            $on_scrap
 * @property int             $came_out
 * @property int             $failed
 * @property string          $remark
 * @property CarbonImmutable $last_at
 */
final class Practice extends Model
{
    protected $table = 'practices';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['fabric' => Fabric::class, 'on_scrap' => 'boolean', 'last_at' => Moment::class];

    /** In words; '' where nobody knows. */
    public function positionLabel(): string
    {
        return Words::say(Position::tryFrom($this->position)?->label());
    }

    public function fabricLabel(): string
    {
        return Words::say($this->fabric->label());
    }
}
