<?php

declare(strict_types=1);

namespace App\Api\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Where a program is told what is new, and whether it hears.
 *
 * @property int                  $id
 * @property int                  $connected_program_id
 * @property string               $url
 * @property string               $secret      with which what is told is signed; readable to this shop alone
 * @property int                  $failures    in a row
 * @property string               $why         the last try failed
 * @property CarbonImmutable|null $next_try_at null: at once
 * @property CarbonImmutable|null $stopped_at  it was not heard for days; somebody has to say that it goes on
 * @property CarbonImmutable      $made_at
 * @property ConnectedProgram     $program
 */
final class Webhook extends Model
{
    /** Minutes to the next try, by how many failed in a row; the last holds for all after it. */
    private const BACKOFF_MIN = [1, 2, 5, 10, 20, 30, 60];
    private const GIVES_UP_H = 72;
    private const WHY = 200;

    protected $table = 'webhooks';
    public $timestamps = false;
    protected $guarded = [];
    protected $hidden = ['secret'];
    protected $casts = [
        'secret' => 'encrypted',
        'next_try_at' => Moment::class,
        'stopped_at' => Moment::class,
        'made_at' => Moment::class,
    ];

    /** @return BelongsTo<ConnectedProgram, $this> */
    public function program(): BelongsTo
    {
        return $this->belongsTo(ConnectedProgram::class, 'connected_program_id');
    }

    public function isDue(): bool
    {
        return $this->stopped_at === null && ($this->next_try_at === null || ! $this->next_try_at->isFuture());
    }

    public function heard(): void
    {
        if ($this->failures > 0) {
            $this->update(['failures' => 0, 'why' => '', 'next_try_at' => null]);
        }
    }

    /** @param CarbonImmutable $since when what it does not hear was made */
    public function failed(string $why, CarbonImmutable $since): void
    {
        $now = CarbonImmutable::now();
        $this->update([
            'failures' => $this->failures + 1,
            'why' => mb_substr($why, 0, self::WHY),
            'next_try_at' => $now->addMinutes(
                self::BACKOFF_MIN[min($this->failures, count(self::BACKOFF_MIN) - 1)],
            ),
            'stopped_at' => $since->diffInHours($now) >= self::GIVES_UP_H ? $now : null,
        ]);
    }
}
