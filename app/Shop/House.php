<?php

declare(strict_types=1);

namespace App\Shop;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\UnfitRule;
use Illuminate\Support\Facades\DB;

/** The shop's own figures, as they are kept; read once a request. */
final class House
{
    private ?HouseRules $rules = null;

    public function rules(): HouseRules
    {
        return $this->rules ??= HouseRules::of(array_map(floatval(...), DB::table('house_rules')->pluck('value', 'name')->all()));
    }

    /** @throws UnfitRule when the value is out of its range, or does not go with the others */
    public function set(HouseRule $rule, float $value): void
    {
        $all = array_map(floatval(...), DB::table('house_rules')->pluck('value', 'name')->all());
        $this->rules = HouseRules::of([...$all, $rule->value => $value]);
        DB::table('house_rules')->upsert(['name' => $rule->value, 'value' => $value], ['name'], ['value']);
    }
}
