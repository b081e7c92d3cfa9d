<?php

declare(strict_types=1);

namespace App\Orders\Http\Requests;

use Carbon\CarbonImmutable;
use Hakama\Garment\Size;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Blanks that are on their way. */
final class BlanksExpected extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'expected' => ['required', 'integer', 'between:1,9999'],
            'expected_on' => ['required', 'date_format:Y-m-d', 'after_or_equal:today', 'before:+1 year'],
            'size' => ['nullable', Rule::enum(Size::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'expected.*' => __('orders.blanks.how_many'),
            'expected_on.*' => __('orders.blanks.choose_a_day'),
            'size.*' => __('orders.blanks.choose_a_size'),
        ];
    }

    public function form(): string
    {
        return $this->string('id')->lower()->value();
    }

    /** '' for any. */
    public function size(): string
    {
        return $this->string('size')->value();
    }

    public function day(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('expected_on')->value());
    }
}
