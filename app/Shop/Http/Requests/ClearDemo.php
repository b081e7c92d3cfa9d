<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The demo is cleared away; what of it one would like to go on with. */
final class ClearDemo extends FormRequest
{
    public const KEEPS = ['machines', 'frames', 'garments', 'threads', 'rules'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'keep' => ['nullable', 'array'],
            'keep.*' => [Rule::in(self::KEEPS)],
            'word' => ['required', Rule::in([__('shop.clear_demo.word')])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'word.*' => __('shop.clear_demo.type_to_clear_the_demo', ['value' => __('shop.clear_demo.word')]),
            'keep.*' => __('shop.clear_demo.that_cannot_be_kept_on_its'),
        ];
    }

    /** @return list<string> */
    public function keep(): array
    {
        return array_values(array_map(strval(...), $this->array('keep')));
    }

    /** What may be kept, as it is read. */
    public static function words(string $what): string
    {
        return match ($what) {
            'machines' => __('shop.clear_demo.machines'),
            'frames' => __('shop.clear_demo.frames'),
            'garments' => __('shop.clear_demo.garments'),
            'threads' => __('shop.clear_demo.threads'),
            default => __('shop.clear_demo.rules'),
        };
    }
}
