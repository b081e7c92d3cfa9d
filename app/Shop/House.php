<?php

declare(strict_types=1);

namespace App\Shop;

use App\Foundation\Database\Transaction;
use App\Foundation\Database\TurnCache;
use App\Foundation\StateHash;
use App\Foundation\Words\Languages;
use App\Shop\Models\ChosenSchool;
use App\Shop\Models\RuleValue;
use Hakama\House\HouseRule;
use Hakama\House\HouseRules;
use Hakama\House\Question;
use Hakama\House\UnfitRule;
use Hakama\House\Units;

/** The shop's own figures, as they are kept: every page asks for them and they hardly ever change. */
final class House
{
    private const KEPT = 'house-rules-and-schools';

    private ?HouseRules $rules = null;
    /** @var array<string, HouseRules> units => the same, with these */
    private array $read = [];

    public function __construct(private readonly TurnCache $kept) {}

    /** In what lengths whoever asks measures on a garment. */
    public function units(): Units
    {
        return Units::of($this->rules());
    }

    /** As whoever asks reads them: lengths in their own units. */
    public function rules(): HouseRules
    {
        $units = Languages::habits()->units;
        if ($units === null) {
            return $this->ofShop();
        }

        return $this->read[$units->value] ??= $this->ofShop()->with([], [Question::Units->value => $units->value]);
    }

    /** As the shop has set them, whoever asks. */
    public function ofShop(): HouseRules
    {
        return $this->rules ??= HouseRules::of(...$this->kept->get(self::KEPT, self::stored(...)));
    }

    /**
     * @param array<string, float>  $figures rule => value
     * @param array<string, string> $schools question => school
     *
     * @return list<HouseRule> that have another value now
     *
     * @throws UnfitRule when a value is out of its range, or they do not go with each other
     */
    public function change(array $figures, array $schools = []): array
    {
        return Transaction::run(function () use ($figures, $schools): array {
            $before = HouseRules::of(...self::stored());
            $this->rules = $before->with($figures, $schools);
            $this->read = [];
            $changed = $this->rules->differingFrom($before);
            foreach ($changed as $rule) {
                RuleValue::query()->updateOrCreate(['name' => $rule->value], ['value' => $this->rules->value($rule)]);
            }
            foreach ($schools as $question => $school) {
                ChosenSchool::query()->updateOrCreate(['question' => $question], ['school' => $school]);
            }

            return $changed;
        });
    }

    /** @return array<string, float> rule => value, of every rule */
    public function figures(): array
    {
        $figures = [];
        foreach (HouseRule::cases() as $rule) {
            $figures[$rule->value] = $this->ofShop()->value($rule);
        }

        return $figures;
    }

    /** @return array<string, string> question => school, of every question */
    public function schools(): array
    {
        $schools = [];
        foreach (Question::cases() as $question) {
            $schools[$question->value] = $this->ofShop()->school($question);
        }

        return $schools;
    }

    /** Other rules have another sign. */
    public function sign(): string
    {
        return StateHash::of(self::stored());
    }

    /** @return array{array<string, float>, array<string, string>} figures and schools */
    private static function stored(): array
    {
        return [
            array_map(floatval(...), RuleValue::query()->orderBy('name')->pluck('value', 'name')->all()),
            ChosenSchool::query()->orderBy('question')->pluck('school', 'question')->all(),
        ];
    }
}
