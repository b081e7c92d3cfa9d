<?php

declare(strict_types=1);

namespace App\Plan\Http\Requests;

use App\Shop\Figure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A better plan to be looked for, in the shop as it is or as it might be. */
final class SearchPlan extends FormRequest
{
    /** The least and the most that it looks for. */
    private const STEPS = [100, 5_000_000];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'machine' => ['nullable', Rule::exists('machines', 'code')],
            'until' => ['nullable', 'required_with:machine', 'date', 'after:now', 'before:+60 days'],
            'hands' => ['nullable', 'integer', 'between:-20,20', 'required_with:from,to'],
            'from' => ['nullable', 'date'],
            'to' => ['nullable', 'date', 'after:now', ...$this->filled('from') ? ['after:from'] : []],
            'closes' => ['nullable', 'date', 'after:now', 'before:+60 days'],
            'frame' => ['nullable', Rule::exists('frames', 'code')],
            'frames' => ['nullable', 'required_with:frame', 'integer', 'between:-50,50'],
            'iterations' => ['nullable', 'integer', 'between:'.implode(',', self::STEPS)],
            'mend' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'machine.*' => __('plan.search_plan.choose_a_machine'),
            'until.required_with' => __('plan.search_plan.enter_until_when_it_is_down'),
            'until.*' => __('plan.search_plan.choose_a_time_within_the_next'),
            'hands.required_with' => __('plan.search_plan.enter_how_many_more_or_fewer'),
            'from.*' => __('plan.search_plan.enter_the_start_or_leave_it'),
            'to.*' => __('plan.search_plan.choose_a_later_time_or_leave'),
            'hands.*' => __('plan.search_plan.a_whole_number_at_most_20'),
            'closes.*' => __('plan.search_plan.choose_a_closing_time_within_the'),
            'frame.*' => __('plan.search_plan.choose_a_frame'),
            'frames.*' => __('plan.search_plan.enter_how_many_more_or_fewer_2'),
            'iterations.*' => __('plan.search_plan.steps', [
                'least' => Figure::words(self::STEPS[0]),
                'most' => Figure::words(self::STEPS[1]),
            ]),
        ];
    }

    /** @return array<string, mixed> as WhatIfForm reads it; empty for the shop as it is */
    public function whatIf(): array
    {
        return array_filter([
            'down' => $this->filled('machine')
                ? [$this->string('machine')->value() => $this->date('until')?->toDateTimeString()]
                : [],
            'hands' => $this->integer('hands'),
            'from' => $this->date('from')?->toDateTimeString(),
            'to' => $this->date('to')?->toDateTimeString(),
            'closes' => $this->date('closes')?->toDateTimeString(),
            'frames' => $this->filled('frame') ? [$this->string('frame')->value() => $this->integer('frames')] : [],
        ], static fn(mixed $one): bool => $one !== null && $one !== [] && $one !== 0);
    }

    /** @return int|null how long to look; null where it was not said */
    public function iterations(): ?int
    {
        return $this->integer('iterations') ?: null;
    }

    /** Only a few batches are moved, for what went wrong. */
    public function isForMending(): bool
    {
        return $this->boolean('mend');
    }
}
