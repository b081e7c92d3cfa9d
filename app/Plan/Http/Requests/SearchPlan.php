<?php

declare(strict_types=1);

namespace App\Plan\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A better plan to be looked for, in the shop as it is or as it might be. */
final class SearchPlan extends FormRequest
{
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
            'iterations' => ['nullable', 'integer', 'between:100,5000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'machine.*' => 'Choose one of the machines.',
            'until.required_with' => 'Say until when it is down.',
            'until.*' => 'Until when is a time to come, within two months.',
            'hands.required_with' => 'Say how many machines more, or fewer, can be tended then.',
            'from.*' => 'Say from when, or leave it empty.',
            'to.*' => 'Until when is a time to come, after it begins, or empty.',
            'hands.*' => 'How many machines more or fewer is a whole number, at most 20.',
            'closes.*' => 'When the shop closes is a time to come, within two months.',
            'frame.*' => 'Choose one of the frames.',
            'frames.*' => 'Say how many more or fewer frames, at most 50.',
            'iterations.*' => 'Between 100 and 5 000 000 steps.',
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
}
