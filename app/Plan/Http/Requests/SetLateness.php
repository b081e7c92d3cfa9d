<?php

declare(strict_types=1);

namespace App\Plan\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How much a minute late counts for each customer. */
final class SetLateness extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'late' => ['required', 'array', 'max:500'],
            'late.*' => ['required', 'numeric', 'between:0.1,20'],
            'was' => ['required', 'array'],
            'was.*' => ['required', 'numeric'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'late.required' => 'There is nothing to keep.',
            'late.max' => 'At most 500 customers at once.',
            'late.*.*' => 'A number between 0.1 and 20: 1 counts as much as others.',
            'was.*' => 'Open this page anew.',
            'was.*.*' => 'Open this page anew.',
        ];
    }

    /** @return array<int, array{float, float}> customer => what it was when the page was opened, and is to be */
    public function changed(): array
    {
        $changed = [];
        foreach ($this->array('late') as $id => $weight) {
            $was = (float) ($this->array('was')[$id] ?? 1);
            if (abs($was - (float) $weight) > 0.001) {
                $changed[(int) $id] = [$was, round((float) $weight, 2)];
            }
        }

        return $changed;
    }
}
