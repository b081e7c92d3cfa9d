<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use App\Foundation\Words\Words;
use App\Shop\House;
use App\Shop\RuleWords;
use Hakama\House\HouseRule;
use Hakama\House\Question;
use Hakama\House\RuleSpec;
use Hakama\House\School;
use Hakama\House\UnfitRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** House rules as they are typed on one page, and the schools that are followed; a field bears the name of its rule. */
final class SetRules extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = [
            'schools' => ['array:'.implode(',', array_column(Question::cases(), 'value'))],
            'seen' => ['nullable', 'string'],
        ];
        foreach (HouseRule::cases() as $rule) {
            $spec = RuleSpec::of($rule);
            $rules[$rule->value] = ['sometimes', 'required', 'numeric', "between:{$spec->least},{$spec->most}"];
        }
        foreach (Question::cases() as $question) {
            $rules["schools.{$question->value}"] = [
                'sometimes',
                Rule::in(array_map(static fn(School $one): string => $one->value, $question->schools())),
            ];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [
            'schools.*' => __('shop.set_rules.choose_one_of_the_options'),
            'schools.array' => __('shop.set_rules.that_is_not_a_house_rule'),
        ];
        foreach (HouseRule::cases() as $rule) {
            $spec = RuleSpec::of($rule);
            $messages["{$rule->value}.between"] = __('shop.set_rules.from_to', [
                'least' => RuleWords::figure($rule, $spec->least),
                'most' => RuleWords::figure($rule, $spec->most),
                'unit' => RuleWords::unit($rule),
            ]);
            $messages["{$rule->value}.*"] = __('shop.set_rules.enter_a_number');
        }

        return $messages;
    }

    /** @return list<callable(Validator): void> */
    public function after(House $house): array
    {
        return [
            function (Validator $validator) use ($house): void {
                if ($validator->errors()->isNotEmpty()) {
                    return;
                }
                if ($this->filled('seen') && $this->string('seen')->value() !== $house->sign()) {
                    $validator->errors()->add(
                        'seen',
                        __('shop.set_rules.somebody_else_changed_the_house_rules'),
                    );
                }
                try {
                    $house->rules()->with($this->figures(), $this->schools());
                } catch (UnfitRule $e) {
                    $validator->errors()->add(HouseRule::DayStarts->value, Words::why($e));
                }
            },
        ];
    }

    /** Amounts are typed as money and kept in cents. */
    protected function prepareForValidation(): void
    {
        $read = [];
        foreach (HouseRule::cases() as $rule) {
            $typed = $this->input($rule->value);
            if (is_string($typed)) {
                $figure = str_replace(',', '.', $typed);
                $read[$rule->value] = RuleSpec::of($rule)->isMoney() && is_numeric($figure)
                    ? (string) round(100 * (float) $figure)
                    : $figure;
            }
        }
        $this->merge($read);
    }

    /** @return array<string, float> rule => value */
    public function figures(): array
    {
        return array_map(floatval(...), $this->only(array_column(HouseRule::cases(), 'value')));
    }

    /** @return array<string, string> question => school */
    public function schools(): array
    {
        return array_map(strval(...), $this->array('schools'));
    }
}
