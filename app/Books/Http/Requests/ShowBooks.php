<?php

declare(strict_types=1);

namespace App\Books\Http\Requests;

use Carbon\CarbonImmutable;
use Hakama\Books\Period;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which days are looked at. */
final class ShowBooks extends FormRequest
{
    /** So many days are looked at in one, as far as nobody says otherwise; ten years at most. */
    private const DAYS = ['day' => 6, 'week' => 83, 'month' => 365, 'year' => 1826];
    private const MOST_DAYS = 3653;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'by' => ['nullable', Rule::enum(Period::class)],
            'from' => ['nullable', 'date_format:Y-m-d'],
            'to' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:from'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'by.*' => __('books.show_books.choose_day_week_month_or_year'),
            '*.date_format' => __('books.show_books.enter_days_as_year_month_day'),
            'to.after_or_equal' => __('books.show_books.the_last_day_is_before_the'),
        ];
    }

    public function to(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('to')->value() ?: 'today');
    }

    public function period(): Period
    {
        return $this->enum('by', Period::class) ?? Period::Day;
    }

    /** Unless it is said, so far back as is looked at in one; whole periods. */
    public function from(): CarbonImmutable
    {
        $to = $this->to();
        $asked = $this->string('from')->value();
        if ($asked !== '') {
            return CarbonImmutable::parse($asked)->max($to->subDays(self::MOST_DAYS));
        }
        $period = $this->period();

        return CarbonImmutable::instance($period->first($to->subDays(self::DAYS[$period->value])));
    }
}
