<?php

declare(strict_types=1);

namespace App\Api\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Where a program is told what is new. */
final class TellAt extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['url' => ['required', 'string', 'max:300', 'url:http,https']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['url.*' => __('api.told.enter_an_address')];
    }
}
