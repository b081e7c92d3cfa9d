<?php

declare(strict_types=1);

namespace App\People\Http\Requests;

use App\Foundation\Http\ReadsChoices;
use Hakama\House\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class ChangePerson extends FormRequest
{
    use ReadsChoices;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['role' => ['required', Rule::enum(Role::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['role.*' => __('people.change_person.choose_a_role')];
    }

    public function role(): Role
    {
        return $this->chosen('role', Role::class);
    }
}
