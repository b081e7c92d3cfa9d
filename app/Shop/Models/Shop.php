<?php

declare(strict_types=1);

namespace App\Shop\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\Words\Habits;
use Carbon\CarbonImmutable;
use Hakama\Money\Letterhead;
use Illuminate\Database\Eloquent\Model;

/**
 * The shop itself: one row.
 *
 * @property int                  $id
 * @property string               $name
 * @property string               $zone
 * @property string               $currency     three letters
 * @property string               $language     in which it speaks to whoever has chosen none
 * @property Habits               $habits       how it writes days, hours and figures, for whoever says nothing else
 * @property bool                 $is_demo
 * @property array<string, string>|null $letterhead fields of a letterhead
 * @property string               $calendar_secret
 * @property list<string>         $passed_over  steps of the way in that were left as they are
 * @property CarbonImmutable|null $begun_at     when the way in was done
 */
final class Shop extends Model
{
    protected $table = 'shops';
    public const ONLY = 1;
    /** What is so before anybody has said otherwise. */
    public const UNBEGUN = [
        'name' => '',
        'zone' => 'UTC',
        'currency' => 'EUR',
        'language' => 'en',
        'is_demo' => false,
        'calendar_secret' => '',
        'passed_over' => [],
        'letterhead' => null,
        'begun_at' => null,
    ];

    public $timestamps = false;
    public $incrementing = false;
    protected $guarded = [];
    protected $casts = [
        'is_demo' => 'boolean',
        'passed_over' => 'array',
        'begun_at' => Moment::class,
        'habits' => Habits::class,
        'letterhead' => 'array',
    ];

    /** What its papers say of it; empty where nobody said anything yet. */
    public function letterhead(): Letterhead
    {
        return Letterhead::of([...$this->letterhead ?? [], 'name' => $this->name]);
    }
}
