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
            'late.required' => __('plan.set_lateness.nothing_to_save'),
            'late.max' => __('plan.set_lateness.at_most_500_customers_at_once'),
            'late.*.*' => __('plan.set_lateness.a_factor_from_0_1_to'),
            'was.*' => __('plan.set_lateness.reload_this_page'),
            'was.*.*' => __('plan.set_lateness.reload_this_page'),
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
