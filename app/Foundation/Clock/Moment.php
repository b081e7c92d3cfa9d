<?php

declare(strict_types=1);

namespace App\Foundation\Clock;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A moment: kept in the tables as UTC, which has every hour of the year once; in the program by the shop's own clock.
 *
 * @implements CastsAttributes<CarbonImmutable, DateTimeInterface|string>
 */
final class Moment implements CastsAttributes
{
    public const FORMAT = 'Y-m-d H:i:s';

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?CarbonImmutable
    {
        return $value === null ? null : self::read((string) $value);
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof DateTimeInterface => self::write($value),
            // Written by hand it is the shop's own time.
            default => self::write(CarbonImmutable::parse((string) $value)),
        };
    }

    /** As the tables have it: "2026-03-04 08:40:00". */
    public static function read(string $kept): CarbonImmutable
    {
        static $utc = null;
        $utc ??= new DateTimeZone('UTC');

        // Made from the framework's own class it takes several times as long.
        return CarbonImmutable::createFromInterface((new DateTimeImmutable($kept, $utc))->setTimezone(self::zone()));
    }

    /** By whose clock the shop goes. */
    public static function zone(): DateTimeZone
    {
        static $kept = [];
        $name = (string) config('app.timezone');

        return $kept[$name] ??= new DateTimeZone($name);
    }

    public static function write(DateTimeInterface $moment): string
    {
        return CarbonImmutable::instance($moment)->utc()->format(self::FORMAT);
    }
}
