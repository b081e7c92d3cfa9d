<?php

declare(strict_types=1);

namespace App\Shop\Http\Requests;

use App\Machine\Models\Machine;
use Closure;
use Hakama\Calendar\Day;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A machine that is down, or in maintenance, which comes again. */
final class AddDowntime extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $overBefore = function (string $field, mixed $value, Closure $fail): void {
            [$from, $to] = array_map(fn(string $name): int|false => strtotime($this->string($name)->value()), [
                'from',
                'to',
            ]);
            if ($from !== false && $to !== false && $to - $from > Day::SECONDS * (int) $value) {
                $fail('It is not over when it comes again.');
            }
        };

        return [
            'machine' => ['required', Rule::exists('machines', 'code')],
            'from' => ['required', 'date'],
            'to' => ['required', 'date', 'after:from', 'before:+1 year'],
            'what' => ['required', 'string', 'max:80'],
            'every' => ['bail', 'nullable', 'integer', 'between:1,365', $overBefore],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'every.integer' => 'After how many days it comes again is a whole number, at most 365.',
            'every.between' => 'After how many days it comes again is a whole number, at most 365.',
            'machine.*' => 'Choose the machine.',
            'from.*' => 'Say from when.',
            'to.*' => 'Say until when; it is after it begins.',
            'what.*' => 'Say what for, in a few words.',
        ];
    }

    /** @return array<string, mixed> columns of `downtimes` */
    public function row(): array
    {
        return [
            'machine_id' => Machine::query()
                ->where('code', $this->string('machine')->value())
                ->value('id'),
            'from_at' => $this->date('from'),
            'to_at' => $this->date('to'),
            'why' => $this->string('what')->value(),
            'every_days' => $this->integer('every') ?: null,
        ];
    }
}
