<?php

declare(strict_types=1);

namespace App\Api\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * By which a program is known; only its hash is kept.
 *
 * @property int                  $id
 * @property list<string>|null    $abilities each of `Scope`
 * @property CarbonImmutable|null $last_used_at
 */
final class ProgramToken extends PersonalAccessToken
{
    private const USED = 'last_used_at';
    private const NOTED_EVERY_S = 60;

    protected $table = 'program_tokens';
    protected $casts = [
        'abilities' => 'json',
        'last_used_at' => Moment::class,
        'expires_at' => Moment::class,
        'created_at' => Moment::class,
        'updated_at' => Moment::class,
    ];

    /**
     * When it was used is noted once a minute: a program that reads changes nothing of the shop with each page.
     *
     * @param array<string, mixed> $options
     */
    public function save(array $options = []): bool
    {
        $before = $this->getOriginal(self::USED);
        $isNoted = $before instanceof CarbonImmutable && $before->diffInSeconds(CarbonImmutable::now()) < self::NOTED_EVERY_S;

        return ($this->exists && $isNoted && array_keys($this->getDirty()) === [self::USED]) || parent::save($options);
    }
}
