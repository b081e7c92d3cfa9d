<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A code that is read off a page and typed in elsewhere, good for some minutes and once.
 *
 * @property int             $id
 * @property string          $code_hash
 * @property int|null        $machine_id what it is for, or where the tablet is to stand
 * @property string|null     $tablet     name of the tablet it is for; null: for the machine itself
 * @property CarbonImmutable $until
 */
final class Pairing extends Model
{
    protected $table = 'pairings';
    private const MINUTES = 15;
    /** Without what is taken for another: no 0, O, 1, I. */
    private const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
    private const LENGTH = 8;

    public $timestamps = false;
    protected $guarded = [];
    protected $casts = ['until' => Moment::class];

    /** @return string the code, as it is shown: "K7PM-3XQA"; only its hash is kept */
    public static function open(?int $machine, ?string $tablet = null): string
    {
        $code = '';
        for ($i = 0; $i < self::LENGTH; $i++) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }
        self::query()->where('until', '<', CarbonImmutable::now())->delete();
        self::query()->where('machine_id', $machine)->where('tablet', $tablet)->delete();
        self::query()->create([
            'code_hash' => self::hash($code),
            'machine_id' => $machine,
            'tablet' => $tablet,
            'until' => CarbonImmutable::now()->addMinutes(self::MINUTES),
        ]);

        return implode('-', str_split($code, 4));
    }

    /** What a code that was typed is for; it is good no more. */
    public static function take(string $code, bool $forTablet): ?self
    {
        $pairing = self::query()
            ->where('code_hash', self::hash($code))
            ->where('until', '>=', CarbonImmutable::now())
            ->when($forTablet, static fn($q) => $q->whereNotNull('tablet'), static fn($q) => $q->whereNull('tablet'))
            ->first();

        return $pairing !== null && self::query()->whereKey($pairing->id)->delete() === 1 ? $pairing : null;
    }

    private static function hash(string $code): string
    {
        return hash('sha256', (string) preg_replace('/[^A-Z0-9]/', '', strtoupper($code)));
    }
}
