<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The demo is cleared away; what of it one would like to go on with. */
final class ClearDemo extends FormRequest
{
    public const KEEPS = [
        'machines' => 'Machines',
        'frames' => 'Frames',
        'garments' => 'Garments with their measures',
        'threads' => 'The thread shelf',
        'rules' => 'House rules, as they are set',
    ];
    private const WORD = 'my own';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'keep' => ['nullable', 'array'],
            'keep.*' => [Rule::in(array_keys(self::KEEPS))],
            'word' => ['required', Rule::in([self::WORD])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'word.*' => 'Type “'.self::WORD.'” to clear the demo away.',
            'keep.*' => 'That cannot be kept by itself.',
        ];
    }

    /** @return list<string> */
    public function keep(): array
    {
        return array_values(array_map(strval(...), $this->array('keep')));
    }
}
