<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use Carbon\CarbonImmutable;

/** Blanks that are on their way. */
final class BlanksExpected extends BlanksForm
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'expected' => ['required', 'integer', 'between:1,9999'],
            'expected_on' => ['required', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+1 year'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'expected.*' => __('orders.blanks.how_many'),
            'expected_on.*' => __('orders.blanks.choose_a_day'),
        ];
    }

    public function day(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('expected_on')->value());
    }
}
