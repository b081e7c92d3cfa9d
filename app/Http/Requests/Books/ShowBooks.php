<?php

declare(strict_types=1);

namespace App\Http\Requests\Books;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

/** Which days are looked at. */
final class ShowBooks extends FormRequest
{
    private const MOST_DAYS = 92;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'from' => ['nullable', 'date_format:Y-m-d'],
            'to' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:from'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            '*.date_format' => 'Write days as year-month-day.',
            'to.after_or_equal' => 'The last day comes before the first.',
        ];
    }

    public function to(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('to')->value() ?: 'today');
    }

    /** A week before the last day, unless it is said; a quarter before it at most. */
    public function from(): CarbonImmutable
    {
        $to = $this->to();
        $from = CarbonImmutable::parse($this->string('from')->value() ?: $to->subDays(6)->toDateString());

        return $from->max($to->subDays(self::MOST_DAYS));
    }
}
