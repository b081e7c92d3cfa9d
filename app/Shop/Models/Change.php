<?php

declare(strict_types=1);

namespace App\Shop\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One change by somebody: appended, never changed.
 *
 * @property int                       $seq
 * @property CarbonImmutable           $made_at
 * @property string                    $who    '' where nobody has signed in
 * @property string                    $kind   what kind of thing: order, rule, setup …
 * @property string                    $thing  which one, as it is called in its address
 * @property string                    $what   in words
 * @property array<string, mixed>|null $before
 * @property array<string, mixed>|null $after
 */
final class Change extends Model
{
    protected $table = 'changes';
    public const ORDER = 'order';
    public const RULE = 'rule';
    public const SETUP = 'setup';
    public const CATALOGUE = 'catalogue';
    public const PERSON = 'person';
    public const MACHINE = 'machine';
    public const SHOP = 'shop';
    public const CUSTOMER = 'customer';
    /** What is noted of a machine that is new. */
    public const CAME = 'came to the shop';
    public const KINDS = [
        self::ORDER,
        self::RULE,
        self::SETUP,
        self::CATALOGUE,
        self::PERSON,
        self::MACHINE,
        self::SHOP,
        self::CUSTOMER,
    ];

    public $timestamps = false;
    protected $primaryKey = 'seq';
    protected $guarded = [];
    protected $casts = ['made_at' => Moment::class, 'before' => 'array', 'after' => 'array'];
}
