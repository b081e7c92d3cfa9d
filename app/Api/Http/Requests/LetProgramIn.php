<?php

declare(strict_types=1);

namespace App\Api\Http\Requests;

use App\Api\Scope;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A program that is to be let in. */
final class LetProgramIn extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'form' => ['required', 'uuid'],
            'name' => ['required', 'string', 'max:60'],
            'scopes' => ['required', 'array', 'min:1'],
            'scopes.*' => [Rule::enum(Scope::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'form.*' => __('money.invoice_controller.reload_the_page'),
            'name.*' => __('api.page.enter_a_name'),
            'scopes' => __('api.page.choose_one'),
            'scopes.*' => __('api.page.choose_one'),
        ];
    }

    /** @return list<Scope> */
    public function scopes(): array
    {
        return array_values(array_map(
            static fn(mixed $typed): Scope => Scope::from((string) $typed),
            array_unique($this->array('scopes')),
        ));
    }
}
