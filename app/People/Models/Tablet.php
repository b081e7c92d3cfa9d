<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Foundation\Clock\Moment;
use App\Machine\Models\Machine;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * A screen at the machines that stays signed in as itself and asks who acts.
 *
 * @property int                  $id
 * @property string               $name
 * @property string               $token_hash
 * @property int|null             $machine_id the one it stands at
 * @property CarbonImmutable      $paired_at
 * @property CarbonImmutable|null $revoked_at
 * @property Machine|null         $machine
 */
final class Tablet extends Model
{
    protected $table = 'tablets';
    private const COOKIE = 'hakama_tablet';
    private const MINUTES = 60 * 24 * 400;

    public $timestamps = false;
    protected $guarded = [];
    protected $hidden = ['token_hash'];
    protected $casts = ['paired_at' => Moment::class, 'revoked_at' => Moment::class];

    /** The tablet that asks, by what it was given when it was paired. */
    public static function of(Request $request): ?self
    {
        $token = $request->cookie(self::COOKIE);

        return is_string($token) && $token !== ''
            ? self::query()
                ->with('machine')
                ->where('token_hash', hash('sha256', $token))
                ->whereNull('revoked_at')
                ->first()
            : null;
    }

    public static function pair(string $name, ?int $machine): Cookie
    {
        $token = Str::random(48);
        self::query()->create([
            'name' => $name,
            'token_hash' => hash('sha256', $token),
            'machine_id' => $machine,
            'paired_at' => CarbonImmutable::now(),
        ]);

        return cookie(self::COOKIE, $token, self::MINUTES);
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }
}
