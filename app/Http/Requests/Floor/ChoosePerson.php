<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Shop\Catalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Who stands at the machines from now on. */
final class ChoosePerson extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'who' => ['required', 'string', Rule::in(app(Catalogue::class)->people())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'who.*' => 'Choose who stands at the machine.',
        ];
    }
}
