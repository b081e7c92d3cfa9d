<?php

declare(strict_types=1);

namespace App\Foundation;

use App\Foundation\Database\Transaction;
use App\Foundation\Database\TurnCache;
use App\Foundation\Words\Habits;
use App\Foundation\Words\Languages;
use App\People\Models\Person;
use App\Shop\Models\Shop;
use Closure;
use Hakama\House\Role;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Cache;

/** Whose shop it is, what it is called and by which clock it goes. Every page asks, so it is kept. */
final class ShopProfile
{
    private const KEPT = 'premises';

    private ?Shop $shop = null;

    public function __construct(private readonly TurnCache $kept) {}

    /** As it is; one that nobody has begun yet has no name. */
    public function shop(): Shop
    {
        return $this->shop ??= (new Shop())->newFromBuilder($this->rows()['shop']);
    }

    /**
     * What is written for a customer: in their language, else in the shop's.
     *
     * @template T
     *
     * @param Closure(): T $write
     *
     * @return T
     */
    public function writeTo(?string $language, Closure $write): mixed
    {
        return Languages::in($language ?? $this->shop()->language, $write);
    }

    /** Nobody has to say who they are: it is the demo, or nobody owns it yet. */
    public function liesOpen(): bool
    {
        return (bool) $this->rows()['shop']['is_demo'] || ! $this->rows()['owned'];
    }

    /** @param array<string, mixed> $as columns of the shop */
    public static function set(array $as): void
    {
        Transaction::run(static function () use ($as): void {
            $shop = Shop::query()->find(Shop::ONLY) ?? new Shop(['id' => Shop::ONLY, ...Shop::UNBEGUN]);
            $shop->fill($as)->save();
            App::forgetInstance(self::class);
        });
    }

    /** A step of the way in is done with, whatever it came to. */
    public function passOver(string $step): void
    {
        self::set(['passed_over' => array_values(array_unique([...$this->shop()->passed_over, $step]))]);
    }

    /** The time zone that was chosen, where it is at hand without asking the database. */
    public static function zoneAtHand(): ?string
    {
        $zone = self::atHand('zone');

        return is_string($zone) && in_array($zone, timezone_identifiers_list(), true) ? $zone : null;
    }

    /** The language in which the shop speaks, likewise. */
    public static function languageAtHand(): ?string
    {
        $language = self::atHand('language');

        return is_string($language) ? $language : null;
    }

    /** How the shop writes days and hours, likewise. */
    public static function habitsAtHand(): Habits
    {
        return Habits::read((array) json_decode((string) (self::atHand('habits') ?? '{}'), true));
    }

    private static function atHand(string $column): mixed
    {
        return Cache::get(self::KEPT)['rows']['shop'][$column] ?? null;
    }

    /** The code of the shop's money, for words in which an amount stands. */
    public static function currency(): string
    {
        return App::make(self::class)->shop()->currency;
    }

    /** @return array{shop: array<string, mixed>, owned: bool} */
    private function rows(): array
    {
        return $this->kept->get(
            self::KEPT,
            static fn(): array => [
                'shop' => (array) (Shop::query()->toBase()->find(Shop::ONLY) ?? [
                    'id' => Shop::ONLY,
                    ...Shop::UNBEGUN,
                    'passed_over' => '[]',
                ]),
                'owned' => Person::query()
                    ->where('role', Role::Owner->value)
                    ->whereNotNull('password')
                    ->whereNull('retired_at')
                    ->exists(),
            ],
        );
    }
}
