<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use App\Shop\House;
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
        $messages = ['schools.*' => 'Choose one of the schools.', 'schools.array' => 'That is no question of the house.'];
        foreach (HouseRule::cases() as $rule) {
            $spec = RuleSpec::of($rule);
            $messages["{$rule->value}.between"] = "From {$spec->least} to {$spec->most} {$spec->unit}.";
            $messages["{$rule->value}.*"] = 'Write a number.';
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
                        'Somebody else has changed the house rules meanwhile; what you wrote is still here. Look at the '.
                            'page anew before you save it.',
                    );
                }
                try {
                    $house->rules()->with($this->figures(), $this->schools());
                } catch (UnfitRule $e) {
                    $validator->errors()->add(HouseRule::DayStarts->value, ucfirst($e->getMessage()).'.');
                }
            },
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->merge(
            array_map(
                static fn(mixed $typed): mixed => is_string($typed) ? str_replace(',', '.', $typed) : $typed,
                $this->only(array_column(HouseRule::cases(), 'value')),
            ),
        );
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
