<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Foundation\Clock\Moment;
use App\Foundation\Words\Habits;
use Carbon\CarbonImmutable;
use Hakama\House\Role;
use Illuminate\Foundation\Auth\User;

/**
 * Somebody of the shop.
 *
 * @property int                  $id
 * @property string               $name
 * @property Role                 $role
 * @property list<string>|null    $skills     what they may set up and run alone, each of `Skill`
 * @property string|null          $password   its hash; null: does not sign in at desks
 * @property string|null          $pin        its hash; null: is chosen without one
 * @property string|null          $language   null: that of the shop
 * @property Habits|null          $habits     how days, hours and lengths are written for them
 * @property CarbonImmutable|null $retired_at
 */
final class Person extends User
{
    public $timestamps = false;
    protected $table = 'people';
    protected $guarded = [];
    protected $hidden = ['password', 'pin', 'remember_token'];
    protected $casts = [
        'role' => Role::class,
        'skills' => 'array',
        'habits' => Habits::class,
        'password' => 'hashed',
        'pin' => 'hashed',
        'retired_at' => Moment::class,
    ];
}
