<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use Hakama\House\HouseRule;
use Illuminate\Foundation\Http\FormRequest;

/** Another value for a house rule; the field bears the name of the rule. */
final class SetRule extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [$this->rule()->value => ['required', 'numeric']];
    }

    public function rule(): HouseRule
    {
        $rule = $this->route('rule');

        return HouseRule::tryFrom(is_string($rule) ? $rule : '') ?? abort(404);
    }

    public function value(): float
    {
        return $this->float($this->rule()->value);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ["{$this->rule()->value}.*" => 'Write a number.'];
    }
}
