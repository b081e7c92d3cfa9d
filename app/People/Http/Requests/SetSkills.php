<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use Hakama\Plan\Skill;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class SetSkills extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['skills' => ['nullable', 'array'], 'skills.*' => [Rule::enum(Skill::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['skills' => __('people.set_skills.choose_from_the_list'), 'skills.*' => __('people.set_skills.choose_from_the_list')];
    }

    /** @return list<Skill> each once, in their order */
    public function skills(): array
    {
        $chosen = array_map(strval(...), $this->array('skills'));

        return array_values(
            array_filter(Skill::cases(), static fn(Skill $one): bool => in_array($one->value, $chosen, true)),
        );
    }
}
