<?php

declare(strict_types=1);

namespace App\Shop;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\UnfitRule;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** The shop's own figures, as they are kept: every page asks for them and they hardly ever change. */
final class House
{
    private const KEPT = 'house-rules';

    private ?HouseRules $rules = null;

    public function rules(): HouseRules
    {
        return $this->rules ??= HouseRules::of(Cache::rememberForever(self::KEPT, self::stored(...)));
    }

    /** @throws UnfitRule when the value is out of its range, or does not go with the others */
    public function set(HouseRule $rule, float $value): void
    {
        $this->rules = HouseRules::of([...self::stored(), $rule->value => $value]);
        DB::table('house_rules')->upsert(['name' => $rule->value, 'value' => $value], ['name'], ['value']);
        DB::afterCommit(self::forget(...));
    }

    /** Another database, another shop: what was kept of the old one no longer holds. */
    public static function forget(): void
    {
        Cache::forget(self::KEPT);
    }

    /** @return array<string, float> */
    private static function stored(): array
    {
        return array_map(floatval(...), DB::table('house_rules')->pluck('value', 'name')->all());
    }
}
