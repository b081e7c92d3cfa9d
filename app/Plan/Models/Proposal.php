<?php

declare(strict_types=1);

namespace App\Plan\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A plan that is being looked for beside the one in force, or was found: taken whole, in part, or left.
 *
 * @property int                              $id
 * @property string                           $state waiting, searching, ready, taken, left, failed
 * @property array<string, mixed>|null        $what_if
 * @property int                              $version    of the plan it began with
 * @property int                              $seed
 * @property int                              $iterations 0: the plan in force is only mended
 * @property int                              $searchers  that looked for it at once
 * @property int                              $done
 * @property float|null                       $start_cost of the plan in force, in the shop as it would be
 * @property float|null                       $cost       of the best so far
 * @property float|null                       $late_min
 * @property float|null                       $changeover_min
 * @property float|null                       $bound
 * @property array<string, list<string>>|null $sequence   machine => batches
 * @property array<string, array{sequence: array<string, list<string>>, cost: float, expected: float|null, kept: float|null}>|null $weighed
 *     'mended' with few moves, 'kept', which keeps most promises, and 'paper', or 'found' where these are one; null where
 *     there is only one
 * @property bool                             $stop
 * @property CarbonImmutable                  $asked_at
 * @property CarbonImmutable|null             $found_at
 */
final class Proposal extends Model
{
    protected $table = 'proposals';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'what_if' => 'array',
        'sequence' => 'array',
        'weighed' => 'array',
        'stop' => 'boolean',
        'asked_at' => Moment::class,
        'found_at' => Moment::class,
    ];

    public function isSearching(): bool
    {
        return in_array($this->state, ['waiting', 'searching'], true);
    }

    public function isForMending(): bool
    {
        return $this->iterations === 0;
    }

    /** There is something that can be used: what was found, or what was mended while the search goes on. */
    public function isThere(?string $which): bool
    {
        return $this->state === 'ready' || ($this->isSearching() && isset($this->weighed[$which ?? '']));
    }

    /**
     * The plan that is looked at: the one that is proposed, or the other.
     *
     * @return array<string, list<string>> machine => batches
     */
    public function sequenceOf(?string $which): array
    {
        return $this->weighed[$which]['sequence'] ?? $this->sequence ?? [];
    }

    /** Which of the two it is; null where there is only one. */
    public function whichOf(?string $which): ?string
    {
        foreach ($this->weighed ?? [] as $name => $one) {
            if ($name === $which || (! isset($this->weighed[$which ?? '']) && $one['sequence'] === $this->sequence)) {
                return $name;
            }
        }

        return null;
    }

    /** Nothing can be cheaper than what was found. */
    public function isProven(): bool
    {
        return $this->bound !== null && $this->stillToSave() < 0.001;
    }

    /** What a better plan could cost less at most. */
    public function stillToSave(): float
    {
        return max(0.0, ($this->cost ?? 0.0) - ($this->bound ?? 0.0));
    }
}
