<?php

declare(strict_types=1);

namespace App\Shop;

use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\House\UnfitRule;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** The shop's own figures, as they are kept: every page asks for them and they hardly ever change. */
final class House
{
    private const KEPT = 'house-rules-and-schools';

    private ?HouseRules $rules = null;

    public function rules(): HouseRules
    {
        return $this->rules ??= HouseRules::of(...Cache::rememberForever(self::KEPT, self::stored(...)));
    }

    /** @throws UnfitRule when the value is out of its range, or does not go with the others */
    public function set(HouseRule $rule, float $value): void
    {
        [$figures, $schools] = self::stored();
        $this->rules = HouseRules::of([...$figures, $rule->value => $value], $schools);
        DB::table('house_rules')->upsert(['name' => $rule->value, 'value' => $value], ['name'], ['value']);
        DB::afterCommit(self::forget(...));
    }

    /** @throws UnfitRule when the question knows no such school */
    public function follow(Question $question, string $school): void
    {
        [$figures, $schools] = self::stored();
        $this->rules = HouseRules::of($figures, [...$schools, $question->value => $school]);
        DB::table('house_schools')->upsert(
            ['question' => $question->value, 'school' => $school],
            ['question'],
            ['school'],
        );
        DB::afterCommit(self::forget(...));
    }

    /** Another database, another shop: what was kept of the old one no longer holds. */
    public static function forget(): void
    {
        Cache::forget(self::KEPT);
    }

    /** @return array{array<string, float>, array<string, string>} figures and schools */
    private static function stored(): array
    {
        return [
            array_map(floatval(...), DB::table('house_rules')->pluck('value', 'name')->all()),
            DB::table('house_schools')->pluck('school', 'question')->all(),
        ];
    }
}
