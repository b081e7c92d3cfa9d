<?php

declare(strict_types=1);

namespace App\Needles\Http\Requests;

use App\Machine\Models\Machine;
use Closure;
use Illuminate\Foundation\Http\FormRequest;

/** One head of a machine: taken out of use with what is wrong with it, or put back. One of them always sews. */
final class ChangeHead extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $machine = $this->route('machine');
        assert($machine instanceof Machine);

        return [
            'head' => [
                'required',
                'integer',
                'between:1,'.$machine->heads,
                function (string $field, mixed $head, Closure $fail) use ($machine): void {
                    $left = $machine->heads - count(($machine->heads_out ?? []) + [(int) $head => '']);
                    if ($this->isOut() && $left < 1) {
                        $fail(__('needles.change_head.no_head_would_be_left'));
                    }
                },
            ],
            'out' => ['required', 'boolean'],
            'wrong' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'head.required' => __('needles.change_head.choose_a_head'),
            'head.integer' => __('needles.change_head.choose_a_head'),
            'head.between' => __('needles.change_head.choose_a_head'),
            'out.*' => __('needles.change_head.choose_a_head'),
            'wrong.*' => __('needles.change_head.up_to_80_characters'),
        ];
    }

    public function isOut(): bool
    {
        return $this->boolean('out');
    }
}
